package pteron.core.carrier;

import java.util.ArrayList;
import java.util.List;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;
import pteron.core.outline.Outline;
import pteron.core.outline.WheelArchShape;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails.WheelArch;
import pteron.core.vehicle.Solid;
import pteron.core.vehicle.Vehicle;

/**
 * Room between the box and the solids of its carrier. The box is its side outline over its whole width;
 * where a solid lies within the depth of the wheel arches, the outline with its arches cut out.
 */
final class Clearances {

    /** Area that two shapes must share to be said to overlap (mm²). */
    private static final double OVERLAP_MM2 = 1;

    /** Room that a sub-frame leaves over what it clears (mm); common practice. */
    static final double OVER_MM = 10;

    private final Box box;
    private final double deckFrontMm;
    private final Polygon2 whole;
    private final List<Polygon2> arched;

    Clearances(Box box, double deckFrontMm, Outline outline) {
        this.box = box;
        this.deckFrontMm = deckFrontMm;
        this.whole = outline.shape().polygon();
        this.arched = WheelArchShape.without(whole, box.details().wheelArches());
    }

    List<Clearance> of(Vehicle vehicle) {
        List<Clearance> all = new ArrayList<>();
        for (Solid solid : vehicle.solids()) {
            all.add(of(solid));
        }
        return all;
    }

    /** {@return the shadow of a solid in the side elevation of the box} */
    Bounds2 elevation(Solid solid) {
        return new Bounds2(
                deckFrontMm + solid.along().fromMm(),
                deckFrontMm + solid.along().toMm(),
                solid.up().fromMm() - box.raisedMm(),
                solid.up().toMm() - box.raisedMm());
    }

    private Clearance of(Solid solid) {
        double half = box.widthMm() / 2;
        double sideways = Math.max(solid.across().fromMm() - half, -half - solid.across().toMm());
        boolean besideArch =
                solid.mirrored()
                        && box.details().wheelArches().stream()
                                .anyMatch(arch -> reaches(arch, solid, half));
        List<Polygon2> shapes = besideArch ? arched : List.of(whole);
        Polygon2 shadow = elevation(solid).polygon();
        double shared = shapes.stream().mapToDouble(shape -> shape.sharedArea(shadow)).sum();
        double apart =
                shapes.stream().mapToDouble(shape -> shape.distance(shadow)).min().orElseThrow();
        if (shared > OVERLAP_MM2) {
            double raise = Math.max(0, solid.up().toMm() + OVER_MM - box.raisedMm());
            return new Clearance(solid, Clearance.Way.SIDEWAYS, sideways, sideways < 0 ? raise : 0);
        }
        return sideways < 0
                ? new Clearance(solid, Clearance.Way.IN_ELEVATION, apart, 0)
                : new Clearance(solid, Clearance.Way.IN_ELEVATION, Math.hypot(sideways, apart), 0);
    }

    private static boolean reaches(WheelArch arch, Solid solid, double half) {
        return solid.across().fromMm() >= half - arch.depthMm();
    }
}
