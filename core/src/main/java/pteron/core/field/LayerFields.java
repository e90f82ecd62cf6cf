package pteron.core.field;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Fit;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.buildup.Layer;
import pteron.core.glue.GlueTable;
import pteron.core.makeup.LayerUse;
import pteron.core.makeup.MakeUpStation;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.Unit;
import pteron.core.station.Station;

/** Fields of further layers, of how a frame carries and foam sits, and of what holds the layers. */
final class LayerFields {

    private static final Station STATION = MakeUpStation.MAKE_UP;

    private final List<NumberField> numbers = new ArrayList<>();
    private final List<ChoiceField> choices = new ArrayList<>();
    private final MaterialLibrary library;

    private LayerFields(MaterialLibrary library) {
        this.library = library;
    }

    static LayerFields of(BoxPlan plan, MaterialLibrary library) {
        LayerFields all = new LayerFields(library);
        MakeUp makeUp = plan.makeUp();
        all.floor(makeUp.floor());
        all.framed("walls", "Walls", MakeUp::walls, MakeUp::withWalls, makeUp.walls());
        all.framed("roof", "Roof", MakeUp::roof, MakeUp::withRoof, makeUp.roof());
        return all;
    }

    List<NumberField> numbers() {
        return numbers;
    }

    List<ChoiceField> choices() {
        return choices;
    }

    /** A part of the make-up that can be read and put back changed. */
    private record Slot<T>(Function<MakeUp, T> get, BiFunction<MakeUp, T, MakeUp> set) {
        BoxPlan with(BoxPlan plan, T other) {
            return plan.withMakeUp(set.apply(plan.makeUp(), other));
        }
    }

    private void floor(Floor floor) {
        Slot<Floor> slot = new Slot<>(MakeUp::floor, MakeUp::withFloor);
        choices.add(
                choice(
                        "floor.on-bearers",
                        "Floor lies on",
                        List.of("bearers", "cross-members"),
                        plan -> plan.makeUp().floor().onBearers() ? "bearers" : "cross-members",
                        (plan, id) ->
                                slot.with(
                                        plan,
                                        plan.makeUp()
                                                .floor()
                                                .withOnBearers(id.equals("bearers")))));
        layers(
                "floor.finish",
                "Floor, finish",
                new Slot<>(
                        m -> m.floor().finish(),
                        (m, layers) -> m.withFloor(m.floor().withFinish(layers))),
                floor.finish());
        fixing("floor.topFace", "Floor, top face", layer(Floor::topFace, Floor::withTopFace));
        fixing("floor.core", "Floor, core", layer(Floor::core, Floor::withCore));
        fixing(
                "floor.bottomFace",
                "Floor, bottom face",
                layer(Floor::bottomFace, Floor::withBottomFace));
    }

    private static Slot<Layer> layer(
            Function<Floor, Layer> get, BiFunction<Floor, Layer, Floor> set) {
        return new Slot<>(
                m -> get.apply(m.floor()), (m, l) -> m.withFloor(set.apply(m.floor(), l)));
    }

    private void framed(
            String part,
            String name,
            Function<MakeUp, Framed> get,
            BiFunction<MakeUp, Framed, MakeUp> set,
            Framed now) {
        Slot<Framed> slot = new Slot<>(get, set);
        choices.add(
                choice(
                        part + ".scheme",
                        name + ", carried by",
                        Choices.of(Scheme.values()),
                        plan -> Choices.id(get.apply(plan.makeUp()).scheme()),
                        (plan, id) ->
                                slot.with(
                                        plan,
                                        get.apply(plan.makeUp())
                                                .withScheme(Choices.value(Scheme.values(), id)))));
        fit(part, name, slot);
        numbers.add(
                number(
                        part + ".tube-wall",
                        name + ", wall of the tube, 0 for solid",
                        plan -> get.apply(plan.makeUp()).members().section().wallMm(),
                        (plan, v) -> {
                            Framed old = get.apply(plan.makeUp());
                            return slot.with(
                                    plan,
                                    old.withMembers(
                                            old.members()
                                                    .withSection(
                                                            old.members().section().withWall(v))));
                        }));
        layers(
                part + ".outside",
                name + ", outside of the frame",
                new Slot<>(
                        m -> get.apply(m).outside(),
                        (m, l) -> set.apply(m, get.apply(m).withOutside(l))),
                now.outside());
        layers(
                part + ".inside",
                name + ", inside of the frame",
                new Slot<>(
                        m -> get.apply(m).inside(),
                        (m, l) -> set.apply(m, get.apply(m).withInside(l))),
                now.inside());
        fixing(
                part + ".outerSkin",
                name + ", outer skin",
                new Slot<>(
                        m -> get.apply(m).outerSkin(),
                        (m, l) -> set.apply(m, get.apply(m).withOuterSkin(l))));
        fixing(
                part + ".insulation",
                name + ", insulation",
                new Slot<>(
                        m -> get.apply(m).insulation(),
                        (m, l) -> set.apply(m, get.apply(m).withInsulation(l))));
    }

    private void fit(String part, String name, Slot<Framed> slot) {
        Function<BoxPlan, Fit> fit = plan -> slot.get().apply(plan.makeUp()).fit();
        BiFunction<BoxPlan, Fit, BoxPlan> put =
                (plan, other) -> slot.with(plan, slot.get().apply(plan.makeUp()).withFit(other));
        choices.add(
                choice(
                        part + ".foam-over",
                        name + ", foam thicker than the frame is",
                        Choices.of(Fit.Over.values()),
                        plan -> Choices.id(fit.apply(plan).over()),
                        (plan, id) ->
                                put.apply(
                                        plan,
                                        fit.apply(plan)
                                                .withOver(Choices.value(Fit.Over.values(), id)))));
        choices.add(
                choice(
                        part + ".packing",
                        name + ", frame packed out with",
                        fit(part + ".packing"),
                        plan -> fit.apply(plan).packing(),
                        (plan, id) -> put.apply(plan, fit.apply(plan).withPacking(id))));
        numbers.add(
                number(
                        part + ".foam-gap",
                        name + ", gap round the foam",
                        plan -> fit.apply(plan).gapMm(),
                        (plan, v) -> put.apply(plan, fit.apply(plan).withGap(v))));
    }

    private List<String> fit(String place) {
        return library.all().stream()
                .filter(m -> LayerUse.needs(place).stream().allMatch(m::has))
                .filter(m -> LayerUse.kinds(place).contains(m.kind()))
                .map(Material::id)
                .toList();
    }

    private void layers(String key, String name, Slot<List<Layer>> slot, List<Layer> now) {
        for (int i = 0; i < now.size(); i++) {
            int index = i;
            String place = key + "." + i;
            Slot<Layer> one =
                    new Slot<>(
                            m -> slot.get().apply(m).get(index),
                            (m, layer) -> {
                                List<Layer> changed = new ArrayList<>(slot.get().apply(m));
                                changed.set(index, layer);
                                return slot.set().apply(m, changed);
                            });
            choices.add(
                    choice(
                            place,
                            name + " " + (i + 1),
                            fit(place),
                            plan -> one.get().apply(plan.makeUp()).material(),
                            (plan, id) ->
                                    one.with(
                                            plan,
                                            one.get().apply(plan.makeUp()).withMaterial(id))));
            numbers.add(
                    number(
                            place + ".thickness",
                            name + " " + (i + 1) + ", thickness",
                            plan -> one.get().apply(plan.makeUp()).thicknessMm(),
                            (plan, v) ->
                                    one.with(
                                            plan,
                                            one.get().apply(plan.makeUp()).withThickness(v))));
            fixing(place, name + " " + (i + 1), one);
        }
    }

    private void fixing(String place, String name, Slot<Layer> slot) {
        List<String> options = new ArrayList<>(List.of("first that suits"));
        options.addAll(List.of(Layer.SCREWED, Layer.LOOSE));
        GlueTable.all().forEach(glue -> options.add(glue.id()));
        choices.add(
                choice(
                        place + ".fixing",
                        name + ", held to the next by",
                        options,
                        plan -> {
                            String id = slot.get().apply(plan.makeUp()).fixing();
                            return id.isEmpty() ? options.getFirst() : id;
                        },
                        (plan, id) ->
                                slot.with(
                                        plan,
                                        slot.get()
                                                .apply(plan.makeUp())
                                                .withFixing(
                                                        id.equals(options.getFirst()) ? "" : id))));
        choices.add(
                choice(
                        place + ".grain",
                        name + ", grain",
                        Choices.of(Layer.Grain.values()),
                        plan -> Choices.id(slot.get().apply(plan.makeUp()).grain()),
                        (plan, id) ->
                                slot.with(
                                        plan,
                                        slot.get()
                                                .apply(plan.makeUp())
                                                .withGrain(
                                                        Choices.value(Layer.Grain.values(), id)))));
    }

    private static ChoiceField choice(
            String key,
            String name,
            List<String> options,
            Function<BoxPlan, String> get,
            BiFunction<BoxPlan, String, BoxPlan> set) {
        return new ChoiceField(key, STATION, name, options, get, set);
    }

    private static NumberField number(
            String key,
            String name,
            ToDoubleFunction<BoxPlan> get,
            BiFunction<BoxPlan, Double, BoxPlan> set) {
        return new NumberField(key, STATION, name, Unit.MILLIMETRE, get, set);
    }
}
