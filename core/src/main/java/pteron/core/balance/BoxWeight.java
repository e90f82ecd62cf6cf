package pteron.core.balance;

import java.util.List;
import pteron.core.figure.Finding;
import pteron.core.stage.Part;
import pteron.core.stage.Result;

/**
 * What a box weighs, part by part where its frame is set out, by its areas where it is not. Immutable.
 *
 * @param parts its parts, none while nothing can be weighed
 * @param findings that it is weighed by its areas
 */
public record BoxWeight(List<Part> parts, List<Finding> findings) implements Result {

    /** Nothing that can be weighed. */
    public static final BoxWeight NONE = new BoxWeight(List.of(), List.of());

    /** Copies the lists. */
    public BoxWeight {
        parts = List.copyOf(parts);
        findings = List.copyOf(findings);
    }
}
