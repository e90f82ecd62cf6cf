package pteron.core.field;

import java.util.List;
import pteron.core.vehicle.Solid;
import pteron.core.vehicle.Solid.Stretch;
import pteron.core.vehicle.Steel;
import pteron.core.vehicle.Steel.Outrigger;
import pteron.core.vehicle.Vehicle;

/** Fields of rails, cross-members, outriggers and measured solids. */
final class SteelFields {

    private final Vehicle vehicle;
    private final Fields<Vehicle> to;

    SteelFields(Vehicle vehicle, Fields<Vehicle> to) {
        this.vehicle = vehicle;
        this.to = to;
    }

    void numbers() {
        steel(to.part(Vehicle::steel, Vehicle::withSteel));
        solids(to.part(Vehicle::measuredSolids, Vehicle::withMeasuredSolids));
    }

    private void steel(Fields<Steel> steel) {
        steel.mm(
                "rails.spacing",
                "Rail spacing, centre to centre",
                Steel::railSpacingMm,
                Steel::withRailSpacing);
        section("rail", "Rail", steel.part(Steel::rail, Steel::withRail));
        section(
                "cross-section",
                "Cross-member",
                steel.part(Steel::crossMember, Steel::withCrossMember));
        for (int i = 0; i < vehicle.steel().crossMembersMm().size(); i++) {
            steel.part(Steel::crossMembersMm, Steel::withCrossMembers)
                    .part(Lens.<Double>at(i))
                    .mm(
                            "cross-member." + i,
                            "Cross-member " + (i + 1),
                            place -> place,
                            (place, v) -> v);
        }
        outriggers(steel);
    }

    private void outriggers(Fields<Steel> steel) {
        Fields<List<Outrigger>> outriggers = steel.part(Steel::outriggers, Steel::withOutriggers);
        for (int i = 0; i < vehicle.steel().outriggers().size(); i++) {
            String key = "outrigger." + i;
            String name = "Outrigger " + (i + 1);
            outriggers
                    .part(Lens.<Outrigger>at(i))
                    .mm(key, name, Outrigger::placeMm, Outrigger::withPlace)
                    .mm(
                            key + ".reach",
                            name + ", reach beside the rail",
                            Outrigger::reachMm,
                            Outrigger::withReach);
        }
        if (!vehicle.steel().outriggers().isEmpty()) {
            section(
                    "outrigger-section",
                    "Outrigger",
                    steel.part(Steel::outrigger, Steel::withOutrigger));
        }
    }

    private static void section(String key, String name, Fields<Steel.Section> section) {
        section.mm(
                        key + ".depth",
                        name + ", depth",
                        Steel.Section::depthMm,
                        Steel.Section::withDepth)
                .mm(
                        key + ".flange",
                        name + ", flange",
                        Steel.Section::flangeMm,
                        Steel.Section::withFlange)
                .mm(
                        key + ".metal",
                        name + ", thickness of the metal",
                        Steel.Section::thicknessMm,
                        Steel.Section::withThickness);
    }

    private void solids(Fields<List<Solid>> solids) {
        for (int i = 0; i < vehicle.measuredSolids().size(); i++) {
            String key = "solid." + i + ".";
            String name = vehicle.measuredSolids().get(i).name() + ", ";
            Fields<Solid> solid = solids.part(Lens.<Solid>at(i));
            stretch(key + "along", name + "along", solid.part(Solid::along, Solid::withAlong));
            stretch(key + "across", name + "across", solid.part(Solid::across, Solid::withAcross));
            stretch(key + "up", name + "up", solid.part(Solid::up, Solid::withUp));
        }
    }

    private static void stretch(String key, String name, Fields<Stretch> stretch) {
        stretch.mm(key + ".from", name + " from", Stretch::fromMm, Stretch::withFrom)
                .mm(key + ".to", name + " to", Stretch::toMm, Stretch::withTo);
    }
}
