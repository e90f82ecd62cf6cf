package pteron.core.makeup;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;

/**
 * What follows from the layers. Immutable.
 *
 * @param usable whether every material is there and fit for its place
 * @param figures thickness and mass per area
 * @param findings what is wrong or close
 */
public record Layers(boolean usable, List<Figure> figures, List<Finding> findings) {

    /** Copies the lists. */
    public Layers {
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }
}
