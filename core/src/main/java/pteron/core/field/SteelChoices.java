package pteron.core.field;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import pteron.core.vehicle.Solid;
import pteron.core.vehicle.Steel;
import pteron.core.vehicle.Steel.Outrigger;
import pteron.core.vehicle.Steel.Section;
import pteron.core.vehicle.Vehicle;

/** Choices of the carrier's steel and of what is in the way: shapes, ends, kinds, sides. */
final class SteelChoices {

    private static final String ONE_SIDE = "one side";
    private static final String BOTH_SIDES = "both sides";

    private final Vehicle vehicle;
    private final List<ChoiceField> choices = new ArrayList<>();

    private SteelChoices(Vehicle vehicle) {
        this.vehicle = vehicle;
    }

    static List<ChoiceField> of(Vehicle vehicle) {
        SteelChoices all = new SteelChoices(vehicle);
        all.shape("rail", "Rail, shape", Steel::rail, Steel::withRail);
        all.shape(
                "cross-section", "Cross-member, shape", Steel::crossMember, Steel::withCrossMember);
        if (!vehicle.steel().outriggers().isEmpty()) {
            all.shape(
                    "outrigger-section",
                    "Outrigger, shape",
                    Steel::outrigger,
                    Steel::withOutrigger);
        }
        all.outriggers();
        all.solids();
        return all.choices;
    }

    private void shape(
            String key,
            String name,
            Function<Steel, Section> get,
            BiFunction<Steel, Section, Steel> set) {
        choices.add(
                VehicleChoice.of(
                        key + ".shape",
                        name,
                        Choices.of(Section.Shape.values()),
                        v -> Choices.id(get.apply(v.steel()).shape()),
                        (v, id) -> {
                            Section.Shape shape = Choices.value(Section.Shape.values(), id);
                            Section section = get.apply(v.steel()).withShape(shape);
                            return v.withSteel(set.apply(v.steel(), section));
                        }));
    }

    /** It matters where one ends: half way up a web it cracks. */
    private void outriggers() {
        for (int i = 0; i < vehicle.steel().outriggers().size(); i++) {
            int index = i;
            choices.add(
                    VehicleChoice.of(
                            "outrigger." + i + ".end",
                            "Outrigger " + (i + 1) + " ends on the rail's",
                            Choices.of(Outrigger.End.values()),
                            v -> Choices.id(v.steel().outriggers().get(index).end()),
                            (v, id) ->
                                    v.withSteel(
                                            SteelFields.outrigger(
                                                    v.steel(),
                                                    index,
                                                    o ->
                                                            o.withEnd(
                                                                    Choices.value(
                                                                            Outrigger.End.values(),
                                                                            id))))));
        }
    }

    private void solids() {
        for (int i = 0; i < vehicle.measuredSolids().size(); i++) {
            int index = i;
            String name = vehicle.measuredSolids().get(i).name();
            choices.add(
                    VehicleChoice.of(
                            "solid." + i + ".kind",
                            "What is in the way, " + (i + 1),
                            Choices.of(Solid.Kind.values()),
                            v -> Choices.id(v.measuredSolids().get(index).kind()),
                            (v, id) ->
                                    solid(
                                            v,
                                            index,
                                            v.measuredSolids().get(index).withKind(kind(id)))));
            choices.add(
                    VehicleChoice.of(
                            "solid." + i + ".sides",
                            name + ", on",
                            List.of(ONE_SIDE, BOTH_SIDES),
                            v -> v.measuredSolids().get(index).mirrored() ? BOTH_SIDES : ONE_SIDE,
                            (v, id) ->
                                    solid(
                                            v,
                                            index,
                                            v.measuredSolids()
                                                    .get(index)
                                                    .withMirrored(id.equals(BOTH_SIDES)))));
        }
    }

    private static Solid.Kind kind(String id) {
        return Choices.value(Solid.Kind.values(), id);
    }

    private static Vehicle solid(Vehicle vehicle, int index, Solid solid) {
        return vehicle.withMeasuredSolids(
                SteelFields.changed(vehicle.measuredSolids(), index, solid));
    }
}
