package pteron.core.bonded;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.stage.Result;

/**
 * The bonded panels of a box. Immutable.
 *
 * @param pieces panels as they are carried, in the order of the shell
 * @param figures number, heaviest, what their corners take; none without such panels
 * @param findings openings that a conduit would run through
 */
public record Bonded(List<BondedPiece> pieces, List<Figure> figures, List<Finding> findings)
        implements Result {

    /** Copies the lists. */
    public Bonded {
        pieces = List.copyOf(pieces);
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }
}
