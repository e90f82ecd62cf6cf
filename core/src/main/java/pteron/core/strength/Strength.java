package pteron.core.strength;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.mechanics.Check;
import pteron.core.stage.Result;

/**
 * How hard everything works. Immutable.
 *
 * @param checks one for each kind of member and way of failing, the hardest worked member governing
 * @param governing the case that works each checked member hardest, by the member's name
 * @param figures the checks as figures
 * @param findings those that fail or come close
 */
public record Strength(
        List<Check> checks,
        Map<String, Governing> governing,
        List<Figure> figures,
        List<Finding> findings)
        implements Result {

    /** Copies the collections. */
    public Strength {
        checks = List.copyOf(checks);
        governing = Map.copyOf(governing);
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }

    /** {@return greatest utilisation of each checked member, by its name} */
    public Map<String, Double> byMember() {
        return governing.entrySet().stream()
                .collect(
                        Collectors.toUnmodifiableMap(
                                Map.Entry::getKey, entry -> entry.getValue().utilisation()));
    }
}
