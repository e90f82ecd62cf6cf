package pteron.core.balance;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.geometry.Point3;
import pteron.core.stage.Part;
import pteron.core.stage.Result;

/**
 * Weight and balance. Immutable.
 *
 * @param parts everything that weighs, the carrier first
 * @param massKg their sum (kg)
 * @param centre centre of gravity of all
 * @param load front and rear support
 * @param axleCount number of axles of the rear support, which share alike
 * @param figures masses, centre, loads, margins
 * @param findings what is over a rating or out of its band
 */
public record Balance(
        List<Part> parts,
        double massKg,
        Point3 centre,
        TwoSupports load,
        int axleCount,
        List<Figure> figures,
        List<Finding> findings)
        implements Result {

    /** Copies the lists. */
    public Balance {
        parts = List.copyOf(parts);
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }

    /** {@return load on each axle of the rear support (kg)} */
    public double eachAxleKg() {
        return load.rearKg() / axleCount;
    }

    /** {@return mass of a group of parts (kg)} */
    public double massKg(Part.Group group) {
        return parts.stream().filter(part -> part.group() == group).mapToDouble(Part::massKg).sum();
    }

    /** {@return mass of the box without its carrier (kg)} */
    public double boxKg() {
        return massKg - massKg(Part.Group.CARRIER);
    }
}
