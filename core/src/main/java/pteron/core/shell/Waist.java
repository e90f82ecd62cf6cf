package pteron.core.shell;

import java.util.List;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;

/**
 * Where a wall across the box becomes wider above its foot (v, mm). Immutable.
 *
 * @param skinV on its outer skin
 * @param frameV on its frame
 * @param liningV on its lining
 */
record Waist(double skinV, double frameV, double liningV) {

    /** As wide below as above. */
    static final Waist NONE = new Waist(0, 0, 0);

    private boolean exists() {
        return frameV > 0;
    }

    /** {@return the edges of a frame over its lower edge} */
    List<RimEdge> rim(Bounds2 frame) {
        return RimEdge.round(
                exists() ? new Bounds2(frame.fromU(), frame.toU(), frameV, frame.toV()) : frame);
    }

    /** {@return corners of the lower edge of a frame that is so wide to both sides below (u, v)} */
    List<Point2> bottom(Bounds2 frame, double half) {
        return exists()
                ? List.of(
                        new Point2(half, frameV),
                        new Point2(half, frame.fromV()),
                        new Point2(-half, frame.fromV()),
                        new Point2(-half, frameV))
                : List.of();
    }

    Polygon2 skin(Bounds2 area, double half) {
        return stepped(area, half, skinV);
    }

    Polygon2 lining(Bounds2 area, double half) {
        return stepped(area, half, liningV);
    }

    private Polygon2 stepped(Bounds2 area, double half, double v) {
        if (!exists()) {
            return Polygon2.rectangle(area);
        }
        return Polygon2.of(
                List.of(
                        new Point2(-half, area.fromV()),
                        new Point2(half, area.fromV()),
                        new Point2(half, v),
                        new Point2(area.toU(), v),
                        new Point2(area.toU(), area.toV()),
                        new Point2(area.fromU(), area.toV()),
                        new Point2(area.fromU(), v),
                        new Point2(-half, v)));
    }
}
