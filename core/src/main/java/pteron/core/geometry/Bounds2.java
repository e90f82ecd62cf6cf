package pteron.core.geometry;

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

    /** {@return the middle} */
    public Point2 middle() {
        return new Point2((fromU + toU) / 2, (fromV + toV) / 2);
    }

    /** {@return the rectangle as a polygon} */
    public Polygon2 polygon() {
        return Polygon2.rectangle(this);
    }
}
