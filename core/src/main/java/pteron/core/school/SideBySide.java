package pteron.core.school;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.stage.Result;

/**
 * Planned build-ups and alternatives side by side. Immutable.
 *
 * @param all the planned build-up of every part, each followed by its alternatives
 * @param figures their figures
 */
public record SideBySide(List<School> all, List<Figure> figures) implements Result {

    /** Copies the lists. */
    public SideBySide {
        all = List.copyOf(all);
        figures = List.copyOf(figures);
    }
}
