package pteron.core.found;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.skin.FoamPiece;
import pteron.core.stage.Part;
import pteron.core.stage.Result;

/**
 * What has to be cut and mended in a bought shell. Immutable.
 *
 * @param foam pieces between its ribs
 * @param repairs pieces that replace damages
 * @param packings what levels its cross-members
 * @param figures numbers of them
 * @param findings damages, skirting, coating
 * @param parts the foam between ribs, for the weight
 */
public record Found(
        List<FoamPiece> foam,
        List<Repair> repairs,
        List<Packing> packings,
        List<Figure> figures,
        List<Finding> findings,
        List<Part> parts)
        implements Result {

    /** Copies the lists. */
    public Found {
        foam = List.copyOf(foam);
        repairs = List.copyOf(repairs);
        packings = List.copyOf(packings);
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
        parts = List.copyOf(parts);
    }
}
