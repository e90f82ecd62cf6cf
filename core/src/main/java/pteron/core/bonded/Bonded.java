package pteron.core.bonded;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.stage.Result;

/**
 * The bonded panels of a box. Immutable.
 *
 * @param pieces panels as they are carried, in the order of the shell
 * @param figures number, heaviest, what their corners take; none without such panels
 */
public record Bonded(List<BondedPiece> pieces, List<Figure> figures) implements Result {

    /** Copies the lists. */
    public Bonded {
        pieces = List.copyOf(pieces);
        figures = List.copyOf(figures);
    }
}
