package pteron.core.field;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import pteron.core.vehicle.Solid;
import pteron.core.vehicle.Solid.Stretch;
import pteron.core.vehicle.Steel;
import pteron.core.vehicle.Steel.Outrigger;
import pteron.core.vehicle.Vehicle;

/** Fields of rails, cross-members, outriggers and measured solids. */
final class SteelFields {

    private final Vehicle vehicle;
    private final VehicleFields to;

    SteelFields(Vehicle vehicle, VehicleFields to) {
        this.vehicle = vehicle;
        this.to = to;
    }

    void numbers() {
        steel();
        solids();
    }

    private void steel() {
        VehicleFields.Part<Steel> steel =
                new VehicleFields.Part<>(Vehicle::steel, Vehicle::withSteel);
        to.mm(
                "rails.spacing",
                "Between the middles of the rails",
                steel,
                Steel::railSpacingMm,
                Steel::withRailSpacing);
        section("rail", "Rail", steel, Steel::rail, Steel::withRail);
        section("cross-section", "Cross-member", steel, Steel::crossMember, Steel::withCrossMember);
        for (int i = 0; i < vehicle.steel().crossMembersMm().size(); i++) {
            int index = i;
            to.mm(
                    "cross-member." + i,
                    "Cross-member " + (i + 1),
                    steel,
                    s -> s.crossMembersMm().get(index),
                    (s, v) -> s.withCrossMembers(changed(s.crossMembersMm(), index, v)));
        }
        for (int i = 0; i < vehicle.steel().outriggers().size(); i++) {
            int index = i;
            to.mm(
                    "outrigger." + i,
                    "Outrigger " + (i + 1),
                    steel,
                    s -> s.outriggers().get(index).placeMm(),
                    (s, v) -> outrigger(s, index, o -> o.withPlace(v)));
            to.mm(
                    "outrigger." + i + ".reach",
                    "Outrigger " + (i + 1) + ", beside the rail",
                    steel,
                    s -> s.outriggers().get(index).reachMm(),
                    (s, v) -> outrigger(s, index, o -> o.withReach(v)));
        }
        if (!vehicle.steel().outriggers().isEmpty()) {
            section(
                    "outrigger-section",
                    "Outrigger",
                    steel,
                    Steel::outrigger,
                    Steel::withOutrigger);
        }
    }

    private void section(
            String key,
            String name,
            VehicleFields.Part<Steel> steel,
            Function<Steel, Steel.Section> get,
            BiFunction<Steel, Steel.Section, Steel> set) {
        to.mm(
                key + ".depth",
                name + ", depth",
                steel,
                s -> get.apply(s).depthMm(),
                (s, v) -> set.apply(s, get.apply(s).withDepth(v)));
        to.mm(
                key + ".flange",
                name + ", flange",
                steel,
                s -> get.apply(s).flangeMm(),
                (s, v) -> set.apply(s, get.apply(s).withFlange(v)));
        to.mm(
                key + ".metal",
                name + ", thickness of the metal",
                steel,
                s -> get.apply(s).thicknessMm(),
                (s, v) -> set.apply(s, get.apply(s).withThickness(v)));
    }

    static <T> List<T> changed(List<T> all, int index, T to) {
        List<T> changed = new ArrayList<>(all);
        changed.set(index, to);
        return changed;
    }

    /** {@return the steel with one outrigger changed} */
    static Steel outrigger(Steel steel, int index, UnaryOperator<Outrigger> change) {
        Outrigger old = steel.outriggers().get(index);
        return steel.withOutriggers(changed(steel.outriggers(), index, change.apply(old)));
    }

    private void solids() {
        for (int i = 0; i < vehicle.measuredSolids().size(); i++) {
            int index = i;
            String name = vehicle.measuredSolids().get(i).name();
            VehicleFields.Part<Solid> solid =
                    new VehicleFields.Part<>(
                            v -> v.measuredSolids().get(index),
                            (v, other) ->
                                    v.withMeasuredSolids(
                                            changed(v.measuredSolids(), index, other)));
            side(i, name, "along", solid, Solid::along, Solid::withAlong);
            side(i, name, "across", solid, Solid::across, Solid::withAcross);
            side(i, name, "up", solid, Solid::up, Solid::withUp);
        }
    }

    private void side(
            int index,
            String name,
            String way,
            VehicleFields.Part<Solid> solid,
            Function<Solid, Stretch> get,
            BiFunction<Solid, Stretch, Solid> set) {
        String key = "solid." + index + "." + way;
        to.mm(
                key + ".from",
                name + ", " + way + " from",
                solid,
                s -> get.apply(s).fromMm(),
                (s, v) -> set.apply(s, get.apply(s).withFrom(v)));
        to.mm(
                key + ".to",
                name + ", " + way + " to",
                solid,
                s -> get.apply(s).toMm(),
                (s, v) -> set.apply(s, get.apply(s).withTo(v)));
    }
}
