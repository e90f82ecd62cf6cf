package pteron.core.shell;

import java.util.List;
import java.util.Optional;
import pteron.core.figure.Finding;
import pteron.core.stage.Result;

/**
 * The box as panels. Immutable.
 *
 * @param panels floors, left, right, the strip from front to rear, then riser, wings and wheel boxes; empty when unusable
 * @param findings why it is unusable
 */
public record Shell(List<Panel> panels, List<Finding> findings) implements Result {
    /** No panels and nothing wrong with them. */
    public static final Shell NONE = new Shell(List.of(), List.of());

    /** Copies the lists. */
    public Shell {
        panels = List.copyOf(panels);
        findings = List.copyOf(findings);
    }

    /** {@return whether there are panels} */
    public boolean usable() {
        return !panels.isEmpty();
    }

    /** {@return the panel with that id, empty if there is none} */
    public Optional<Panel> panel(String id) {
        return panels.stream().filter(panel -> panel.id().equals(id)).findFirst();
    }
}
