package pteron.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import pteron.core.plan.BoxPlan;
import pteron.core.vehicle.Deck;
import pteron.core.vehicle.RunningGear.Axle;
import pteron.core.vehicle.Solid;
import pteron.core.vehicle.Solid.Stretch;
import pteron.core.vehicle.Steel.Outrigger;
import pteron.core.vehicle.Vehicle;

/** Parts of a vehicle that are added and taken off; a plan that would lack something is refused. */
public final class VehicleEdits {

    private VehicleEdits() {}

    private static <T> List<T> and(List<T> all, T one) {
        List<T> more = new ArrayList<>(all);
        more.add(one);
        return more;
    }

    /** Nearest that two cross-members lie to each other (mm). */
    private static final double APART_MM = 40;

    private static <T> List<T> butLast(List<T> all) {
        List<T> fewer = new ArrayList<>(all);
        if (!fewer.isEmpty()) {
            fewer.removeLast();
        }
        return fewer;
    }

    /** {@return the plan with one more axle behind the last} */
    public static BoxPlan withAxle(BoxPlan plan) {
        Vehicle vehicle = plan.vehicle();
        Axle last = vehicle.gear().axles().getLast();
        double step = Math.rint(vehicle.gear().wheels().diameterMm() * 1.28);
        Axle next = last.withPlace(last.placeMm() + step);
        return plan.withVehicle(
                vehicle.withGear(vehicle.gear().withAxles(and(vehicle.gear().axles(), next))));
    }

    /**
     * {@return the plan without its last axle}
     *
     * @throws IllegalArgumentException if the vehicle cannot do without it
     */
    public static BoxPlan withoutAxle(BoxPlan plan) {
        Vehicle vehicle = plan.vehicle();
        return plan.withVehicle(
                vehicle.withGear(vehicle.gear().withAxles(butLast(vehicle.gear().axles()))));
    }

    /** {@return the plan with one more cross-member behind the last} */
    public static BoxPlan withCrossMember(BoxPlan plan) {
        Vehicle vehicle = plan.vehicle();
        List<Double> places = vehicle.steel().crossMembersMm();
        double step = places.getLast() - places.get(places.size() - 2);
        return plan.withVehicle(
                vehicle.withSteel(
                        vehicle.steel().withCrossMembers(and(places, places.getLast() + step))));
    }

    /** {@return the plan with a cross-member at a place behind the deck's front edge (mm)} */
    public static BoxPlan withCrossMemberAt(BoxPlan plan, double placeMm) {
        Vehicle vehicle = plan.vehicle();
        List<Double> places = new ArrayList<>(vehicle.steel().crossMembersMm());
        places.removeIf(place -> Math.abs(place - placeMm) < APART_MM);
        places.add(placeMm);
        places.sort(Comparator.naturalOrder());
        return plan.withVehicle(vehicle.withSteel(vehicle.steel().withCrossMembers(places)));
    }

    /**
     * {@return a vehicle with a deck of another length: its rearmost cross-member goes with the rear edge, those
     * that would lie in the air are gone, and a longer deck gets further ones as far apart as the others}
     *
     * @param lengthMm 1000 to 15000 (mm)
     */
    public static Vehicle withDeckLength(Vehicle vehicle, double lengthMm) {
        Deck old = vehicle.deck();
        Vehicle other = vehicle.withDeck(new Deck(lengthMm, old.widthMm(), old.heightMm()));
        List<Double> places = vehicle.steel().crossMembersMm();
        double behind = old.lengthMm() - places.getLast();
        double last = lengthMm - Math.max(0, behind);
        double step = (places.getLast() - places.getFirst()) / (places.size() - 1);
        List<Double> kept =
                new ArrayList<>(
                        places.subList(0, places.size() - 1).stream()
                                .filter(place -> place < last - step / 3)
                                .toList());
        if (kept.isEmpty()) {
            kept.add(Math.min(places.getFirst(), last / 2));
        }
        while (last - kept.getLast() > step * 4 / 3) {
            kept.add(kept.getLast() + step);
        }
        kept.add(last);
        return other.withSteel(vehicle.steel().withCrossMembers(kept));
    }

    /**
     * {@return the plan without its last cross-member}
     *
     * @throws IllegalArgumentException if only two are left
     */
    public static BoxPlan withoutCrossMember(BoxPlan plan) {
        Vehicle vehicle = plan.vehicle();
        return plan.withVehicle(
                vehicle.withSteel(
                        vehicle.steel()
                                .withCrossMembers(butLast(vehicle.steel().crossMembersMm()))));
    }

    /** {@return the plan with one more outrigger behind the last, on the flange} */
    public static BoxPlan withOutrigger(BoxPlan plan) {
        Vehicle vehicle = plan.vehicle();
        List<Outrigger> all = vehicle.steel().outriggers();
        double reach =
                Math.max(20, (vehicle.deck().widthMm() - vehicle.steel().railSpacingMm()) / 2);
        double place = all.isEmpty() ? 600 : all.getLast().placeMm() + 900;
        Outrigger next = new Outrigger(place, reach, Outrigger.End.FLANGE);
        return plan.withVehicle(vehicle.withSteel(vehicle.steel().withOutriggers(and(all, next))));
    }

    /** {@return the plan without its last outrigger} */
    public static BoxPlan withoutOutrigger(BoxPlan plan) {
        Vehicle vehicle = plan.vehicle();
        return plan.withVehicle(
                vehicle.withSteel(
                        vehicle.steel().withOutriggers(butLast(vehicle.steel().outriggers()))));
    }

    private static BoxPlan with(BoxPlan plan, Solid solid) {
        Vehicle vehicle = plan.vehicle();
        return plan.withVehicle(vehicle.withMeasuredSolids(and(vehicle.measuredSolids(), solid)));
    }

    /** {@return the plan with a wheel box through the deck over the last axle} */
    public static BoxPlan withWheelBox(BoxPlan plan) {
        Vehicle vehicle = plan.vehicle();
        double axle = vehicle.gear().axles().getLast().placeMm();
        double half = Math.rint(vehicle.gear().wheels().diameterMm() / 2 + 40);
        double edge = vehicle.deck().widthMm() / 2;
        return with(
                plan,
                new Solid(
                        "wheel box",
                        Solid.Kind.WHEEL_WELL,
                        new Stretch(axle - half, axle + half),
                        new Stretch(edge - 230, edge),
                        new Stretch(0, 180),
                        true));
    }

    /** {@return the plan with a hump in the middle at the front of the deck} */
    public static BoxPlan withHump(BoxPlan plan) {
        return with(
                plan,
                new Solid(
                        "hump",
                        Solid.Kind.HUMP,
                        new Stretch(0, 400),
                        new Stretch(-200, 200),
                        new Stretch(0, 60),
                        false));
    }

    /** {@return the plan with a fuel tank under the deck, on the right} */
    public static BoxPlan withTank(BoxPlan plan) {
        double edge = plan.vehicle().deck().widthMm() / 2;
        return with(
                plan,
                new Solid(
                        "fuel tank",
                        Solid.Kind.TANK,
                        new Stretch(700, 1500),
                        new Stretch(edge - 500, edge - 50),
                        new Stretch(-450, -80),
                        false));
    }

    /** {@return the plan with mud flaps behind the last axle} */
    public static BoxPlan withMudFlaps(BoxPlan plan) {
        Vehicle vehicle = plan.vehicle();
        double behind =
                vehicle.gear().axles().getLast().placeMm()
                        + Math.rint(vehicle.gear().wheels().diameterMm() / 2 + 60);
        double edge = vehicle.deck().widthMm() / 2;
        return with(
                plan,
                new Solid(
                        "mud flap",
                        Solid.Kind.MUD_FLAP,
                        new Stretch(behind, behind + 20),
                        new Stretch(edge - 400, edge),
                        new Stretch(-550, -50),
                        true));
    }

    /** {@return the plan without the solid measured last} */
    public static BoxPlan withoutSolid(BoxPlan plan) {
        Vehicle vehicle = plan.vehicle();
        return plan.withVehicle(vehicle.withMeasuredSolids(butLast(vehicle.measuredSolids())));
    }
}
