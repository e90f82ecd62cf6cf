package pteron.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pteron.core.geometry.Bounds2;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.quantity.Require;
import pteron.core.quantity.Tolerance;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
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

    /** Rows of two faces nearer than that leave no room for two blocks (mm): about two of them. */
    private static final double NEAR_MM = 120;

    /** Sheets narrower than so many bars are no sheets: their seams get no bars of their own. */
    private static final double NARROW_SHEET_BARS = 4;

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
        Skin outer = panel.skins().getFirst();
        Skin inner = panel.skins().getLast();
        List<Double> middles = middles(panel, isBoarded(outer, library) ? inner : outer, library);
        if (wantsBars(panel)) {
            addUnderSeams(panel, library, middles);
        }
        List<Double> outerRows = rows(panel, outer, library);
        List<Double> innerRows = rows(panel, inner, library);
        return new SettingOut(
                middles,
                isBoarded(outer, library) ? joined(outerRows, innerRows) : outerRows,
                isBoarded(inner, library) ? joined(innerRows, outerRows) : innerRows);
    }

    /** {@return middles of the members: evenly under the sheets of one face, from where it begins} */
    private static List<Double> middles(Panel panel, Skin guide, MaterialLibrary library) {
        Bounds2 frame = panel.frame().bounds();
        double start = guide.area().bounds().fromU();
        // boards alone ask for no more than members evenly apart
        double width =
                isBoarded(guide, library)
                        ? guide.area().bounds().width()
                        : guideWidth(panel, guide, library);
        double spacing = spacing(width, panel.members().spacingMm());
        List<Double> middles = new ArrayList<>();
        double touching = frame.toU() - 1.5 * panel.members().section().thicknessMm();
        for (int k = 1; start + k * spacing < frame.toU(); k++) {
            double middle = start + k * spacing;
            boolean onSheetEdge = k % Math.round(width / spacing) == 0;
            // what would reach into the last post is left out; any other keeps the bay below the
            // spacing that was asked for
            if (middle <= touching || onSheetEdge) {
                middles.add(middle);
            }
        }
        return middles;
    }

    /** Bars of a bonded panel stand under the seams of both faces: they follow the narrower sheets. */
    private static double guideWidth(Panel panel, Skin guide, MaterialLibrary library) {
        double width = sheetWidth(guide, library);
        return wantsBars(panel)
                ? seamed(panel, library)
                        .mapToDouble(skin -> sheetWidth(skin, library))
                        .reduce(width, Math::min)
                : width;
    }

    /** {@return whether seams need bars: a floor's top lies on what is under it, its seams staggered} */
    private static boolean wantsBars(Panel panel) {
        return panel.isBonded() && panel.kind() != PanelKind.FLOOR;
    }

    /** Faces of sheets with seams between them; sheets hardly wider than bars would leave no room for foam. */
    private static Stream<Skin> seamed(Panel panel, MaterialLibrary library) {
        double narrow = NARROW_SHEET_BARS * panel.members().section().thicknessMm();
        return panel.skins().stream()
                .filter(skin -> !isBoarded(skin, library) && !skin.laying().isWhole())
                .filter(skin -> sheetWidth(skin, library) > narrow);
    }

    /** A seam of a bonded panel with no bar in its reach gets one: with half a sheet first, or past an end. */
    private static void addUnderSeams(Panel panel, MaterialLibrary library, List<Double> middles) {
        seamed(panel, library)
                .forEach(
                        skin -> {
                            double sheet = sheetWidth(skin, library);
                            Optional<Double> bare = bare(skin, sheet, middles);
                            while (bare.isPresent()) {
                                middles.add(bare.get());
                                bare = bare(skin, sheet, middles);
                            }
                        });
        middles.sort(null);
    }

    private static Optional<Double> bare(Skin skin, double sheetMm, List<Double> middles) {
        return new SheetColumns(skin, sheetMm, middles).withoutMember();
    }

    /** Boards are fixed wherever there is a row: one near a row of the other face is that row. */
    private static List<Double> joined(List<Double> boards, List<Double> others) {
        return boards.stream()
                .map(
                        row ->
                                others.stream()
                                        .filter(other -> Math.abs(other - row) < NEAR_MM)
                                        .findFirst()
                                        .orElse(row))
                .toList();
    }

    private static boolean isBoarded(Skin skin, MaterialLibrary library) {
        return Boarding.of(skin, library).isPresent();
    }

    private static List<Double> rows(Panel panel, Skin skin, MaterialLibrary library) {
        Optional<Boarding> boards = Boarding.of(skin, library);
        if (boards.isPresent()) {
            Bounds2 frame = panel.frame().bounds();
            return boards.get().rows(frame.fromV(), frame.toV(), panel.members().spacingMm());
        }
        if (skin.laying().isWhole()) {
            return List.of();
        }
        return sheetRows(panel, skin, library);
    }

    /** Rows of sheets: both faces of a panel share theirs. */
    private static List<Double> sheetRows(Panel panel, Skin skin, MaterialLibrary library) {
        double least = Double.POSITIVE_INFINITY;
        double lowest = Double.POSITIVE_INFINITY;
        double highest = Double.NEGATIVE_INFINITY;
        for (Skin other : panel.skins()) {
            if (!isBoarded(other, library)) {
                least = Math.min(least, sheetLength(other, library));
                lowest = Math.min(lowest, other.area().bounds().fromV());
                highest = Math.max(highest, other.area().bounds().toV());
            }
        }
        Bounds2 face = skin.area().bounds();
        int pieces = skin.laying().up();
        double from = pieces > 1 ? face.fromV() : lowest;
        double each = ((pieces > 1 ? face.toV() : highest) - from) / pieces;
        List<Double> rows = new ArrayList<>();
        for (int piece = 0; piece < pieces; piece++) {
            if (piece > 0) {
                rows.add(from + piece * each);
            }
            double to = from + (piece + 1) * each;
            courses(from + piece * each, to, least, skin.laying().isStaggered(), rows);
        }
        rows.removeIf(row -> row <= face.fromV() || row >= face.toV());
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
