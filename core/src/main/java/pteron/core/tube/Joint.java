package pteron.core.tube;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import pteron.core.frame.Member;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Segment2;

/**
 * A stretch of a tube to whose side the end of another is joined. Immutable.
 *
 * @param fromMm where it begins, from the tube's lower, front or left end (mm)
 * @param toMm where it ends (mm), not before it begins
 */
public record Joint(double fromMm, double toMm) {

    /**
     * {@return the joints on the sides of tubes, by the name of the tube that they are on; what meets it end to end is none}
     *
     * @param ends the ends of all tubes
     */
    static Map<String, List<Joint>> onSides(List<TubeEnd> ends) {
        Map<String, List<Joint>> joints = new HashMap<>();
        for (TubeEnd end : ends) {
            if (end.kind() == TubeEnd.Kind.BUTT) {
                for (Member other : end.met()) {
                    joints.computeIfAbsent(other.name(), name -> new ArrayList<>())
                            .add(on(other, end.cuts()));
                }
            }
        }
        return joints;
    }

    private static Joint on(Member tube, List<Segment2> cuts) {
        double start = -tube.profile().reach(tube.axis().times(-1));
        double from = Double.MAX_VALUE;
        double to = -Double.MAX_VALUE;
        for (Segment2 cut : cuts) {
            for (Point2 point : List.of(cut.from(), cut.to())) {
                double along = tube.axis().dot(point) - start;
                from = Math.min(from, along);
                to = Math.max(to, along);
            }
        }
        return new Joint(from, to);
    }

    /** {@return its length along the tube (mm)} */
    public double lengthMm() {
        return toMm - fromMm;
    }
}
