package pteron.core.shell;

import pteron.core.buildup.Framed;
import pteron.core.curve.Beside;
import pteron.core.geometry.Point2;
import pteron.core.outline.EdgeKind;
import pteron.core.outline.Element;
import pteron.core.plan.MakeUp;

/**
 * One piece of the outline with its layers: four lines side by side, outside to inside. Immutable.
 *
 * @param element the piece of outline
 * @param framed what it is made of
 * @param outside outside of the outer skin
 * @param frameOut outer face of the frame
 * @param frameIn inner face of the frame
 * @param inside inside of the lining
 */
record Band(
        Element element,
        Framed framed,
        Beside outside,
        Beside frameOut,
        Beside frameIn,
        Beside inside) {

    private static final int LEAST_MEMBERS = 4;

    static Band of(Element element, MakeUp makeUp) {
        Framed framed = element.kind() == EdgeKind.ROOF ? makeUp.roof() : makeUp.walls();
        Beside line = new Beside(element.curve(), 0);
        double skin = framed.toFrameMm();
        double depth = framed.frameMm();
        return new Band(
                element,
                framed,
                line,
                line.movedRight(skin),
                line.movedRight(skin + depth),
                line.movedRight(framed.thicknessMm()));
    }

    /** {@return how far along the outline's piece a point lies (mm)} */
    double along(Point2 point) {
        return outside.nearest(point);
    }

    /**
     * {@return how far along a point lies on the straight line that touches the piece of outline at a place
     * (mm), counted as on the piece itself there: what is straight has its edges on such a line}
     */
    double touching(Point2 point, double atMm) {
        return atMm + outside.direction(atMm).dot(point.minus(outside.at(atMm)));
    }

    double depthMm() {
        return framed.frameMm();
    }

    /** {@return radius of its hardest bend on the outside of the box (mm), infinite where it is straight} */
    double radiusMm() {
        double bend = element.curve().hardestCurvature();
        return isStraight() || bend == 0 ? Double.POSITIVE_INFINITY : 1 / bend;
    }

    /**
     * {@return the least radius on the outside of the box that members can be laid along (mm): four of their
     * thicknesses and the layers; common practice}
     */
    double leastRadiusMm() {
        return LEAST_MEMBERS * framed.framing().section().thicknessMm() + framed.thicknessMm();
    }

    double lengthMm() {
        return element.lengthMm();
    }

    Point2 from() {
        return element.curve().from();
    }

    boolean isRoof() {
        return element.kind() == EdgeKind.ROOF;
    }

    boolean isStraight() {
        return element.isStraight();
    }

    /** {@return angle to the level there without sign (degrees), 0 level to 90 plumb} */
    double steepnessDegrees(double alongMm) {
        Point2 way = outside.direction(alongMm);
        return Math.toDegrees(Math.atan2(Math.abs(way.v()), Math.abs(way.u())));
    }
}
