package pteron.core.panel;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.stage.Result;
import pteron.core.strength.Check;

/**
 * How hard the sandwich panels work. Immutable.
 *
 * @param checks demand against capacity
 * @param figures utilisations, spans, screw pulls
 * @param findings what fails or is close
 */
public record Panels(List<Check> checks, List<Figure> figures, List<Finding> findings)
        implements Result {

    /** No panels. */
    public static final Panels NONE = new Panels(List.of(), List.of(), List.of());

    /** Copies the lists. */
    public Panels {
        checks = List.copyOf(checks);
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }
}
