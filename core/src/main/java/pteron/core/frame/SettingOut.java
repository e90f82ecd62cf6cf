package pteron.core.frame;

import java.util.ArrayList;
import java.util.List;
import pteron.core.geometry.Bounds2;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.quantity.Require;
import pteron.core.quantity.Tolerance;
import pteron.core.shell.Panel;
import pteron.core.shell.Skin;

/**
 * Where the middles of members and the rows of blocks lie in a panel. Immutable.
 *
 * @param middles middles of the members (u, mm), rising
 * @param outerRows rows on which outer sheets meet end to end (v, mm), rising
 * @param innerRows rows on which inner sheets meet end to end (v, mm), rising
 */
public record SettingOut(List<Double> middles, List<Double> outerRows, List<Double> innerRows) {

    /** Least height of the last course of sheets (mm); common practice: no slivers. */
    private static final double LAST_COURSE_MM = 200;

    /** Copies the lists. */
    public SettingOut {
        middles = List.copyOf(middles);
        outerRows = List.copyOf(outerRows);
        innerRows = List.copyOf(innerRows);
    }

    /**
     * Spacing that divides a sheet evenly.
     *
     * <pre>  s = B / ceil(B / most)  </pre>
     *
     * B width of a sheet (mm), most greatest spacing (mm). So both edges of every sheet fall on the
     * middle of a member.
     *
     * <p>Source: common practice.
     *
     * <p>Example: sheets of 1220 mm and at most 600 mm give 406.667 mm.
     */
    public static double spacing(double sheetMm, double mostMm) {
        Require.positive("sheet width", sheetMm, "mm");
        Require.positive("greatest spacing", mostMm, "mm");
        return sheetMm / Math.ceil(sheetMm / mostMm - Tolerance.DIRECTION);
    }

    static SettingOut of(Panel panel, MaterialLibrary library) {
        Skin guide = panel.skins().getFirst();
        Bounds2 frame = panel.frame().bounds();
        double start = guide.area().bounds().fromU();
        double spacing = spacing(sheetWidth(guide, library), panel.members().spacingMm());
        List<Double> middles = new ArrayList<>();
        double width = sheetWidth(guide, library);
        double crowded = frame.toU() - 2 * panel.members().section().thicknessMm();
        for (int k = 1; start + k * spacing < frame.toU(); k++) {
            double middle = start + k * spacing;
            boolean onSheetEdge = k % Math.round(width / spacing) == 0;
            // beside the last post a member without a sheet's edge on it carries nothing
            if (middle < crowded || onSheetEdge) {
                middles.add(middle);
            }
        }
        Skin inner = panel.skins().getLast();
        return new SettingOut(middles, rows(panel, guide, library), rows(panel, inner, library));
    }

    private static List<Double> rows(Panel panel, Skin skin, MaterialLibrary library) {
        if (skin.laying().isWhole()) {
            return List.of();
        }
        double least = Double.POSITIVE_INFINITY;
        double lowest = Double.POSITIVE_INFINITY;
        double highest = Double.NEGATIVE_INFINITY;
        for (Skin other : panel.skins()) {
            least = Math.min(least, sheetLength(other, library));
            lowest = Math.min(lowest, other.area().bounds().fromV());
            highest = Math.max(highest, other.area().bounds().toV());
        }
        Bounds2 area = skin.area().bounds();
        int pieces = skin.laying().up();
        double from = pieces > 1 ? area.fromV() : lowest;
        double each = ((pieces > 1 ? area.toV() : highest) - from) / pieces;
        List<Double> rows = new ArrayList<>();
        for (int piece = 0; piece < pieces; piece++) {
            if (piece > 0) {
                rows.add(from + piece * each);
            }
            double to = from + (piece + 1) * each;
            courses(from + piece * each, to, least, skin.laying().isStaggered(), rows);
        }
        rows.removeIf(row -> row <= area.fromV() || row >= area.toV());
        return rows;
    }

    /** Rows between the courses of sheets in one piece. */
    private static void courses(
            double from, double to, double sheetMm, boolean staggered, List<Double> rows) {
        double step = staggered ? sheetMm / 2 : sheetMm;
        double row = from;
        while (row + step < to - Tolerance.TOUCH.lengthMm()) {
            // the last course keeps clear of what backs the edge itself, where sheets are longer
            // than that
            double clear = to - LAST_COURSE_MM;
            row = row + step > clear && clear > row ? clear : row + step;
            rows.add(row);
            step = sheetMm;
        }
    }

    /** {@return width of the sheets of a skin (mm)} */
    public static double sheetWidth(Skin skin, MaterialLibrary library) {
        return library.get(skin.layer().material()).value(Property.SHEET_WIDTH);
    }

    /** {@return length of the sheets of a skin (mm)} */
    public static double sheetLength(Skin skin, MaterialLibrary library) {
        Material material = library.get(skin.layer().material());
        return material.value(Property.SHEET_LENGTH);
    }
}
