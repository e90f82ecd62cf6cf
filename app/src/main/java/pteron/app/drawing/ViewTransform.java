package pteron.app.drawing;

import pteron.core.drawing.Dimension.Side;
import pteron.core.drawing.Drawing;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;

/**
 * Between mm of a view, v upwards, and pixels, y downwards. Immutable.
 *
 * @param scale pixels for a mm, above 0
 * @param left x of u = 0 (pixels)
 * @param ground y of v = 0 (pixels)
 */
record ViewTransform(double scale, double left, double ground) {

    /** How small a mm may be drawn (pixels): a truck of 10 m the size of a thumb nail. */
    private static final double FARTHEST = 0.002;

    /** How large a mm may be drawn (pixels): thick as a finger. */
    private static final double NEAREST = 60;

    /** Distance between rows of dimensions (pixels). */
    static final double ROW = 27;

    /** Distance of the first row from the drawing (pixels). */
    static final double FIRST_ROW = 24;

    private static final double EDGE = 20;

    /** {@return the transform that fits a drawing and its dimensions into a room (pixels)} */
    static ViewTransform fitting(Drawing drawing, double width, double height) {
        Bounds2 bounds = drawing.bounds();
        double left = room(drawing, Side.LEFT);
        double right = room(drawing, Side.RIGHT);
        double top = room(drawing, Side.TOP);
        double bottom = room(drawing, Side.BOTTOM);
        double wide = Math.max(50, width - left - right);
        double high = Math.max(50, height - top - bottom);
        double scale = Math.min(wide / bounds.width(), high / bounds.height());
        double spareWide = wide - scale * bounds.width();
        double spareHigh = high - scale * bounds.height();
        return new ViewTransform(
                scale,
                left + spareWide / 2 - scale * bounds.fromU(),
                top + spareHigh / 2 + scale * bounds.toV());
    }

    /** Share of the fitting scale below which a drawing has become too small for its room. */
    private static final double TOO_SMALL = 0.8;

    /** How far a drawing may reach over the edge before it is fitted anew (pixels). */
    private static final double OVER = 2;

    /** {@return whether this shows all of a drawing in a room (pixels), and large enough} */
    boolean shows(Drawing drawing, double width, double height) {
        Bounds2 bounds = drawing.bounds();
        boolean inside =
                x(bounds.fromU()) - room(drawing, Side.LEFT) >= -OVER
                        && x(bounds.toU()) + room(drawing, Side.RIGHT) <= width + OVER
                        && y(bounds.toV()) - room(drawing, Side.TOP) >= -OVER
                        && y(bounds.fromV()) + room(drawing, Side.BOTTOM) <= height + OVER;
        return inside && scale >= TOO_SMALL * fitting(drawing, width, height).scale();
    }

    /** {@return the place of the view at a pixel (mm)} */
    Point2 place(double x, double y) {
        return new Point2((x - left) / scale, (ground - y) / scale);
    }

    private static double room(Drawing drawing, Side side) {
        int rows = drawing.rows(side);
        return EDGE + (rows == 0 ? 0 : FIRST_ROW + ROW * (rows - 1));
    }

    double x(double u) {
        return left + scale * u;
    }

    double y(double v) {
        return ground - scale * v;
    }

    /** {@return this transform nearer or farther by a factor, a pixel staying where it is} */
    ViewTransform zoomed(double factor, double atX, double atY) {
        double bounded = Math.clamp(scale * factor, FARTHEST, NEAREST);
        double times = bounded / scale;
        return new ViewTransform(bounded, atX + (left - atX) * times, atY + (ground - atY) * times);
    }

    /** {@return this transform moved (pixels)} */
    ViewTransform moved(double dx, double dy) {
        return new ViewTransform(scale, left + dx, ground + dy);
    }
}
