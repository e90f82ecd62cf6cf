package pteron.core.outline;

import java.util.List;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Dimension.Side;
import pteron.core.geometry.Point2;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.PlanKeys;

/** Dimensions of corners and of the chosen spot, in the views of sides. */
final class OutlineDimensions {

    private final Canvas canvas;
    private final Outline outline;
    private final double top;

    OutlineDimensions(Canvas canvas) {
        this.canvas = canvas;
        this.outline = canvas.box().get(Outline.class);
        this.top = outline.heightMm();
    }

    private Point2 at(double x, double z) {
        return canvas.at(x, 0, z);
    }

    /** {@return rows taken above} */
    int corners(String selected) {
        List<Point2> points = outline.points();
        int last = points.size() - 1;
        int frontRow = 0;
        int rearRow = 0;
        int topRow = 0;
        for (int i = 1; i < last; i++) {
            Point2 corner = points.get(i);
            boolean overFront = corner.u() - outline.foremostMm() > 1;
            boolean beforeRear = outline.rearmostMm() - corner.u() > 1;
            if (overFront && beforeRear && Math.abs(corner.u()) > 1) {
                canvas.dimension(
                        PlanKeys.corner(i) + ".x",
                        at(0, top),
                        at(corner.u(), corner.v()),
                        Side.TOP,
                        topRow++ % 2);
            }
            if (top - corner.v() > 1) {
                boolean nearFront = corner.u() < (outline.foremostMm() + outline.rearmostMm()) / 2;
                canvas.dimension(
                        PlanKeys.corner(i) + ".z",
                        at(corner.u(), 0),
                        at(corner.u(), corner.v()),
                        nearFront ? canvas.frontSide() : canvas.rearSide(),
                        nearFront ? frontRow++ : 2 + rearRow++);
            }
        }
        int row = canvas.drawing().rows(Side.TOP);
        return spot(selected, row, frontRow) ? row + 1 : row;
    }

    /**
     * Dimensions the chosen spot of an arc or batten.
     *
     * @return whether one is chosen
     */
    private boolean spot(String selected, int topRow, int frontRow) {
        List<OutlinePoint> points = canvas.box().plan().box().outline();
        for (int i = 0; i < points.size(); i++) {
            List<OutlinePoint.Spot> spots = points.get(i).link().through();
            for (int k = 0; k < spots.size(); k++) {
                String key = PlanKeys.spot(i, k);
                if (key.equals(selected)) {
                    double x = spots.get(k).xMm();
                    double z = spots.get(k).zMm();
                    canvas.dimension(key + ".x", at(0, top), at(x, z), Side.TOP, topRow);
                    canvas.dimension(key + ".z", at(x, 0), at(x, z), canvas.frontSide(), frontRow);
                    return true;
                }
            }
        }
        return false;
    }
}
