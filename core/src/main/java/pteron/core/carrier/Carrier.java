package pteron.core.carrier;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.plan.Trailer;

/**
 * The carrier seen from the box: x runs back from the box's front face (mm). Immutable.
 *
 * @param trailer the trailer as planned
 * @param deckFrontMm front edge of the deck (x, mm)
 * @param figures payload, overall height and so on
 * @param findings what is wrong or close
 */
public record Carrier(
        Trailer trailer, double deckFrontMm, List<Figure> figures, List<Finding> findings) {

    /** Copies the lists. */
    public Carrier {
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }

    /** {@return rear edge of the deck (x, mm)} */
    public double deckRearMm() {
        return deckFrontMm + trailer.deck().lengthMm();
    }

    /** {@return the coupler (x, mm)} */
    public double couplerMm() {
        return deckFrontMm - trailer.couplerAheadMm();
    }

    /** {@return the axles, front to rear (x, mm)} */
    public List<Double> axlesMm() {
        return trailer.axlesMm().stream().map(place -> deckFrontMm + place).toList();
    }

    /** {@return middle of the axle group (x, mm)} */
    public double axleMiddleMm() {
        return axlesMm().stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }

    /** {@return the steel cross-members, front to rear (x, mm)} */
    public List<Double> crossMembersMm() {
        return trailer.crossMembersMm().stream().map(place -> deckFrontMm + place).toList();
    }

    /** {@return load on all axles of the empty carrier (kg)} */
    public double emptyAxlesKg() {
        return trailer.empty().massKg() - trailer.empty().couplerKg();
    }

    /** {@return where the weight of the empty carrier sits (x, mm)} */
    public double emptyCentreMm() {
        double moment = trailer.empty().couplerKg() * couplerMm() + emptyAxlesKg() * axleMiddleMm();
        return moment / trailer.empty().massKg();
    }
}
