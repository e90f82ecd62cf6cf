package pteron.core.glue;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.stage.Result;

/**
 * The joints of the make-up. Immutable.
 *
 * @param joints joints of floor, walls, roof, outermost first
 * @param figures litres of each glue
 * @param findings joints whose glue does not hold or eats the foam
 */
public record Glues(List<GlueJoint> joints, List<Figure> figures, List<Finding> findings)
        implements Result {

    /** None. */
    public static final Glues NONE = new Glues(List.of(), List.of(), List.of());

    /** Copies the lists. */
    public Glues {
        joints = List.copyOf(joints);
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }
}
