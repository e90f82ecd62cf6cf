package pteron.core.shell;

import pteron.core.buildup.Framed;
import pteron.core.geometry.Line2;
import pteron.core.geometry.Point2;
import pteron.core.outline.Edge;
import pteron.core.outline.EdgeKind;
import pteron.core.plan.MakeUp;

/**
 * One edge of the outline with its layers: four lines side by side, outside to inside. Immutable.
 *
 * @param edge the edge
 * @param framed what it is made of
 * @param outside outside of the outer skin
 * @param frameOut outer face of the frame
 * @param frameIn inner face of the frame
 * @param inside inside of the lining
 */
record Band(Edge edge, Framed framed, Line2 outside, Line2 frameOut, Line2 frameIn, Line2 inside) {

    static Band of(Edge edge, MakeUp makeUp) {
        Framed framed = edge.kind() == EdgeKind.ROOF ? makeUp.roof() : makeUp.walls();
        Line2 line = edge.line();
        double skin = framed.toFrameMm();
        double depth = framed.frameMm();
        return new Band(
                edge,
                framed,
                line,
                line.movedRight(skin),
                line.movedRight(skin + depth),
                line.movedRight(framed.thicknessMm()));
    }

    /** {@return how far along the edge a point lies (mm)} */
    double along(Point2 point) {
        return outside.along(point);
    }

    double depthMm() {
        return framed.frameMm();
    }
}
