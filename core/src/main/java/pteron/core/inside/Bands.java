package pteron.core.inside;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.Framed;
import pteron.core.curve.Curve;
import pteron.core.curve.CurveSums;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.outline.EdgeKind;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;
import pteron.core.plan.MakeUp;

/** The bands that the layers take off the inside of an outline. The box lies on the right of the walk. */
final class Bands {

    /** How far the lines of a band may leave its curve (mm). */
    private static final double TOLERANCE_MM = 0.1;

    /** Corners of the round that closes two bands where the outline turns away from the box. */
    private static final int ROUND = 24;

    private Bands() {}

    static List<Polygon2> of(Outline outline, MakeUp makeUp) {
        List<Polygon2> bands = new ArrayList<>();
        for (Element element : outline.elements()) {
            bands.add(band(element.curve(), thickness(element, makeUp)));
        }
        for (int i = 0; i < outline.corners().size(); i++) {
            if (outline.corners().get(i).turnDegrees() < -1) {
                double thicker =
                        Math.max(
                                thickness(outline.elements().get(i), makeUp),
                                thickness(outline.elements().get(i + 1), makeUp));
                bands.add(round(outline.corners().get(i).at(), thicker));
            }
        }
        return bands;
    }

    private static double thickness(Element element, MakeUp makeUp) {
        Framed framed = element.kind() == EdgeKind.ROOF ? makeUp.roof() : makeUp.walls();
        return framed.thicknessMm();
    }

    /** {@return the room between a curve and the same curve moved to its right} */
    private static Polygon2 band(Curve curve, double thicknessMm) {
        int steps = CurveSums.points(curve, TOLERANCE_MM).size() - 1;
        List<Point2> there = new ArrayList<>();
        List<Point2> back = new ArrayList<>();
        for (int i = 0; i <= steps; i++) {
            double s = curve.lengthMm() * i / steps;
            Point2 point = curve.at(s);
            there.add(point);
            back.add(point.minus(curve.direction(s).leftNormal().times(thicknessMm)));
        }
        there.addAll(back.reversed());
        return Polygon2.of(there).sound();
    }

    private static Polygon2 round(Point2 middle, double radiusMm) {
        List<Point2> corners = new ArrayList<>();
        for (int i = 0; i < ROUND; i++) {
            double angle = 2 * Math.PI * i / ROUND;
            corners.add(middle.plus(new Point2(Math.cos(angle), Math.sin(angle)).times(radiusMm)));
        }
        return Polygon2.of(corners);
    }
}
