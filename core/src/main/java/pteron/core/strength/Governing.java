package pteron.core.strength;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pteron.core.mechanics.Beam;
import pteron.core.mechanics.Check;
import pteron.core.mechanics.LoadCase;
import pteron.core.wind.Zone;

/**
 * The case that works a member hardest: what lies on it, how that bends it, how near it comes to each limit. The member is
 * a beam on two supports. Immutable.
 *
 * @param part name of the member
 * @param beam its span and stiffness
 * @param loads what lies on it, not factored
 * @param creep creep factor of its material under the permanent load, 0 for metal
 * @param wind zone of the wind, empty where the wind is not what loads it
 * @param span how the span is measured, in words
 * @param checks its checks in this case, one or more
 */
public record Governing(
        String part,
        Beam beam,
        LoadCase loads,
        double creep,
        Optional<Zone> wind,
        String span,
        List<Check> checks) {

    /** Copies the list. */
    public Governing {
        checks = List.copyOf(checks);
    }

    /** {@return the hardest of its checks} */
    public Check check() {
        return checks.stream().max(Comparator.comparingDouble(Check::utilisation)).orElseThrow();
    }

    /** {@return demand over capacity of the hardest of its checks} */
    public double utilisation() {
        return check().utilisation();
    }

    /** {@return the harder worked of two cases} */
    Governing harder(Governing other) {
        return other.utilisation() > utilisation() ? other : this;
    }

    /** {@return factored moment at a distance (mm) from a support (N·mm)} */
    public double designMomentAt(double xMm) {
        return loads.designMomentAt(beam, xMm);
    }

    /** {@return deflection at a distance (mm) from a support, creep counted (mm)} */
    public double deflectionAt(double xMm) {
        return loads.finalDeflectionAt(beam, creep, xMm);
    }
}
