package pteron.core.tally;

import java.util.List;
import java.util.Map;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.stage.Result;

/**
 * How many members every panel has. Immutable.
 *
 * @param members number of members by panel
 * @param figures their number
 * @param findings a panel with more than somebody counts in his head
 */
public record Tally(Map<String, Integer> members, List<Figure> figures, List<Finding> findings)
        implements Result {

    /** Copies the collections. */
    public Tally {
        members = Map.copyOf(members);
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }
}
