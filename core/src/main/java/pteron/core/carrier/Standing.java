package pteron.core.carrier;

import java.util.Optional;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;
import pteron.core.outline.Outline;
import pteron.core.plan.Opening;
import pteron.core.plan.Wall;
import pteron.core.vehicle.Cab;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Vehicle;

/** Heights, lengths and angles of a box that stands on its carrier. Pure sums over plan and outline. */
record Standing(CarrierInput plan, Carrier carrier, Outline outline) {

    /** What a truck reaches ahead of its front axle (mm); common practice. */
    static final double AHEAD_OF_FRONT_AXLE_MM = 900;

    Vehicle vehicle() {
        return plan.vehicle();
    }

    /** {@return what the carrier may load (kg): gross less empty, for a pickup no more than its sticker} */
    double payloadKg() {
        double plate = vehicle().gear().grossKg() - vehicle().emptyKg();
        return vehicle() instanceof Pickup pickup ? Math.min(plate, pickup.payloadKg()) : plate;
    }

    /** {@return top of the load on the roof above the underside of the box (mm)} */
    double topMm() {
        return outline.heightMm() + crownMm() + plan.limits().onRoofMm();
    }

    /** {@return rise of a straight roof across the width (mm); 0 where the roof bends lengthwise} */
    double crownMm() {
        return outline.hasStraightRoof() ? plan.box().details().crownMm() : 0;
    }

    /** {@return top of everything above the ground (mm)} */
    double overallHeightMm() {
        return topMm() - carrier.groundMm();
    }

    /** {@return height of the box by itself, with its dropped floor and roof load (mm)} */
    double boxHeightMm() {
        return topMm() + outline.dropMm();
    }

    /** {@return the floor above the ground (mm)} */
    double floorHeightMm() {
        return plan.floorMm() - carrier.groundMm();
    }

    double widthMm() {
        double box = plan.box().widthMm() + 2 * plan.box().details().overhang().sidesMm();
        double wheels = 0;
        if (vehicle() instanceof Trailer trailer && !trailer.overWheels()) {
            wheels = trailer.gear().wheels().trackMm() + trailer.gear().wheels().widthMm();
        }
        return Math.max(box, Math.max(vehicle().deck().widthMm(), wheels));
    }

    /** {@return x of the foremost and rearmost place of vehicle and box (mm)} */
    Bounds2 lengthwise() {
        double ahead = vehicle() instanceof Trailer ? 0 : AHEAD_OF_FRONT_AXLE_MM;
        double front = Math.min(carrier.front().placeMm() - ahead, outline.foremostMm());
        double overhang = plan.box().details().overhang().rearMm();
        double rear = Math.max(carrier.deckRearMm(), outline.rearmostMm() + overhang);
        return new Bounds2(front, rear, 0, 0);
    }

    /** {@return how far the box or deck reaches behind the middle of the rear axles (mm)} */
    double rearOverhangMm() {
        return lengthwise().toU() - carrier.rear().placeMm();
    }

    /** {@return departure angle behind the last axle, empty where nothing reaches behind its wheel} */
    Optional<Departure> departure() {
        double behind = lengthwise().toU() - carrier.axlesMm().getLast();
        double steel = vehicle().deck().heightMm() - vehicle().steel().rail().depthMm();
        double box = -carrier.groundMm() - outline.dropMm();
        double height = Math.max(0, Math.min(steel, box));
        return behind > 0
                ? Optional.of(
                        new Departure(behind, height, vehicle().gear().wheels().diameterMm() / 2))
                : Optional.empty();
    }

    Optional<CabGap> cabGap() {
        return vehicle()
                .cab()
                .map(cab -> CabGap.of(plan.box(), cab, outline, carrier.deckFrontMm()));
    }

    /** {@return share of the cab's window that a window in the front wall uncovers, 0 to 1} */
    double windowInLine() {
        Cab.Window window = vehicle().cab().map(Cab::window).orElseThrow();
        double sill = window.sillMm() - plan.box().raisedMm();
        Bounds2 cab =
                new Bounds2(
                        -window.widthMm() / 2,
                        window.widthMm() / 2,
                        sill,
                        sill + window.heightMm());
        double area = cab.width() * cab.height();
        return plan.openings().stream()
                        .filter(opening -> opening.wall().equals(Wall.FRONT))
                        .mapToDouble(
                                opening ->
                                        Polygon2.rectangle(cab)
                                                .sharedArea(Polygon2.rectangle(hole(opening))))
                        .max()
                        .orElse(0)
                / area;
    }

    private Bounds2 hole(Opening opening) {
        double left = opening.place().alongMm() - plan.box().widthMm() / 2;
        double sill = plan.floorMm() + opening.place().sillMm();
        return new Bounds2(
                left, left + opening.size().widthMm(), sill, sill + opening.size().heightMm());
    }

    /** {@return least sub-frame that clears all that sticks up under the box (mm above the deck)} */
    double neededRaiseMm() {
        return carrier.clearances().stream().mapToDouble(Clearance::clearedAtMm).max().orElse(0);
    }
}
