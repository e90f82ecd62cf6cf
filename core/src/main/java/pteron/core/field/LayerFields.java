package pteron.core.field;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Fit;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.edit.SchemeEdits;
import pteron.core.glue.GlueTable;
import pteron.core.makeup.MakeUpStation;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.UnitSystem;

/** Fields of further layers, of how a frame carries and foam sits, and of what holds the layers. */
final class LayerFields {

    private static final String FIRST_GLUE = "first that bonds both";

    private final MaterialLibrary library;
    private final UnitSystem units;
    private final Fields<MakeUp> makeUp;

    private LayerFields(MaterialLibrary library, UnitSystem units) {
        this.library = library;
        this.units = units;
        this.makeUp = Fields.at(MakeUpStation.MAKE_UP).part(BoxPlan::makeUp, BoxPlan::withMakeUp);
    }

    static Fields<MakeUp> of(BoxPlan plan, MaterialLibrary library) {
        LayerFields all = new LayerFields(library, plan.units());
        MakeUp now = plan.makeUp();
        all.floor(now.floor());
        all.framed("walls", "Walls", MakeUp::walls, MakeUp::withWalls, now.walls());
        all.framed("roof", "Roof", MakeUp::roof, MakeUp::withRoof, now.roof());
        return all.makeUp;
    }

    private void floor(Floor now) {
        Fields<Floor> floor = makeUp.part(MakeUp::floor, MakeUp::withFloor);
        floor.choice(
                "floor.school",
                "Floor, build method",
                Choices.of(Floor.School.values()),
                f -> Choices.id(f.school()),
                (f, id) -> f.withSchool(Choices.value(Floor.School.values(), id)));
        layers(
                "floor.finish",
                "Floor, finish",
                floor.part(Floor::finish, Floor::withFinish),
                now.finish().size());
        fixing("floor.topFace", "Floor, top face", floor.part(Floor::topFace, Floor::withTopFace));
        fixing("floor.core", "Floor, core", floor.part(Floor::core, Floor::withCore));
        fixing(
                "floor.bottomFace",
                "Floor, bottom face",
                floor.part(Floor::bottomFace, Floor::withBottomFace));
    }

    private void framed(
            String part,
            String name,
            Function<MakeUp, Framed> get,
            BiFunction<MakeUp, Framed, MakeUp> set,
            Framed now) {
        Fields<Framed> framed = makeUp.part(get, set);
        carried(part, name, framed);
        layers(
                part + ".outside",
                name + ", outside of the frame",
                framed.part(Framed::outside, Framed::withOutside),
                now.outside().size());
        layers(
                part + ".inside",
                name + ", inside of the frame",
                framed.part(Framed::inside, Framed::withInside),
                now.inside().size());
        fixing(
                part + ".outerSkin",
                name + ", outer skin",
                framed.part(Framed::outerSkin, Framed::withOuterSkin));
        fixing(
                part + ".insulation",
                name + ", insulation",
                framed.part(Framed::insulation, Framed::withInsulation));
    }

    private void carried(String part, String name, Fields<Framed> framed) {
        framed.choice(
                part + ".scheme",
                name + ", build method",
                Scheme.values(),
                Framed::scheme,
                (one, scheme) -> SchemeEdits.switched(one, scheme, library, units));
        fit(part, name, framed.part(Framed::fit, Framed::withFit));
        framed.part(Framed::members, Framed::withMembers)
                .part(Members::section, Members::withSection)
                .mm(
                        part + ".tube-wall",
                        name + ", tube wall (0 = solid)",
                        Section::wallMm,
                        Section::withWall);
    }

    private void fit(String part, String name, Fields<Fit> fit) {
        fit.choice(
                part + ".foam-over",
                name + ", insulation thicker than frame",
                Fit.Over.values(),
                Fit::over,
                Fit::withOver);
        fit.choice(
                part + ".packing",
                name + ", packing of the frame",
                Fitting.at(part + ".packing", library, units),
                Fit::packing,
                Fit::withPacking);
        fit.mm(part + ".foam-gap", name + ", gap around the insulation", Fit::gapMm, Fit::withGap);
    }

    private void layers(String key, String name, Fields<List<Layer>> layers, int count) {
        for (int i = 0; i < count; i++) {
            String place = key + "." + i;
            String called = name + " " + (i + 1);
            Fields<Layer> layer = layers.part(Lens.at(i));
            layer.choice(
                    place,
                    called,
                    Fitting.at(place, library, units),
                    Layer::material,
                    Layer::withMaterial);
            layer.mm(
                    place + ".thickness",
                    called + ", thickness",
                    Layer::thicknessMm,
                    Layer::withThickness);
            fixing(place, called, layer);
        }
    }

    private static void fixing(String place, String name, Fields<Layer> layer) {
        List<String> options =
                new ArrayList<>(List.of(FIRST_GLUE, Layer.SCREWED, Layer.LOOSE, Layer.FOUND));
        GlueTable.all().forEach(glue -> options.add(glue.id()));
        layer.choice(
                place + ".fixing",
                name + ", glued or fixed to next layer with",
                options,
                one -> one.fixing().isEmpty() ? FIRST_GLUE : one.fixing(),
                (one, id) -> one.withFixing(id.equals(FIRST_GLUE) ? "" : id));
        layer.choice(
                place + ".grain",
                name + ", grain",
                Layer.Grain.values(),
                Layer::grain,
                Layer::withGrain);
    }
}
