package pteron.core.makeup;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.stage.Result;

/**
 * What follows from the layers. Immutable.
 *
 * @param usable whether every material is there and fit for its place
 * @param figures thickness and mass per area
 * @param findings what is wrong or close
 */
public record Layers(boolean usable, List<Figure> figures, List<Finding> findings)
        implements Result {

    /** Copies the lists. */
    public Layers {
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }
}
