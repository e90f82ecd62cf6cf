package pteron.core.inside;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.Framed;
import pteron.core.curve.Beside;
import pteron.core.curve.Curve;
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
                bands.add(Polygon2.round(outline.corners().get(i).at(), thicker, ROUND));
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
        Beside outside = new Beside(curve, 0);
        Beside inside = outside.movedRight(thicknessMm);
        double end = curve.lengthMm();
        List<Point2> round = new ArrayList<>(outside.points(0, end, TOLERANCE_MM));
        round.addAll(inside.points(0, end, TOLERANCE_MM).reversed());
        return Polygon2.of(round).sound();
    }
}
