package pteron.core.start;

import java.util.List;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlinePoint.Spot;
import pteron.core.quantity.LengthText;

/** Outlines on the tape: every corner and point of an arc at a sixteenth of an inch. */
final class InchOutline {

    private InchOutline() {}

    /** {@return the points, each moved to the nearest sixteenth of an inch} */
    static List<OutlinePoint> of(List<OutlinePoint> points) {
        return points.stream().map(InchOutline::of).toList();
    }

    private static OutlinePoint of(OutlinePoint point) {
        List<Spot> through =
                point.link().through().stream()
                        .map(spot -> new Spot(sixteenth(spot.xMm()), sixteenth(spot.zMm())))
                        .toList();
        OutlinePoint moved = point.at(sixteenth(point.xMm()), sixteenth(point.zMm()));
        return through.isEmpty() ? moved : moved.withLink(point.link().withThrough(through));
    }

    private static double sixteenth(double mm) {
        return LengthText.onTape(mm, 16);
    }
}
