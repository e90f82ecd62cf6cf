package pteron.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import pteron.core.makeup.LayerUse;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.MakeUp;
import pteron.core.plan.MakeUp.Floor;
import pteron.core.plan.MakeUp.Framed;
import pteron.core.plan.MakeUp.Layer;
import pteron.core.plan.MakeUp.Members;
import pteron.core.plan.MakeUp.Section;
import pteron.core.quantity.Unit;

/** Fields of floor, walls and roof: layers, members, spacing. */
final class MakeUpFields {

    /**
     * A layer of the make-up.
     *
     * @param key {@code floor.topFace}, as in {@link LayerUse}
     */
    private record LayerSlot(
            String key,
            String name,
            Function<MakeUp, Layer> get,
            BiFunction<MakeUp, Layer, MakeUp> set) {}

    /** Members of the make-up. */
    private record MemberSlot(
            String key,
            String name,
            Function<MakeUp, Members> get,
            BiFunction<MakeUp, Members, MakeUp> set) {}

    private MakeUpFields() {}

    private static List<LayerSlot> layers() {
        List<LayerSlot> slots = new ArrayList<>();
        slots.add(
                floor(
                        "floor.topFace",
                        "Floor, top face",
                        Floor::topFace,
                        (f, l) -> new Floor(l, f.core(), f.bottomFace(), f.bearers())));
        slots.add(
                floor(
                        "floor.core",
                        "Floor, core",
                        Floor::core,
                        (f, l) -> new Floor(f.topFace(), l, f.bottomFace(), f.bearers())));
        slots.add(
                floor(
                        "floor.bottomFace",
                        "Floor, bottom face",
                        Floor::bottomFace,
                        (f, l) -> new Floor(f.topFace(), f.core(), l, f.bearers())));
        slots.addAll(framed("walls", "Walls", MakeUp::walls, MakeUp::withWalls));
        slots.addAll(framed("roof", "Roof", MakeUp::roof, MakeUp::withRoof));
        return slots;
    }

    private static LayerSlot floor(
            String key,
            String name,
            Function<Floor, Layer> get,
            BiFunction<Floor, Layer, Floor> set) {
        return new LayerSlot(
                key,
                name,
                makeUp -> get.apply(makeUp.floor()),
                (makeUp, layer) -> makeUp.withFloor(set.apply(makeUp.floor(), layer)));
    }

    private static List<LayerSlot> framed(
            String key,
            String name,
            Function<MakeUp, Framed> part,
            BiFunction<MakeUp, Framed, MakeUp> put) {
        return List.of(
                new LayerSlot(
                        key + ".outerSkin",
                        name + ", outer skin",
                        m -> part.apply(m).outerSkin(),
                        (m, l) ->
                                put.apply(
                                        m,
                                        new Framed(
                                                l,
                                                part.apply(m).insulation(),
                                                part.apply(m).innerSkin(),
                                                part.apply(m).members()))),
                new LayerSlot(
                        key + ".insulation",
                        name + ", insulation",
                        m -> part.apply(m).insulation(),
                        (m, l) ->
                                put.apply(
                                        m,
                                        new Framed(
                                                part.apply(m).outerSkin(),
                                                l,
                                                part.apply(m).innerSkin(),
                                                part.apply(m).members()))),
                new LayerSlot(
                        key + ".innerSkin",
                        name + ", lining",
                        m -> part.apply(m).innerSkin(),
                        (m, l) ->
                                put.apply(
                                        m,
                                        new Framed(
                                                part.apply(m).outerSkin(),
                                                part.apply(m).insulation(),
                                                l,
                                                part.apply(m).members()))));
    }

    private static List<MemberSlot> members() {
        return List.of(
                new MemberSlot(
                        "floor.bearers",
                        "Bearers",
                        m -> m.floor().bearers(),
                        (m, b) ->
                                m.withFloor(
                                        new Floor(
                                                m.floor().topFace(),
                                                m.floor().core(),
                                                m.floor().bottomFace(),
                                                b))),
                new MemberSlot(
                        "walls.members",
                        "Studs",
                        m -> m.walls().members(),
                        (m, s) ->
                                m.withWalls(
                                        new Framed(
                                                m.walls().outerSkin(),
                                                m.walls().insulation(),
                                                m.walls().innerSkin(),
                                                s))),
                new MemberSlot(
                        "roof.members",
                        "Roof bows",
                        m -> m.roof().members(),
                        (m, s) ->
                                m.withRoof(
                                        new Framed(
                                                m.roof().outerSkin(),
                                                m.roof().insulation(),
                                                m.roof().innerSkin(),
                                                s))));
    }

    static List<NumberField> numbers() {
        List<NumberField> fields = new ArrayList<>();
        for (LayerSlot slot : layers()) {
            fields.add(
                    number(
                            slot.key() + ".thickness",
                            "make-up",
                            slot.name() + ", thickness",
                            m -> slot.get().apply(m).thicknessMm(),
                            (m, v) ->
                                    slot.set()
                                            .apply(
                                                    m,
                                                    new Layer(slot.get().apply(m).material(), v))));
        }
        for (MemberSlot slot : members()) {
            fields.addAll(numbers(slot));
        }
        fields.add(
                number(
                        "blocking.thickness",
                        "frame",
                        "Blocks, thickness",
                        m -> m.blocking().thicknessMm(),
                        (m, v) -> m.withBlocking(new Section(v, m.blocking().depthMm()))));
        fields.add(
                number(
                        "blocking.depth",
                        "frame",
                        "Blocks, depth",
                        m -> m.blocking().depthMm(),
                        (m, v) -> m.withBlocking(new Section(m.blocking().thicknessMm(), v))));
        return fields;
    }

    private static List<NumberField> numbers(MemberSlot slot) {
        Function<MakeUp, Members> get = slot.get();
        return List.of(
                number(
                        slot.key() + ".thickness",
                        "frame",
                        slot.name() + ", thickness",
                        m -> get.apply(m).section().thicknessMm(),
                        (m, v) ->
                                slot.set()
                                        .apply(
                                                m,
                                                new Members(
                                                        new Section(
                                                                v,
                                                                get.apply(m).section().depthMm()),
                                                        get.apply(m).spacingMm(),
                                                        get.apply(m).timber()))),
                number(
                        slot.key() + ".depth",
                        "frame",
                        slot.name() + ", depth",
                        m -> get.apply(m).section().depthMm(),
                        (m, v) ->
                                slot.set()
                                        .apply(
                                                m,
                                                new Members(
                                                        new Section(
                                                                get.apply(m)
                                                                        .section()
                                                                        .thicknessMm(),
                                                                v),
                                                        get.apply(m).spacingMm(),
                                                        get.apply(m).timber()))),
                number(
                        slot.key() + ".spacing",
                        "frame",
                        slot.name() + ", greatest spacing",
                        m -> get.apply(m).spacingMm(),
                        (m, v) ->
                                slot.set()
                                        .apply(
                                                m,
                                                new Members(
                                                        get.apply(m).section(),
                                                        v,
                                                        get.apply(m).timber()))));
    }

    private interface Read {
        double of(MakeUp makeUp);
    }

    private static NumberField number(
            String key,
            String station,
            String name,
            Read get,
            BiFunction<MakeUp, Double, MakeUp> set) {
        return new NumberField(
                key,
                station,
                name,
                Unit.MILLIMETRE,
                plan -> get.of(plan.makeUp()),
                (plan, value) -> plan.withMakeUp(set.apply(plan.makeUp(), value)));
    }

    static List<ChoiceField> choices(MaterialLibrary library) {
        List<ChoiceField> fields = new ArrayList<>();
        for (LayerSlot slot : layers()) {
            fields.add(
                    choice(
                            slot.key(),
                            "make-up",
                            slot.name(),
                            library,
                            m -> slot.get().apply(m).material(),
                            (m, id) ->
                                    slot.set()
                                            .apply(
                                                    m,
                                                    new Layer(
                                                            id,
                                                            slot.get().apply(m).thicknessMm()))));
        }
        for (MemberSlot slot : members()) {
            fields.add(
                    choice(
                            slot.key(),
                            "frame",
                            slot.name() + ", timber",
                            library,
                            m -> slot.get().apply(m).timber(),
                            (m, id) ->
                                    slot.set()
                                            .apply(
                                                    m,
                                                    new Members(
                                                            slot.get().apply(m).section(),
                                                            slot.get().apply(m).spacingMm(),
                                                            id))));
        }
        return fields;
    }

    private static ChoiceField choice(
            String key,
            String station,
            String name,
            MaterialLibrary library,
            Function<MakeUp, String> get,
            BiFunction<MakeUp, String, MakeUp> set) {
        return new ChoiceField(
                key,
                station,
                name,
                fit(key, library),
                plan -> get.apply(plan.makeUp()),
                (plan, id) -> plan.withMakeUp(set.apply(plan.makeUp(), id)));
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
