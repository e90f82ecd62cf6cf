package pteron.core.skin;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pteron.core.buildup.Layer;
import pteron.core.frame.Boarding;
import pteron.core.frame.SettingOut;
import pteron.core.geometry.Bounds2;
import pteron.core.material.MaterialLibrary;
import pteron.core.quantity.Tolerance;
import pteron.core.shell.Skin;

/** Counts whole sheets: pieces side by side across a sheet, the widest first. */
final class SheetCount {

    private SheetCount() {}

    /** What is bought together. */
    private record Lot(Layer layer, boolean roll) {}

    static List<SheetOrder> orders(
            List<SheetPiece> pieces, MaterialLibrary library, double kerfMm) {
        Map<Lot, List<SheetPiece>> lots = new LinkedHashMap<>();
        for (SheetPiece piece : pieces) {
            boolean roll = Roll.of(piece.skin(), library).isPresent();
            lots.computeIfAbsent(new Lot(piece.skin().layer(), roll), lot -> new ArrayList<>())
                    .add(piece);
        }
        List<SheetOrder> orders = new ArrayList<>();
        lots.forEach(
                (lot, group) ->
                        orders.add(
                                lot.roll
                                        ? roll(group, library)
                                        : Boarding.of(group.getFirst().skin(), library)
                                                .map(boards -> boards(group, boards, kerfMm))
                                                .orElseGet(() -> order(group, library, kerfMm))));
        return orders;
    }

    /** Lengths one after the other off boards: first fit, longest first. */
    private static SheetOrder boards(List<SheetPiece> pieces, Boarding boards, double kerfMm) {
        Layer layer = pieces.getFirst().skin().layer();
        List<Double> lengths =
                pieces.stream()
                        .map(piece -> piece.cutShape().bounds())
                        .map(size -> boards.upright() ? size.height() : size.width())
                        .toList();
        return new SheetOrder(
                layer.material(),
                layer.thicknessMm(),
                SheetOrder.Form.BOARDS,
                boards.widthMm(),
                boards.lengthMm(),
                pieces.size(),
                firstFit(lengths, boards.lengthMm(), kerfMm));
    }

    private static SheetOrder roll(List<SheetPiece> pieces, MaterialLibrary library) {
        Skin skin = pieces.getFirst().skin();
        Roll roll = Roll.of(skin, library).orElseThrow();
        List<List<SheetPiece>> sheets = OnePiece.of(pieces, library);
        double length = sheets.stream().mapToDouble(sheet -> OnePiece.takesMm(sheet, roll)).sum();
        return new SheetOrder(
                skin.layer().material(),
                skin.layer().thicknessMm(),
                SheetOrder.Form.ROLL,
                roll.widthMm(),
                length,
                sheets.size(),
                1);
    }

    private static SheetOrder order(
            List<SheetPiece> pieces, MaterialLibrary library, double kerfMm) {
        Layer layer = pieces.getFirst().skin().layer();
        double width = SettingOut.sheetWidth(pieces.getFirst().skin(), library);
        double length = SettingOut.sheetLength(pieces.getFirst().skin(), library);
        List<SheetPiece> whole = pieces.stream().filter(p -> p.skin().laying().isWhole()).toList();
        List<SheetPiece> others =
                pieces.stream().filter(p -> !p.skin().laying().isWhole()).toList();
        int gluedUp =
                whole.stream()
                        .map(piece -> piece.cutShape().bounds())
                        .mapToInt(size -> gluedUp(size, width, length))
                        .sum();
        return new SheetOrder(
                layer.material(),
                layer.thicknessMm(),
                SheetOrder.Form.SHEETS,
                width,
                length,
                pieces.size(),
                gluedUp + sheets(others, width, kerfMm));
    }

    /** {@return how many sheets one large piece is glued up from, laid the way that takes fewer} */
    static int gluedUp(Bounds2 piece, double width, double length) {
        return Math.min(
                count(piece.width(), width) * count(piece.height(), length),
                count(piece.width(), length) * count(piece.height(), width));
    }

    private static int count(double piece, double sheet) {
        return Math.max(1, (int) Math.ceil((piece - Tolerance.TOUCH.lengthMm()) / sheet));
    }

    /**
     * Sheets needed when pieces of full sheet length lie side by side: first fit, widest first. That
     * takes at most 11/9 of the fewest possible, and one more (Johnson 1973); pieces are not laid above
     * each other, so it errs on the large side.
     */
    private static int sheets(List<SheetPiece> pieces, double width, double kerfMm) {
        return firstFit(
                pieces.stream()
                        .map(piece -> piece.cutShape().bounds())
                        .map(Bounds2::width)
                        .toList(),
                width,
                kerfMm);
    }

    private static int firstFit(List<Double> sizes, double stockMm, double kerfMm) {
        List<Double> left = new ArrayList<>();
        for (double piece : sizes.stream().sorted(Comparator.reverseOrder()).toList()) {
            int sheet = 0;
            while (sheet < left.size() && left.get(sheet) < piece - Tolerance.TOUCH.lengthMm()) {
                sheet++;
            }
            if (sheet == left.size()) {
                left.add(stockMm);
            }
            left.set(sheet, left.get(sheet) - piece - kerfMm);
        }
        return left.size();
    }
}
