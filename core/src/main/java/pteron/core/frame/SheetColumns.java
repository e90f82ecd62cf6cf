package pteron.core.frame;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import pteron.core.geometry.Bounds2;
import pteron.core.quantity.Tolerance;
import pteron.core.shell.Skin;

/**
 * Where the sheets of a face meet side by side: on members where some stand in reach. Immutable.
 *
 * @param skin the face
 * @param sheetMm width of its sheets (mm), above 0
 * @param middles middles of the members behind it (u, mm)
 */
public record SheetColumns(Skin skin, double sheetMm, List<Double> middles) {

    /** Narrowest strip of a sheet that is worth fixing (mm); common practice: no slivers. */
    public static final double NARROWEST_MM = 100;

    /** Copies the list. */
    public SheetColumns {
        middles = List.copyOf(middles);
    }

    /** {@return the seams (u, mm), rising; none of a face in one piece} */
    public List<Double> seams() {
        if (skin.laying().isWhole()) {
            return List.of();
        }
        Bounds2 area = skin.area().bounds();
        List<Double> seams = new ArrayList<>();
        double from = area.fromU();
        for (double to : pieceEnds()) {
            between(from, to, seams);
            if (to < area.toU()) {
                seams.add(to);
            }
            from = to;
        }
        return seams;
    }

    /** {@return the first seam with no member under it, empty where all have one} */
    Optional<Double> withoutMember() {
        return seams().stream()
                .filter(
                        seam ->
                                middles.stream()
                                        .noneMatch(
                                                middle ->
                                                        Math.abs(middle - seam)
                                                                < Tolerance.TOUCH.lengthMm()))
                .findFirst();
    }

    /** {@return where the pieces end that the face is made of, from least u: on a member where one is near} */
    private List<Double> pieceEnds() {
        Bounds2 area = skin.area().bounds();
        double each = area.width() / skin.laying().across();
        List<Double> ends = new ArrayList<>();
        double from = area.fromU();
        for (int piece = 1; piece < skin.laying().across(); piece++) {
            double even = area.fromU() + each * piece;
            double least = from + NARROWEST_MM;
            OptionalDouble middle = nearestMiddle(even, least, area.toU() - NARROWEST_MM);
            if (middle.isPresent()) {
                from = middle.getAsDouble();
                ends.add(from);
            }
        }
        ends.add(area.toU());
        return ends;
    }

    /** {@return width of the widest piece that the face is made of, sheets in it not counted (mm)} */
    public double widestPieceMm() {
        double from = skin.area().bounds().fromU();
        double widest = 0;
        for (double to : pieceEnds()) {
            widest = Math.max(widest, to - from);
            from = to;
        }
        return widest;
    }

    /** Seams between the sheets of one piece. */
    private void between(double from, double to, List<Double> seams) {
        double start = from;
        double reach = skin.laying().isStaggered() ? sheetMm / 2 : sheetMm;
        while (start + reach < to - Tolerance.TOUCH.lengthMm()) {
            start = farthestMiddle(start, upTo(start, start + reach, to));
            seams.add(start);
            reach = sheetMm;
        }
    }

    /** {@return the member nearest to a place, empty where none stands between two others} */
    private OptionalDouble nearestMiddle(double place, double least, double most) {
        return middles.stream()
                .filter(middle -> middle > least && middle < most)
                .min(Comparator.comparingDouble(middle -> Math.abs(middle - place)))
                .map(OptionalDouble::of)
                .orElseGet(OptionalDouble::empty);
    }

    /** Leaves no sliver at the end, unless the sheets are boards that are hardly wider than one. */
    private static double upTo(double start, double sheetEnds, double wallEnds) {
        double unslivered = wallEnds - NARROWEST_MM;
        boolean sliver = sheetEnds > unslivered;
        return sliver && unslivered > start + NARROWEST_MM ? unslivered : sheetEnds;
    }

    private double farthestMiddle(double after, double upTo) {
        return middles.stream()
                .mapToDouble(Double::doubleValue)
                .filter(middle -> middle > after + 1 && middle <= upTo + Tolerance.TOUCH.lengthMm())
                .max()
                .orElse(upTo);
    }
}
