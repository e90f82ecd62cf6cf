package pteron.core.field;

import java.util.function.BiFunction;
import java.util.function.Function;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.frame.FrameStation;
import pteron.core.makeup.MakeUpStation;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.UnitSystem;

/** Fields of floor, walls and roof: layers, members, spacing. */
final class MakeUpFields {

    private final MaterialLibrary library;
    private final UnitSystem units;
    private final Fields<MakeUp> makeUp;

    private MakeUpFields(MaterialLibrary library, UnitSystem units) {
        this.library = library;
        this.units = units;
        this.makeUp = Fields.at(MakeUpStation.MAKE_UP).part(BoxPlan::makeUp, BoxPlan::withMakeUp);
    }

    static Fields<MakeUp> of(BoxPlan plan, MaterialLibrary library) {
        MakeUpFields all = new MakeUpFields(library, plan.units());
        all.floor(all.makeUp.part(MakeUp::floor, MakeUp::withFloor));
        all.framed("walls", "Walls", MakeUp::walls, MakeUp::withWalls);
        all.framed("roof", "Roof", MakeUp::roof, MakeUp::withRoof);
        all.members();
        return all.makeUp;
    }

    private void floor(Fields<Floor> floor) {
        layer("floor.topFace", "Floor, top face", floor.part(Floor::topFace, Floor::withTopFace));
        layer("floor.core", "Floor, core", floor.part(Floor::core, Floor::withCore));
        layer(
                "floor.bottomFace",
                "Floor, bottom face",
                floor.part(Floor::bottomFace, Floor::withBottomFace));
    }

    private void framed(
            String key,
            String name,
            Function<MakeUp, Framed> get,
            BiFunction<MakeUp, Framed, MakeUp> set) {
        Fields<Framed> framed = makeUp.part(get, set);
        layer(
                key + ".outerSkin",
                name + ", outer skin",
                framed.part(Framed::outerSkin, Framed::withOuterSkin));
        layer(
                key + ".insulation",
                name + ", insulation",
                framed.part(Framed::insulation, Framed::withInsulation));
        layer(
                key + ".innerSkin",
                name + ", lining",
                framed.part(Framed::innerSkin, Framed::withInnerSkin));
    }

    private void layer(String key, String name, Fields<Layer> layer) {
        layer.mm(
                key + ".thickness", name + ", thickness", Layer::thicknessMm, Layer::withThickness);
        layer.choice(
                key, name, Fitting.at(key, library, units), Layer::material, Layer::withMaterial);
    }

    private void members() {
        Fields<MakeUp> frame = makeUp.shownAt(FrameStation.FRAME);
        Fields<Floor> floor = frame.part(MakeUp::floor, MakeUp::withFloor);
        Fields<Framed> walls = frame.part(MakeUp::walls, MakeUp::withWalls);
        Fields<Framed> roof = frame.part(MakeUp::roof, MakeUp::withRoof);
        members("floor.bearers", "Bearers", floor.part(Floor::bearers, Floor::withBearers));
        members("walls.members", "Studs", walls.part(Framed::members, Framed::withMembers));
        members("roof.members", "Roof bows", roof.part(Framed::members, Framed::withMembers));
        section("blocking", "Blocking", frame.part(MakeUp::blocking, MakeUp::withBlocking));
        frame.choice(
                "bends",
                "Curved plates",
                Choices.of(MakeUp.Bends.values()),
                now -> Choices.id(now.bends()),
                (now, id) -> now.withBends(Choices.value(MakeUp.Bends.values(), id)));
        AssemblyFields.add(makeUp);
    }

    private void members(String key, String name, Fields<Members> members) {
        section(key, name, members.part(Members::section, Members::withSection));
        members.mm(
                key + ".spacing",
                name + ", maximum spacing",
                Members::spacingMm,
                Members::withSpacing);
        members.choice(
                key,
                name + ", material",
                Fitting.at(key, library, units),
                Members::timber,
                Members::withTimber);
    }

    private static void section(String key, String name, Fields<Section> section) {
        section.mm(
                key + ".thickness",
                name + ", thickness",
                Section::thicknessMm,
                Section::withThickness);
        section.mm(key + ".depth", name + ", depth", Section::depthMm, Section::withDepth);
    }
}
