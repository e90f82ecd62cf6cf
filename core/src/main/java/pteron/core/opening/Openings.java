package pteron.core.opening;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.shell.Panel;
import pteron.core.stage.Result;

/**
 * All openings in their walls. Immutable.
 *
 * @param placed in the order of the plan; those whose wall is missing are left out
 * @param figures total area and mass
 * @param findings what is wrong or close
 */
public record Openings(List<PlacedOpening> placed, List<Figure> figures, List<Finding> findings)
        implements Result {

    /** Copies the lists. */
    public Openings {
        placed = List.copyOf(placed);
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }

    /** {@return the openings in one panel} */
    public List<PlacedOpening> in(Panel panel) {
        return placed.stream().filter(one -> one.panel().id().equals(panel.id())).toList();
    }
}
