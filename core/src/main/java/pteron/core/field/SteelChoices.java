package pteron.core.field;

import java.util.List;
import pteron.core.vehicle.Solid;
import pteron.core.vehicle.Steel;
import pteron.core.vehicle.Steel.Outrigger;
import pteron.core.vehicle.Steel.Section;
import pteron.core.vehicle.Vehicle;

/** Choices of the carrier's steel and of what is in the way: shapes, ends, kinds, sides. */
final class SteelChoices {

    private static final String ONE_SIDE = "one side";
    private static final String BOTH_SIDES = "both sides";

    private SteelChoices() {}

    /** Adds the choices of a vehicle. */
    static void add(Vehicle now, Fields<Vehicle> to) {
        Fields<Steel> steel = to.part(Vehicle::steel, Vehicle::withSteel);
        shape("rail", "Rail, shape", steel.part(Steel::rail, Steel::withRail));
        shape(
                "cross-section",
                "Cross-member, shape",
                steel.part(Steel::crossMember, Steel::withCrossMember));
        if (!now.steel().outriggers().isEmpty()) {
            shape(
                    "outrigger-section",
                    "Outrigger, shape",
                    steel.part(Steel::outrigger, Steel::withOutrigger));
        }
        outriggers(now, steel.part(Steel::outriggers, Steel::withOutriggers));
        solids(now, to.part(Vehicle::measuredSolids, Vehicle::withMeasuredSolids));
    }

    private static void shape(String key, String name, Fields<Section> section) {
        section.choice(
                key + ".shape", name, Section.Shape.values(), Section::shape, Section::withShape);
    }

    /** It matters where one ends: half way up a web it cracks. */
    private static void outriggers(Vehicle now, Fields<List<Outrigger>> outriggers) {
        for (int i = 0; i < now.steel().outriggers().size(); i++) {
            outriggers
                    .part(Lens.<Outrigger>at(i))
                    .choice(
                            "outrigger." + i + ".end",
                            "Outrigger " + (i + 1) + " ends on the rail's",
                            Outrigger.End.values(),
                            Outrigger::end,
                            Outrigger::withEnd);
        }
    }

    private static void solids(Vehicle now, Fields<List<Solid>> solids) {
        for (int i = 0; i < now.measuredSolids().size(); i++) {
            solids.part(Lens.<Solid>at(i))
                    .choice(
                            "solid." + i + ".kind",
                            "Obstruction " + (i + 1),
                            Solid.Kind.values(),
                            Solid::kind,
                            Solid::withKind)
                    .choice(
                            "solid." + i + ".sides",
                            now.measuredSolids().get(i).name() + ", on",
                            List.of(ONE_SIDE, BOTH_SIDES),
                            solid -> solid.mirrored() ? BOTH_SIDES : ONE_SIDE,
                            (solid, id) -> solid.withMirrored(id.equals(BOTH_SIDES)));
        }
    }
}
