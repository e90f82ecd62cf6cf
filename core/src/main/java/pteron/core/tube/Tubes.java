package pteron.core.tube;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.stage.Result;

/**
 * The ends of all tubes of the frame. Immutable.
 *
 * @param ends ends, panel by panel
 * @param figures metres of weld, sleeves or brackets, caps, foot plates; none without tubes
 */
public record Tubes(List<TubeEnd> ends, List<Figure> figures) implements Result {

    /** Copies the lists. */
    public Tubes {
        ends = List.copyOf(ends);
        figures = List.copyOf(figures);
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
