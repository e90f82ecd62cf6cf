package pteron.core.curve;

import java.util.List;
import pteron.core.geometry.Point2;

/** A smooth piece of line. Immutable. */
public sealed interface Curve permits Straight, Arc, Batten {

    /** {@return its length (mm)} */
    double lengthMm();

    /** {@return the point so far along (mm)} */
    Point2 at(double alongMm);

    /** {@return the direction there, length 1} */
    Point2 direction(double alongMm);

    /** {@return curvature there (1/mm), above 0 turning left} */
    double curvature(double alongMm);

    /** {@return lengths along between which it bends by 12° at the most, 0 first, the whole length last} */
    List<Double> stations();

    /**
     * {@return about how far along the place lies that, moved to its right, is nearest to a point (mm); near
     * enough to look for the place itself from there}
     *
     * @param point the point
     * @param rightMm how far it is moved to its right (mm), below 0 to its left
     */
    double about(Point2 point, double rightMm);

    /** {@return where it begins} */
    default Point2 from() {
        return at(0);
    }

    /** {@return where it ends} */
    default Point2 to() {
        return at(lengthMm());
    }

    /** {@return the hardest curvature without sign (1/mm), 0 where it is straight} */
    default double hardestCurvature() {
        return Math.abs(curvature(hardestMm()));
    }

    /** {@return how far along it bends hardest (mm)} */
    double hardestMm();

    /**
     * {@return places along it where its bend may be hardest (mm): where the curvature peaks, and where its slope jumps}
     */
    default List<Double> peaks() {
        return List.of(hardestMm());
    }
}
