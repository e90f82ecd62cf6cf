package pteron.core.partition;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.stage.Result;

/**
 * What holds the walls inside. Immutable.
 *
 * @param figures screws, tabs and strips; none without partitions
 * @param findings cross-members beside them
 */
public record Partitions(List<Figure> figures, List<Finding> findings) implements Result {

    /** Copies the lists. */
    public Partitions {
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }
}
