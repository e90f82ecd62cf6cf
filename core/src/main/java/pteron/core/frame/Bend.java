package pteron.core.frame;

import java.util.DoubleSummaryStatistics;
import java.util.Optional;
import pteron.core.buildup.Section;
import pteron.core.curve.Beside;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.material.Material;
import pteron.core.material.Property;
import pteron.core.mechanics.BendWay;
import pteron.core.mechanics.KerfBend;
import pteron.core.mechanics.LaminatedBend;
import pteron.core.mechanics.RolledBend;
import pteron.core.mechanics.SawnBend;
import pteron.core.plan.Joining.Curves;
import pteron.core.plan.MakeUp.Bends;

/**
 * How a member follows a curve. Immutable.
 *
 * @param lengthMm along its long side (mm)
 * @param leastRadiusMm where it bends hardest, on its inner side (mm)
 * @param startDegrees angle of its first end from a square cut (degrees)
 * @param endDegrees angle of its other end (degrees)
 * @param way how it is made, empty where it is sawn to the bend in one piece
 */
public record Bend(
        double lengthMm,
        double leastRadiusMm,
        double startDegrees,
        double endDegrees,
        Optional<BendWay> way) {

    /** Radius past which nothing is bent that is that long (mm): a hundred metres. */
    private static final double STRAIGHT_MM = 1e5;

    /** Board that curved pieces are sawn from (mm): common practice. */
    public static final double BOARD_MM = 140;

    /** Share of the thickness that stays under a cut at the most; common practice: less than half. */
    private static final double LEFT = 0.45;

    /**
     * How bends are made.
     *
     * @param bends the way of timber
     * @param curves the way of tubes
     * @param kerfMm width of the saw's cut (mm)
     */
    record Making(Bends bends, Curves curves, double kerfMm) {}

    /**
     * {@return the bend of a piece that lies along a line, to its right}
     *
     * @param stuff timber, or the metal of a tube
     */
    static Bend of(Polygon2 piece, Beside line, Section section, Material stuff, Making making) {
        double thicknessMm = section.thicknessMm();
        DoubleSummaryStatistics outer = new DoubleSummaryStatistics();
        DoubleSummaryStatistics within = new DoubleSummaryStatistics();
        for (Point2 corner : piece.corners()) {
            double along = line.nearest(corner);
            double right = line.at(along).minus(corner).dot(line.direction(along).leftNormal());
            (right < thicknessMm / 2 ? outer : within).accept(along);
        }
        double outFrom = outer.getMin();
        double outTo = outer.getMax();
        double inFrom = within.getMin();
        double inTo = within.getMax();
        Beside inner = line.movedRight(thicknessMm);
        double length = Math.max(line.lengthMm(outFrom, outTo), inner.lengthMm(inFrom, inTo));
        double radius = radius(line, outFrom, outTo, thicknessMm);
        double turn = turn(line, outFrom, outTo);
        BendWay way =
                section.isTube()
                        ? tube(making, section, radius, turn)
                        : way(making, glued(thicknessMm, radius, stuff), length, turn);
        return new Bend(
                length,
                radius,
                Math.toDegrees(Math.atan2(inFrom - outFrom, thicknessMm)),
                Math.toDegrees(Math.atan2(inTo - outTo, thicknessMm)),
                Optional.of(way));
    }

    private static LaminatedBend glued(double thicknessMm, double radiusMm, Material timber) {
        return new LaminatedBend(
                thicknessMm,
                radiusMm,
                timber.value(Property.BENDING),
                timber.value(Property.MODULUS));
    }

    /** Notches saw through three walls of a tube; the fourth stays and bends. */
    private static BendWay tube(
            Making making, Section section, double radiusMm, double turnDegrees) {
        double thickness = section.thicknessMm();
        return switch (making.curves) {
            case ROLLED -> new RolledBend(thickness, radiusMm);
            case NOTCHED ->
                    kerfed(making, turnDegrees, radiusMm + thickness, thickness, section.wallMm());
        };
    }

    private static KerfBend kerfed(
            Making making, double turn, double outside, double thickness, double left) {
        return new KerfBend(
                Math.clamp(turn, 0.1, 180),
                Math.min(outside, STRAIGHT_MM),
                thickness,
                left,
                Math.max(0.1, making.kerfMm));
    }

    private static BendWay way(
            Making making, LaminatedBend glued, double lengthMm, double turnDegrees) {
        double thickness = glued.thicknessMm();
        double outside = Math.min(glued.radiusMm() + thickness, STRAIGHT_MM);
        return switch (making.bends) {
            case GLUED -> glued;
            case SAWN ->
                    new SawnBend(thickness, Math.max(BOARD_MM, 2 * thickness), outside, lengthMm);
            case KERFED ->
                    kerfed(
                            making,
                            turnDegrees,
                            outside,
                            thickness,
                            Math.min(glued.thickestMm(), LEFT * thickness));
        };
    }

    private static double turn(Beside line, double from, double to) {
        Point2 before = line.direction(from);
        Point2 after = line.direction(to);
        return Math.toDegrees(Math.atan2(Math.abs(before.cross(after)), before.dot(after)));
    }

    private static double radius(Beside line, double from, double to, double thicknessMm) {
        double least = STRAIGHT_MM;
        for (double s : line.places(from, to, 1)) {
            double bend = s < 0 || s > line.curve().lengthMm() ? 0 : line.curve().curvature(s);
            if (bend != 0) {
                double middle = 1 / bend + line.rightMm();
                least = Math.min(least, Math.min(Math.abs(middle), Math.abs(middle + thicknessMm)));
            }
        }
        return least;
    }
}
