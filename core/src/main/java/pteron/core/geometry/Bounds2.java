package pteron.core.geometry;

import java.util.List;

/**
 * An upright rectangle. Immutable.
 *
 * @param fromU least u (mm)
 * @param toU greatest u (mm)
 * @param fromV least v (mm)
 * @param toV greatest v (mm)
 */
public record Bounds2(double fromU, double toU, double fromV, double toV) {

    /** {@return its width along u (mm)} */
    public double width() {
        return toU - fromU;
    }

    /** {@return its height along v (mm)} */
    public double height() {
        return toV - fromV;
    }

    /** {@return this rectangle grown on every side (mm)} */
    public Bounds2 grown(double byMm) {
        return grown(byMm, byMm);
    }

    /** {@return this rectangle grown sideways and up and down (mm)} */
    public Bounds2 grown(double byU, double byV) {
        return new Bounds2(fromU - byU, toU + byU, fromV - byV, toV + byV);
    }

    /** {@return whether the rectangles share more than an edge} */
    public boolean overlaps(Bounds2 other) {
        return fromU < other.toU && other.fromU < toU && fromV < other.toV && other.fromV < toV;
    }

    /** {@return whether the rectangles share an edge or more} */
    public boolean touches(Bounds2 other) {
        return fromU <= other.toU && other.fromU <= toU && fromV <= other.toV && other.fromV <= toV;
    }

    /** {@return whether the other lies in this and nowhere at its edge} */
    public boolean surrounds(Bounds2 other) {
        return fromU < other.fromU && toU > other.toU && fromV < other.fromV && toV > other.toV;
    }

    /** {@return whether the other lies in this, the edge included} */
    boolean covers(Bounds2 other) {
        return fromU <= other.fromU && toU >= other.toU && fromV <= other.fromV && toV >= other.toV;
    }

    /** {@return whether this reaches over the other from side to side or from below to above} */
    boolean spans(Bounds2 other) {
        return fromU <= other.fromU && toU >= other.toU || fromV <= other.fromV && toV >= other.toV;
    }

    /** {@return what lies in both; of no width or height where they do not meet} */
    Bounds2 shared(Bounds2 other) {
        return new Bounds2(
                Math.max(fromU, other.fromU),
                Math.min(toU, other.toU),
                Math.max(fromV, other.fromV),
                Math.min(toV, other.toV));
    }

    /** {@return what a rectangle that {@link #spans} this leaves of it, with nothing where it ends} */
    List<Bounds2> rests(Bounds2 cut) {
        boolean sideways = cut.fromV <= fromV && cut.toV >= toV;
        return sideways
                ? List.of(
                        new Bounds2(fromU, cut.fromU, fromV, toV),
                        new Bounds2(cut.toU, toU, fromV, toV))
                : List.of(
                        new Bounds2(fromU, toU, fromV, cut.fromV),
                        new Bounds2(fromU, toU, cut.toV, toV));
    }

    /** {@return the middle} */
    public Point2 middle() {
        return new Point2((fromU + toU) / 2, (fromV + toV) / 2);
    }
}
