package pteron.exchange.plan;

import java.util.List;
import pteron.core.buildup.Alternative;
import pteron.core.buildup.BuildUp;
import pteron.core.buildup.BuildUpLimits;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Fit;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.makeup.LayerUse;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.Assembly;
import pteron.core.plan.Joining;
import pteron.core.plan.MakeUp;
import pteron.core.plan.Partition;
import pteron.core.plan.PlanLimits;
import pteron.core.quantity.Require.Range;

/** Reads the make-up; materials must be in the library. */
final class MakeUpReader {

    private final MaterialLibrary library;

    MakeUpReader(MaterialLibrary library) {
        this.library = library;
    }

    MakeUp makeUp(JsonCursor at) throws PlanFormatException {
        return new MakeUp(
                at.object("floor", this::floor),
                at.object("walls", this::framed),
                at.object("roof", this::framed),
                at.object("blocking", MakeUpReader::section),
                at.choiceOr("bends", MakeUp.Bends.values(), MakeUp.Bends.GLUED),
                at.has("assembly") ? at.object("assembly", MakeUpReader::assembly) : Assembly.USUAL,
                at.has("joining") ? at.object("joining", MakeUpReader::joining) : Joining.USUAL,
                at.objectsOr("alternatives", this::alternative));
    }

    private static Assembly assembly(JsonCursor at) throws PlanFormatException {
        Assembly usual = Assembly.USUAL;
        return new Assembly(
                at.choiceOr("corners", Assembly.Corners.values(), usual.corners()),
                at.choiceOr("feet", Assembly.Feet.values(), usual.feet()),
                at.choiceOr("ceiling", Assembly.Ceiling.values(), usual.ceiling()),
                at.choiceOr("lining", Assembly.Lining.values(), usual.lining()),
                at.choiceOr("strip", Assembly.Strip.values(), usual.strip()),
                at.wholeOr("floorAlong", Assembly.FLOOR_PIECES, 1),
                at.wholeOr("floorAcross", Assembly.FLOOR_PIECES, 1));
    }

    /** {@return a wall inside; without a start and an end it goes from wall to wall} */
    Partition partition(JsonCursor at) throws PlanFormatException {
        Range range = PlanLimits.PARTITION_PLACE;
        return new Partition(
                at.text("name"),
                at.choice("run", Partition.Run.values()),
                at.number("placeMm", range),
                at.numberOr("fromMm", range, range.least()),
                at.numberOr("toMm", range, range.most()),
                at.object("build", this::framed),
                at.choiceOr("hold", Partition.Hold.values(), Partition.Hold.SCREWED));
    }

    private static Joining joining(JsonCursor at) throws PlanFormatException {
        Joining usual = Joining.USUAL;
        return new Joining(
                at.choiceOr("tubes", Joining.Tubes.values(), usual.tubes()),
                at.choiceOr("weld", Joining.Weld.values(), usual.weld()),
                at.choiceOr("curves", Joining.Curves.values(), usual.curves()),
                at.choiceOr("panels", Joining.Panels.values(), usual.panels()),
                at.numberOr("conduitMm", PlanLimits.CONDUIT, 0));
    }

    private Alternative alternative(JsonCursor at) throws PlanFormatException {
        String name = at.text("name");
        Alternative.Part part = at.choice("part", Alternative.Part.values());
        BuildUp buildUp =
                part == Alternative.Part.FLOOR
                        ? at.object("buildUp", this::floor)
                        : at.object("buildUp", this::framed);
        return new Alternative(name, part, buildUp);
    }

    private Floor floor(JsonCursor at) throws PlanFormatException {
        return new Floor(
                layer(at, "topFace"),
                layer(at, "core"),
                layer(at, "bottomFace"),
                members(at, "bearers"),
                layers(at, "finish"),
                school(at));
    }

    /** Before version 5 it told only whether there were bearers. */
    private static Floor.School school(JsonCursor at) throws PlanFormatException {
        if (at.has("school")) {
            return at.choice("school", Floor.School.values());
        }
        boolean bearers = !at.has("onBearers") || at.bool("onBearers");
        return bearers ? Floor.School.ON_BEARERS : Floor.School.ON_CROSS_MEMBERS;
    }

    private Framed framed(JsonCursor at) throws PlanFormatException {
        return new Framed(
                layer(at, "outerSkin"),
                layer(at, "insulation"),
                layer(at, "innerSkin"),
                members(at, "members"),
                at.choiceOr("scheme", Scheme.values(), Scheme.STUDS),
                at.has("fit") ? at.object("fit", this::fit) : Fit.USUAL,
                layers(at, "outside"),
                layers(at, "inside"));
    }

    private Fit fit(JsonCursor at) throws PlanFormatException {
        return new Fit(
                at.choice("over", Fit.Over.values()),
                material(at, "packing", at.path("packing")),
                at.number("gapMm", BuildUpLimits.FOAM_GAP));
    }

    private List<Layer> layers(JsonCursor at, String name) throws PlanFormatException {
        return at.objectsOr(name, layer -> layer(layer, at, name));
    }

    private Layer layer(JsonCursor at, String name) throws PlanFormatException {
        return at.object(name, layer -> layer(layer, at, name));
    }

    private Layer layer(JsonCursor layer, JsonCursor at, String name) throws PlanFormatException {
        return new Layer(
                material(layer, "material", at.path(name)),
                layer.number("thicknessMm", BuildUpLimits.LAYER),
                layer.choiceOr("grain", Layer.Grain.values(), Layer.Grain.ALONG),
                layer.textOr("fixing", ""));
    }

    private Members members(JsonCursor at, String name) throws PlanFormatException {
        return at.object(
                name,
                members ->
                        new Members(
                                members.object("section", MakeUpReader::section),
                                members.number("spacingMm", BuildUpLimits.SPACING),
                                material(members, "timber", at.path(name))));
    }

    static Section section(JsonCursor at) throws PlanFormatException {
        return new Section(
                at.number("thicknessMm", BuildUpLimits.SECTION_THICKNESS),
                at.number("depthMm", BuildUpLimits.SECTION_DEPTH),
                at.numberOr("wallMm", BuildUpLimits.SECTION_WALL, 0));
    }

    private String material(JsonCursor at, String name, String place) throws PlanFormatException {
        String id = at.text(name);
        if (!library.contains(id)) {
            String slot =
                    place.replaceFirst("^makeUp\\.", "")
                            .replaceFirst("^alternatives.*buildUp", "walls");
            List<String> fit =
                    library.all().stream()
                            .filter(material -> LayerUse.kinds(slot).contains(material.kind()))
                            .map(Material::id)
                            .toList();
            throw new PlanFormatException(
                    at.path(name),
                    "is “%s”, which the library does not have; take one of %s"
                            .formatted(id, String.join(", ", fit)));
        }
        return id;
    }
}
