package pteron.core.skin;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.stage.Result;

/**
 * All sheets of the box. Immutable.
 *
 * @param pieces pieces, panel by panel and face by face
 * @param seams seams between them
 * @param orders whole sheets to buy, by material and thickness
 * @param figures number, area and mass
 * @param findings what is wrong or close
 */
public record Skins(
        List<SheetPiece> pieces,
        List<Seam> seams,
        List<SheetOrder> orders,
        List<Figure> figures,
        List<Finding> findings)
        implements Result {

    /** Copies the lists. */
    public Skins {
        pieces = List.copyOf(pieces);
        seams = List.copyOf(seams);
        orders = List.copyOf(orders);
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }
}
