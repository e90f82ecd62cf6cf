package pteron.core.skin;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.material.MaterialLibrary;
import pteron.core.surface.Surface;

/**
 * Pieces of the strip that come off a roll in one: where one goes on into the next without a corner, the sheet is not
 * cut.
 */
public final class OnePiece {

    /** Cosine of the turn up to which two pieces go on into each other: a degree. */
    private static final double SMOOTH = 0.99985;

    /** As near two ends lie, their skins' thicknesses apart (mm). */
    private static final double NEAR_MM = 10;

    private OnePiece() {}

    /** {@return the pieces that come off a roll, those together that are one sheet, from the front to the rear} */
    public static List<List<SheetPiece>> of(List<SheetPiece> pieces, MaterialLibrary library) {
        List<List<SheetPiece>> sheets = new ArrayList<>();
        for (SheetPiece piece : pieces) {
            if (Roll.of(piece.skin(), library).isEmpty()) {
                continue;
            }
            boolean goesOn = !sheets.isEmpty() && goesOn(sheets.getLast().getLast(), piece);
            if (goesOn) {
                sheets.getLast().add(piece);
            } else {
                sheets.add(new ArrayList<>(List.of(piece)));
            }
        }
        return sheets;
    }

    /** {@return with which other pieces each is one sheet, by name; only those that are} */
    public static Map<String, List<SheetPiece>> with(
            List<SheetPiece> pieces, MaterialLibrary library) {
        Map<String, List<SheetPiece>> with = new TreeMap<>();
        of(pieces, library).stream()
                .filter(sheet -> sheet.size() > 1)
                .forEach(sheet -> sheet.forEach(piece -> with.put(piece.name(), sheet)));
        return with;
    }

    /** {@return length that one sheet takes off the roll (mm)} */
    static double takesMm(List<SheetPiece> sheet, Roll roll) {
        return sheet.size() == 1
                ? roll.takes(sheet.getFirst().cutShape().bounds())
                : sheet.stream().mapToDouble(OnePiece::alongMm).sum();
    }

    private static double alongMm(SheetPiece piece) {
        Bounds2 flat = piece.cutShape().bounds();
        return piece.panel().isAcross() ? flat.width() : flat.height();
    }

    private static boolean goesOn(SheetPiece one, SheetPiece next) {
        boolean alike =
                one.skin().layer().equals(next.skin().layer())
                        && one.skin().crown().equals(next.skin().crown());
        return alike
                && ends(one).stream()
                        .anyMatch(a -> ends(next).stream().anyMatch(b -> a.goesOnInto(b)));
    }

    /**
     * The middle of an end across the box.
     *
     * @param at where
     * @param inward which way the box lies
     */
    private record End(Point3 at, Point3 inward) {
        boolean goesOnInto(End other) {
            return at.distance(other.at) < NEAR_MM && inward.dot(other.inward) > SMOOTH;
        }
    }

    private static List<End> ends(SheetPiece piece) {
        Surface surface = piece.panel().surface();
        Bounds2 area = piece.skin().area().bounds();
        Point2 middle = area.middle();
        boolean across = piece.panel().isAcross();
        List<Point2> places =
                across
                        ? List.of(
                                new Point2(area.fromU(), middle.v()),
                                new Point2(area.toU(), middle.v()))
                        : List.of(
                                new Point2(middle.u(), area.fromV()),
                                new Point2(middle.u(), area.toV()));
        return places.stream()
                .map(
                        place ->
                                new End(
                                        surface.at(place, piece.skin().fromInwardMm()),
                                        surface.inward(place)))
                .toList();
    }
}
