package pteron.core.strength;

import java.util.List;
import java.util.Map;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.mechanics.Check;
import pteron.core.stage.Result;

/**
 * How hard everything works. Immutable.
 *
 * @param checks one for each kind of member and way of failing, the hardest worked member governing
 * @param byMember greatest utilisation of each member checked, by its name
 * @param figures the checks as figures
 * @param findings those that fail or come close
 */
public record Strength(
        List<Check> checks,
        Map<String, Double> byMember,
        List<Figure> figures,
        List<Finding> findings)
        implements Result {

    /** Copies the collections. */
    public Strength {
        checks = List.copyOf(checks);
        byMember = Map.copyOf(byMember);
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }
}
