package pteron.core.skin;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pteron.core.buildup.Layer;
import pteron.core.frame.SettingOut;
import pteron.core.geometry.Bounds2;
import pteron.core.material.MaterialLibrary;
import pteron.core.quantity.Tolerance;

/** Counts whole sheets: pieces side by side across a sheet, the widest first. */
final class SheetCount {

    private SheetCount() {}

    static List<SheetOrder> orders(
            List<SheetPiece> pieces, MaterialLibrary library, double kerfMm) {
        Map<Layer, List<SheetPiece>> byLayer = new LinkedHashMap<>();
        pieces.forEach(
                piece ->
                        byLayer.computeIfAbsent(piece.skin().layer(), layer -> new ArrayList<>())
                                .add(piece));
        return byLayer.values().stream().map(group -> order(group, library, kerfMm)).toList();
    }

    private static SheetOrder order(
            List<SheetPiece> pieces, MaterialLibrary library, double kerfMm) {
        Layer layer = pieces.getFirst().skin().layer();
        double width = SettingOut.sheetWidth(pieces.getFirst().skin(), library);
        double length = SettingOut.sheetLength(pieces.getFirst().skin(), library);
        return new SheetOrder(
                layer.material(),
                layer.thicknessMm(),
                width,
                length,
                pieces.size(),
                sheets(pieces, width, kerfMm));
    }

    /**
     * Sheets needed when pieces of full sheet length lie side by side: first fit, widest first. That
     * takes at most 11/9 of the fewest possible, and one more (Johnson 1973); pieces are not laid above
     * each other, so it errs on the large side.
     */
    private static int sheets(List<SheetPiece> pieces, double width, double kerfMm) {
        List<Double> left = new ArrayList<>();
        List<Double> widths =
                pieces.stream()
                        .map(piece -> piece.cutShape().bounds())
                        .map(Bounds2::width)
                        .sorted(Comparator.reverseOrder())
                        .toList();
        for (double piece : widths) {
            int sheet = 0;
            while (sheet < left.size() && left.get(sheet) < piece - Tolerance.TOUCH.lengthMm()) {
                sheet++;
            }
            if (sheet == left.size()) {
                left.add(width);
            }
            left.set(sheet, left.get(sheet) - piece - kerfMm);
        }
        return left.size();
    }
}
