package pteron.core.panel;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.mechanics.Check;
import pteron.core.stage.Result;

/**
 * How hard the sandwich panels work. Immutable.
 *
 * @param uses how hard they work under each load in each way
 * @param figures utilisations, spans, screw pulls
 * @param findings what fails or is close
 */
public record Panels(List<PanelUse> uses, List<Figure> figures, List<Finding> findings)
        implements Result {

    /** No panels. */
    public static final Panels NONE = new Panels(List.of(), List.of(), List.of());

    /** Copies the lists. */
    public Panels {
        uses = List.copyOf(uses);
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }

    /** {@return demand against capacity of each} */
    public List<Check> checks() {
        return uses.stream().map(PanelUse::check).toList();
    }

    /** {@return the checks of the floor under one person on a heel, by the way it gives way} */
    public Map<PanelMode, Check> floorUnderHeel() {
        return uses.stream()
                .filter(use -> use.part() == PanelPart.FLOOR)
                .filter(use -> use.load().key().equals(PanelLoad.HEEL))
                .collect(Collectors.toMap(PanelUse::mode, PanelUse::check));
    }
}
