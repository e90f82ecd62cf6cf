package pteron.exchange.plan;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import pteron.core.makeup.LayerUse;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.Box;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Loads;
import pteron.core.plan.MakeUp;
import pteron.core.plan.MakeUp.Floor;
import pteron.core.plan.MakeUp.Framed;
import pteron.core.plan.MakeUp.Layer;
import pteron.core.plan.MakeUp.Members;
import pteron.core.plan.MakeUp.Section;
import pteron.core.plan.Opening;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.PlanLimits;
import pteron.core.plan.Supplies;
import pteron.core.plan.Trailer;
import pteron.core.plan.Trailer.Deck;
import pteron.core.plan.Trailer.Empty;
import pteron.core.plan.Trailer.Ratings;
import pteron.core.quantity.Require.Range;
import pteron.core.quantity.UnitSystem;

/** Makes a plan out of the tree of a file. */
final class PlanReader {

    /** What stands in the field {@code format}. */
    static final String FORMAT = "pteron-plan";

    /** Newest version of the format that is read and written. */
    static final int VERSION = 1;

    private final MaterialLibrary library;

    PlanReader(MaterialLibrary library) {
        this.library = library;
    }

    BoxPlan read(JsonNode tree) throws PlanFormatException {
        JsonCursor root = new JsonCursor(tree, "");
        format(root);
        BoxPlan plan = JsonCursor.built("", root, this::plan);
        root.nothingElse();
        return plan;
    }

    private static void format(JsonCursor root) throws PlanFormatException {
        String format = root.text("format");
        if (!format.equals(FORMAT)) {
            throw new PlanFormatException(
                    "format",
                    "is “%s” and must be “%s”; this is no plan of Pteron"
                            .formatted(format, FORMAT));
        }
        double version = root.number("version", new Range(1, 1_000_000, ""));
        if (version > VERSION) {
            throw new PlanFormatException(
                    "version",
                    "is %.0f and this Pteron reads up to %d; open the plan with a newer Pteron"
                            .formatted(version, VERSION));
        }
    }

    private BoxPlan plan(JsonCursor root) throws PlanFormatException {
        return new BoxPlan(
                root.text("name"),
                root.text("purpose"),
                root.choice("units", UnitSystem.values()),
                root.object("trailer", PlanReader::trailer),
                root.object("box", PlanReader::box),
                root.object("makeUp", this::makeUp),
                root.objects("openings", PlanReader::opening),
                root.object("loads", PlanReader::loads),
                root.object("supplies", PlanReader::supplies));
    }

    private static Trailer trailer(JsonCursor at) throws PlanFormatException {
        return new Trailer(
                at.object(
                        "deck",
                        deck ->
                                new Deck(
                                        deck.number("lengthMm", PlanLimits.DECK_LENGTH),
                                        deck.number("widthMm", PlanLimits.DECK_WIDTH),
                                        deck.number("heightMm", PlanLimits.DECK_HEIGHT))),
                at.number("couplerAheadMm", PlanLimits.COUPLER_AHEAD),
                at.numbers("axlesMm", PlanLimits.PLACE_ON_DECK),
                at.number("wheelDiameterMm", PlanLimits.WHEEL_DIAMETER),
                at.object(
                        "empty",
                        empty ->
                                new Empty(
                                        empty.number("massKg", PlanLimits.EMPTY_MASS),
                                        empty.number("couplerKg", PlanLimits.EMPTY_COUPLER))),
                at.object(
                        "ratings",
                        ratings ->
                                new Ratings(
                                        ratings.number("grossKg", PlanLimits.RATING),
                                        ratings.number("axlesKg", PlanLimits.RATING),
                                        ratings.number("couplerKg", PlanLimits.RATING))),
                at.numbers("crossMembersMm", PlanLimits.PLACE_ON_DECK));
    }

    private static Box box(JsonCursor at) throws PlanFormatException {
        List<OutlinePoint> outline =
                at.objects(
                        "outline",
                        point ->
                                new OutlinePoint(
                                        point.number("xMm", PlanLimits.OUTLINE_X),
                                        point.number("zMm", PlanLimits.OUTLINE_Z)));
        return new Box(
                outline,
                at.number("widthMm", PlanLimits.BOX_WIDTH),
                at.number("offsetMm", PlanLimits.BOX_OFFSET));
    }

    private MakeUp makeUp(JsonCursor at) throws PlanFormatException {
        return new MakeUp(
                at.object(
                        "floor",
                        floor ->
                                new Floor(
                                        layer(floor, "topFace"),
                                        layer(floor, "core"),
                                        layer(floor, "bottomFace"),
                                        members(floor, "bearers"))),
                at.object("walls", this::framed),
                at.object("roof", this::framed),
                at.object("blocking", PlanReader::section));
    }

    private Framed framed(JsonCursor at) throws PlanFormatException {
        return new Framed(
                layer(at, "outerSkin"),
                layer(at, "insulation"),
                layer(at, "innerSkin"),
                members(at, "members"));
    }

    private Layer layer(JsonCursor at, String name) throws PlanFormatException {
        return at.object(
                name,
                layer ->
                        new Layer(
                                material(layer, "material", at.path(name)),
                                layer.number("thicknessMm", PlanLimits.LAYER)));
    }

    private Members members(JsonCursor at, String name) throws PlanFormatException {
        return at.object(
                name,
                members ->
                        new Members(
                                members.object("section", PlanReader::section),
                                members.number("spacingMm", PlanLimits.SPACING),
                                material(members, "timber", at.path(name))));
    }

    private static Section section(JsonCursor at) throws PlanFormatException {
        return new Section(
                at.number("thicknessMm", PlanLimits.SECTION_THICKNESS),
                at.number("depthMm", PlanLimits.SECTION_DEPTH));
    }

    private String material(JsonCursor at, String name, String place) throws PlanFormatException {
        String id = at.text(name);
        if (!library.contains(id)) {
            List<String> fit =
                    library.all().stream()
                            .filter(material -> LayerUse.kinds(place).contains(material.kind()))
                            .map(Material::id)
                            .toList();
            throw new PlanFormatException(
                    at.path(name),
                    "is “%s”, which the library does not have; take one of %s"
                            .formatted(id, String.join(", ", fit)));
        }
        return id;
    }

    private static Opening opening(JsonCursor at) throws PlanFormatException {
        return new Opening(
                at.text("id"),
                at.text("name"),
                at.choice("kind", Opening.Kind.values()),
                at.choice("wall", Opening.Wall.values()),
                new Opening.Place(
                        at.number("alongMm", PlanLimits.OPENING_PLACE),
                        at.number("sillMm", PlanLimits.OPENING_SILL)),
                new Opening.Size(
                        at.number("widthMm", PlanLimits.OPENING_SIZE),
                        at.number("heightMm", PlanLimits.OPENING_SIZE)),
                at.number("playMm", PlanLimits.OPENING_PLAY),
                at.number("massKg", PlanLimits.OPENING_MASS));
    }

    private static Loads loads(JsonCursor at) throws PlanFormatException {
        return new Loads(
                at.number("windSpeedMps", PlanLimits.WIND_SPEED),
                at.number("floorPersonKg", PlanLimits.PERSON),
                at.number("floorLoadNPerM2", PlanLimits.FLOOR_LOAD),
                at.number("roadWidthMm", PlanLimits.ROAD_LIMIT),
                at.number("roadHeightMm", PlanLimits.ROAD_LIMIT));
    }

    private static Supplies supplies(JsonCursor at) throws PlanFormatException {
        return new Supplies(
                at.number("kerfMm", PlanLimits.KERF),
                at.numbers("stockLengthsMm", PlanLimits.STOCK_LENGTH),
                at.number("beadWidthMm", PlanLimits.BEAD),
                at.number("beadDepthMm", PlanLimits.BEAD),
                at.number("cartridgeMl", PlanLimits.CARTRIDGE),
                at.number("tapeRollMm", PlanLimits.TAPE_ROLL));
    }
}
