package pteron.core.page;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Shape;
import pteron.core.drawing.Shape.Lettering.Stand;
import pteron.core.frame.Member;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;

/** The number of each piece in a ring beside it, with a line that leads to it; the shortest first, they have least choice. */
final class PieceNumbers {

    /** Where along a member its number is tried, as shares of its length. */
    private static final double[] ALONG = {0.5, 0.35, 0.65, 0.2, 0.8, 0.1, 0.9};

    /** How far beside a member its number is tried, in rings. */
    private static final double[] BESIDE = {0.8, 1.4, 2.2, 3.2, 4.5, 6};

    /** How far off its line beyond the end of a member its number is tried, in rings. */
    private static final double[] LEANS = {0, -1.5, 1.5, -3, 3};

    private final PageSheet sheet;
    private final List<Integer> unplaced = new ArrayList<>();

    PieceNumbers(PageSheet sheet) {
        this.sheet = sheet;
    }

    /** {@return the numbers for which there was no room} */
    List<Integer> draw() {
        sheet.flat()
                .sorted(Comparator.comparingDouble(piece -> piece.member().lengthMm()))
                .forEach(this::number);
        return unplaced;
    }

    /** A place for a number, and the point of the member that it leads to. */
    private record Spot(Point2 at, Point2 on) {
        Bounds2 room(double ring) {
            return new Bounds2(
                    at.u() - ring / 2, at.u() + ring / 2, at.v() - ring / 2, at.v() + ring / 2);
        }
    }

    private void number(Piece piece) {
        String text = String.valueOf(piece.number());
        double ring = sheet.words(0, 0, text, Stand.RINGED).ringMm();
        List<Spot> spots = spots(piece.member(), ring);
        Optional<Bounds2> free =
                sheet.placer().place(spots.stream().map(spot -> spot.room(ring)).toList());
        free.flatMap(room -> spots.stream().filter(one -> one.room(ring).equals(room)).findFirst())
                .ifPresentOrElse(
                        spot -> number(spot, text, ring), () -> unplaced.add(piece.number()));
    }

    private void number(Spot spot, String text, double ring) {
        Point2 edge = spot.at.plus(spot.on.minus(spot.at).unit().times(ring / 2));
        sheet.shapes().add(new Shape.Line(List.of(edge, spot.on), LineKind.HELP));
        sheet.shapes().add(sheet.words(spot.at.u(), spot.at.v(), text, Stand.RINGED));
    }

    private static List<Spot> spots(Member member, double ring) {
        Point2 axis = member.axis();
        Point2 side = axis.leftNormal();
        double low = -member.profile().reach(axis.times(-1));
        double high = member.profile().reach(axis);
        double across = (member.profile().reach(side) - member.profile().reach(side.times(-1))) / 2;
        double half = member.section().thicknessMm() / 2;
        List<Spot> spots = new ArrayList<>();
        for (double beside : BESIDE) {
            for (double share : ALONG) {
                Point2 on = axis.times(low + share * (high - low)).plus(side.times(across));
                spots.add(new Spot(on.plus(side.times(-half - beside * ring)), on));
                spots.add(new Spot(on.plus(side.times(half + beside * ring)), on));
            }
            Point2 middle = axis.times((low + high) / 2).plus(side.times(across));
            beyond(middle, axis, (high - low) / 2 + (beside + 1) * ring, ring, spots);
        }
        return spots;
    }

    /** Places beyond both ends of a member, off its line too. */
    private static void beyond(
            Point2 middle, Point2 axis, double far, double ring, List<Spot> spots) {
        Point2 side = axis.leftNormal();
        for (double lean : LEANS) {
            Point2 aside = middle.plus(side.times(lean * ring));
            spots.add(new Spot(aside.plus(axis.times(-far)), middle));
            spots.add(new Spot(aside.plus(axis.times(far)), middle));
        }
    }
}
