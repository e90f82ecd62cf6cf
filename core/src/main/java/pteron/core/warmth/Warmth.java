package pteron.core.warmth;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.stage.Result;

/**
 * Warmth and dryness. Immutable.
 *
 * @param walls floor, walls, roof as heat sees them
 * @param vapours what vapour does in each, in the same order
 * @param figures R, U, temperatures, water, heat loss, night air
 * @param findings what gets wet
 */
public record Warmth(
        List<WarmWall> walls, List<Vapour> vapours, List<Figure> figures, List<Finding> findings)
        implements Result {

    /** Nothing known. */
    public static final Warmth NONE = new Warmth(List.of(), List.of(), List.of(), List.of());

    /** Copies the lists. */
    public Warmth {
        walls = List.copyOf(walls);
        vapours = List.copyOf(vapours);
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }
}
