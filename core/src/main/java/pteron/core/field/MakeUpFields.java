package pteron.core.field;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.frame.FrameStation;
import pteron.core.makeup.LayerUse;
import pteron.core.makeup.MakeUpStation;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.Unit;
import pteron.core.station.Station;

/** Fields of floor, walls and roof: layers, members, spacing. */
final class MakeUpFields {

    /**
     * A part of the make-up that can be read and put back changed.
     *
     * @param key {@code floor.topFace}, as in {@link LayerUse}
     * @param name what a builder calls it
     * @param get reads it
     * @param set puts another one in its place
     */
    private record Slot<T>(
            String key, String name, Function<MakeUp, T> get, BiFunction<MakeUp, T, MakeUp> set) {

        MakeUp change(MakeUp makeUp, UnaryOperator<T> change) {
            return set.apply(makeUp, change.apply(get.apply(makeUp)));
        }
    }

    private MakeUpFields() {}

    private static List<Slot<Layer>> layers() {
        List<Slot<Layer>> slots = new ArrayList<>();
        slots.add(floor("topFace", "Floor, top face", Floor::topFace, Floor::withTopFace));
        slots.add(floor("core", "Floor, core", Floor::core, Floor::withCore));
        slots.add(
                floor(
                        "bottomFace",
                        "Floor, bottom face",
                        Floor::bottomFace,
                        Floor::withBottomFace));
        Slot<Framed> walls = new Slot<>("walls", "Walls", MakeUp::walls, MakeUp::withWalls);
        Slot<Framed> roof = new Slot<>("roof", "Roof", MakeUp::roof, MakeUp::withRoof);
        for (Slot<Framed> framed : List.of(walls, roof)) {
            slots.add(
                    part(
                            framed,
                            "outerSkin",
                            "outer skin",
                            Framed::outerSkin,
                            Framed::withOuterSkin));
            slots.add(
                    part(
                            framed,
                            "insulation",
                            "insulation",
                            Framed::insulation,
                            Framed::withInsulation));
            slots.add(
                    part(framed, "innerSkin", "lining", Framed::innerSkin, Framed::withInnerSkin));
        }
        return slots;
    }

    private static Slot<Layer> floor(
            String key,
            String name,
            Function<Floor, Layer> get,
            BiFunction<Floor, Layer, Floor> set) {
        return new Slot<>(
                "floor." + key,
                name,
                makeUp -> get.apply(makeUp.floor()),
                (makeUp, layer) -> makeUp.withFloor(set.apply(makeUp.floor(), layer)));
    }

    private static Slot<Layer> part(
            Slot<Framed> framed,
            String key,
            String name,
            Function<Framed, Layer> get,
            BiFunction<Framed, Layer, Framed> set) {
        return new Slot<>(
                framed.key() + "." + key,
                framed.name() + ", " + name,
                makeUp -> get.apply(framed.get().apply(makeUp)),
                (makeUp, layer) -> framed.change(makeUp, old -> set.apply(old, layer)));
    }

    private static List<Slot<Members>> members() {
        return List.of(
                new Slot<>(
                        "floor.bearers",
                        "Bearers",
                        makeUp -> makeUp.floor().bearers(),
                        (makeUp, other) -> makeUp.withFloor(makeUp.floor().withBearers(other))),
                new Slot<>(
                        "walls.members",
                        "Studs",
                        makeUp -> makeUp.walls().members(),
                        (makeUp, other) -> makeUp.withWalls(makeUp.walls().withMembers(other))),
                new Slot<>(
                        "roof.members",
                        "Roof bows",
                        makeUp -> makeUp.roof().members(),
                        (makeUp, other) -> makeUp.withRoof(makeUp.roof().withMembers(other))));
    }

    static List<NumberField> numbers() {
        List<NumberField> fields = new ArrayList<>();
        for (Slot<Layer> slot : layers()) {
            fields.add(
                    number(
                            slot,
                            MakeUpStation.MAKE_UP,
                            "thickness",
                            Layer::thicknessMm,
                            Layer::withThickness));
        }
        for (Slot<Members> slot : members()) {
            fields.add(
                    number(
                            slot,
                            FrameStation.FRAME,
                            "thickness",
                            m -> m.section().thicknessMm(),
                            (m, v) -> m.withSection(m.section().withThickness(v))));
            fields.add(
                    number(
                            slot,
                            FrameStation.FRAME,
                            "depth",
                            m -> m.section().depthMm(),
                            (m, v) -> m.withSection(m.section().withDepth(v))));
            fields.add(
                    number(
                            slot,
                            FrameStation.FRAME,
                            "spacing",
                            Members::spacingMm,
                            Members::withSpacing));
        }
        Slot<Section> blocks =
                new Slot<>("blocking", "Blocks", MakeUp::blocking, MakeUp::withBlocking);
        fields.add(
                number(
                        blocks,
                        FrameStation.FRAME,
                        "thickness",
                        Section::thicknessMm,
                        Section::withThickness));
        fields.add(
                number(blocks, FrameStation.FRAME, "depth", Section::depthMm, Section::withDepth));
        return fields;
    }

    private static <T> NumberField number(
            Slot<T> slot,
            Station station,
            String what,
            ToDoubleFunction<T> get,
            BiFunction<T, Double, T> set) {
        return new NumberField(
                slot.key() + "." + what,
                station,
                slot.name() + ", " + (what.equals("spacing") ? "greatest spacing" : what),
                Unit.MILLIMETRE,
                plan -> get.applyAsDouble(slot.get().apply(plan.makeUp())),
                (plan, value) ->
                        plan.withMakeUp(slot.change(plan.makeUp(), old -> set.apply(old, value))));
    }

    static List<ChoiceField> choices(MaterialLibrary library) {
        List<ChoiceField> fields = new ArrayList<>();
        for (Slot<Layer> slot : layers()) {
            fields.add(
                    choice(
                            slot,
                            MakeUpStation.MAKE_UP,
                            slot.name(),
                            library,
                            Layer::material,
                            Layer::withMaterial));
        }
        for (Slot<Members> slot : members()) {
            String name = slot.name() + ", timber";
            fields.add(
                    choice(
                            slot,
                            FrameStation.FRAME,
                            name,
                            library,
                            Members::timber,
                            Members::withTimber));
        }
        return fields;
    }

    private static <T> ChoiceField choice(
            Slot<T> slot,
            Station station,
            String name,
            MaterialLibrary library,
            Function<T, String> get,
            BiFunction<T, String, T> set) {
        return new ChoiceField(
                slot.key(),
                station,
                name,
                fit(slot.key(), library),
                plan -> get.apply(slot.get().apply(plan.makeUp())),
                (plan, id) ->
                        plan.withMakeUp(slot.change(plan.makeUp(), old -> set.apply(old, id))));
    }

    /** {@return ids of the materials that know what the sums of a place ask for} */
    private static List<String> fit(String place, MaterialLibrary library) {
        return library.all().stream()
                .filter(material -> isFit(material, place))
                .map(Material::id)
                .toList();
    }

    private static boolean isFit(Material material, String place) {
        return LayerUse.needs(place).stream().allMatch(material::has)
                && LayerUse.kinds(place).contains(material.kind());
    }
}
