package pteron.core.carrier;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.stage.Result;
import pteron.core.vehicle.RunningGear.Axle;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Vehicle;

/**
 * The carrier seen from the box: x runs back from the box's front face, z up from its underside (mm).
 * Immutable.
 *
 * @param vehicle the vehicle as planned
 * @param deckFrontMm front edge of the deck (x, mm)
 * @param raisedMm underside of the box above the deck (mm)
 * @param clearances room between the box and every solid
 * @param figures payload, overall height and so on
 * @param findings what is wrong or close
 */
public record Carrier(
        Vehicle vehicle,
        double deckFrontMm,
        double raisedMm,
        List<Clearance> clearances,
        List<Figure> figures,
        List<Finding> findings)
        implements Result {

    /** Copies the lists. */
    public Carrier {
        clearances = List.copyOf(clearances);
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }

    /** {@return rear edge of the deck (x, mm)} */
    public double deckRearMm() {
        return deckFrontMm + vehicle.deck().lengthMm();
    }

    /** {@return the ground (z, mm)} */
    public double groundMm() {
        return -vehicle.deck().heightMm() - raisedMm;
    }

    /** {@return the axles, front to rear (x, mm)} */
    public List<Double> axlesMm() {
        return vehicle.axlesMm().stream().map(place -> deckFrontMm + place).toList();
    }

    /** {@return the steel cross-members, front to rear (x, mm)} */
    public List<Double> crossMembersMm() {
        return vehicle.steel().crossMembersMm().stream().map(place -> deckFrontMm + place).toList();
    }

    /** {@return the front support: coupler or front axle} */
    public Support front() {
        if (vehicle instanceof Trailer trailer) {
            Trailer.Drawbar bar = trailer.drawbar();
            double x = deckFrontMm - bar.aheadMm();
            return new Support("coupler", "coupler", x, bar.emptyKg(), bar.ratingKg(), 1);
        }
        return group("front-axle", "front axle", vehicle.gear().axles().subList(0, 1));
    }

    /** {@return the rear support: all axles of a trailer, the rear axles of a truck} */
    public Support rear() {
        List<Axle> axles = vehicle.gear().axles();
        return vehicle instanceof Trailer
                ? group("axles", "all axles", axles)
                : group("rear-axles", "rear axles", axles.subList(1, axles.size()));
    }

    /** Axles of a group share alike through their equaliser, so the weakest one binds them all. */
    private Support group(String key, String name, List<Axle> axles) {
        double weakest = axles.stream().mapToDouble(Axle::ratingKg).min().orElseThrow();
        return new Support(
                key,
                name,
                deckFrontMm + axles.stream().mapToDouble(Axle::placeMm).average().orElseThrow(),
                axles.stream().mapToDouble(Axle::emptyKg).sum(),
                weakest * axles.size(),
                axles.size());
    }

    /** {@return where the weight of the empty carrier sits (x, mm)} */
    public double emptyCentreMm() {
        double moment = front().emptyKg() * front().placeMm() + rear().emptyKg() * rear().placeMm();
        double mass = front().emptyKg() + rear().emptyKg();
        return mass == 0 ? rear().placeMm() : moment / mass;
    }
}
