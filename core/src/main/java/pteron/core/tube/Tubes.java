package pteron.core.tube;

import java.util.List;
import java.util.Map;
import pteron.core.figure.Figure;
import pteron.core.stage.Result;

/**
 * The ends of all tubes of the frame. Immutable.
 *
 * @param ends ends, panel by panel
 * @param onSides joints on the sides of tubes, by the name of the tube that they are on
 * @param figures metres of weld, sleeves or brackets, caps, foot plates; none without tubes
 */
public record Tubes(List<TubeEnd> ends, Map<String, List<Joint>> onSides, List<Figure> figures)
        implements Result {

    /** Copies the lists. */
    public Tubes {
        ends = List.copyOf(ends);
        onSides = Map.copyOf(onSides);
        figures = List.copyOf(figures);
    }

    /** The ends with the joints that follow from them. */
    Tubes(List<TubeEnd> ends, List<Figure> figures) {
        this(ends, Joint.onSides(ends), figures);
    }

    /** {@return length of the welds at the ends of tubes (mm)} */
    public double weldMm() {
        return ends.stream().mapToDouble(TubeEnd::weldMm).sum();
    }

    /** {@return sleeves or brackets that hold the ends} */
    public long joints() {
        return Math.round(ends.stream().mapToDouble(TubeEnd::joints).sum());
    }

    /** {@return ends that want a cap} */
    public long caps() {
        return ends.stream().filter(end -> end.kind() == TubeEnd.Kind.OPEN).count();
    }
}
