package pteron.exchange.plan;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Optional;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Climate;
import pteron.core.plan.Loads;
import pteron.core.plan.Opening;
import pteron.core.plan.PlanLimits;
import pteron.core.plan.RoadLimits;
import pteron.core.plan.Saw;
import pteron.core.plan.ServiceClass;
import pteron.core.plan.Supplies;
import pteron.core.plan.Wall;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Require.Range;
import pteron.core.quantity.UnitSystem;

/** Makes a plan out of the tree of a file. */
final class PlanReader {

    /** What stands in the field {@code format}. */
    static final String FORMAT = "pteron-plan";

    /** Newest version of the format that is read and written. */
    static final int VERSION = 8;

    /** Lengths of tubes before version 7: a whole bar, common practice. */
    private static final List<Double> TUBE_LENGTHS_MM = List.of(6000.0);

    private static final Range VERSIONS = new Range(1, 1_000_000, "");

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
        double version = root.number("version", VERSIONS);
        if (version != Math.rint(version)) {
            throw new PlanFormatException(
                    "version",
                    "is %s and must be a whole number from 1 to %d; correct it"
                            .formatted(NumberText.format(version, 3), VERSION));
        }
        if (version > VERSION) {
            throw new PlanFormatException(
                    "version",
                    "is %s and this Pteron reads up to %d; open the plan with a newer Pteron"
                            .formatted(NumberText.format(version, 0), VERSION));
        }
    }

    private BoxPlan plan(JsonCursor root) throws PlanFormatException {
        List<Material> own = MaterialReader.materials(root);
        MakeUpReader makeUp = new MakeUpReader(library.with(own));
        int version = (int) root.number("version", VERSIONS);
        boolean first = version == 1;
        RoadLimits[] limits = {RoadLimits.USUAL};
        Loads loads =
                root.object(
                        "loads",
                        at -> {
                            if (first) {
                                limits[0] = firstLimits(at);
                            }
                            return loads(at, version);
                        });
        return new BoxPlan(
                root.text("name"),
                root.text("purpose"),
                root.choice("units", UnitSystem.values()),
                first
                        ? root.object("trailer", VehicleReader::firstTrailer)
                        : root.object("vehicle", VehicleReader::vehicle),
                root.object("box", BoxReader::box),
                root.object("makeUp", makeUp::makeUp),
                root.objects("openings", PlanReader::opening),
                root.objectsOr("partitions", makeUp::partition),
                root.has("found")
                        ? Optional.of(root.object("found", FoundReader::found))
                        : Optional.empty(),
                loads,
                first ? limits[0] : root.object("limits", PlanReader::limits),
                first ? Climate.USUAL : root.object("climate", PlanReader::climate),
                root.object("supplies", at -> supplies(at, version)),
                own);
    }

    private static Opening opening(JsonCursor at) throws PlanFormatException {
        return new Opening(
                at.text("id"),
                at.text("name"),
                at.choice("kind", Opening.Kind.values()),
                wall(at),
                new Opening.Place(
                        at.number("alongMm", PlanLimits.OPENING_PLACE),
                        at.number("sillMm", PlanLimits.OPENING_SILL)),
                new Opening.Size(
                        at.number("widthMm", PlanLimits.OPENING_SIZE),
                        at.number("heightMm", PlanLimits.OPENING_SIZE)),
                at.number("playMm", PlanLimits.OPENING_PLAY),
                at.number("massKg", PlanLimits.OPENING_MASS),
                at.choiceOr("unit", Opening.Source.values(), Opening.Source.NEW));
    }

    /** Before version 5 openings lay in upright walls only. */
    private static Wall wall(JsonCursor at) throws PlanFormatException {
        String name = at.text("wall");
        return Wall.of(name)
                .orElseThrow(
                        () ->
                                new PlanFormatException(
                                        at.path("wall"),
                                        "is “%s” and must be one of %s; the second roof is roof-2"
                                                .formatted(name, String.join(", ", Wall.names()))));
    }

    /** Before version 3 all wood was taken as covered. */
    private static Loads loads(JsonCursor at, int version) throws PlanFormatException {
        return new Loads(
                at.number("windSpeedMps", PlanLimits.WIND_SPEED),
                at.number("floorPersonKg", PlanLimits.PERSON),
                at.number("floorLoadNPerM2", PlanLimits.FLOOR_LOAD),
                version < 3
                        ? ServiceClass.COVERED
                        : at.choice("serviceClass", ServiceClass.values()));
    }

    private static RoadLimits limits(JsonCursor at) throws PlanFormatException {
        return new RoadLimits(
                at.text("region"),
                at.number("widthMm", PlanLimits.ROAD_LIMIT),
                at.number("heightMm", PlanLimits.ROAD_LIMIT),
                at.number("lengthMm", PlanLimits.ROAD_LENGTH),
                at.number("shopDoorMm", PlanLimits.SHOP_DOOR),
                at.number("onRoofMm", PlanLimits.ON_ROOF));
    }

    /** The first version kept width and height of the road with the loads. */
    private static RoadLimits firstLimits(JsonCursor at) throws PlanFormatException {
        return RoadLimits.USUAL
                .withWidth(at.number("roadWidthMm", PlanLimits.ROAD_LIMIT))
                .withHeight(at.number("roadHeightMm", PlanLimits.ROAD_LIMIT));
    }

    private static Climate climate(JsonCursor at) throws PlanFormatException {
        return new Climate(
                at.object("inside", PlanReader::air),
                at.object("outside", PlanReader::air),
                at.number("airChangesPerHour", PlanLimits.AIR_CHANGES),
                at.number("people", PlanLimits.PEOPLE),
                at.number("hours", PlanLimits.HOURS));
    }

    private static Climate.Air air(JsonCursor at) throws PlanFormatException {
        return new Climate.Air(
                at.number("celsius", PlanLimits.TEMPERATURE),
                at.number("humidityPercent", PlanLimits.HUMIDITY));
    }

    private static Supplies supplies(JsonCursor at, int version) throws PlanFormatException {
        return new Supplies(
                saw(at, version),
                at.numbers("stockLengthsMm", PlanLimits.STOCK_LENGTH),
                at.has("tubeLengthsMm")
                        ? at.numbers("tubeLengthsMm", PlanLimits.STOCK_LENGTH)
                        : TUBE_LENGTHS_MM,
                at.number("beadWidthMm", PlanLimits.BEAD),
                at.number("beadDepthMm", PlanLimits.BEAD),
                at.number("cartridgeMl", PlanLimits.CARTRIDGE),
                at.number("tapeRollMm", PlanLimits.TAPE_ROLL));
    }

    /** Before version 3 bars had no end trim and parts no tolerance. */
    private static Saw saw(JsonCursor at, int version) throws PlanFormatException {
        double kerf = at.number("kerfMm", PlanLimits.KERF);
        return version < 3
                ? Saw.of(kerf)
                : new Saw(
                        kerf,
                        at.number("endTrimMm", PlanLimits.END_TRIM),
                        at.number("lengthToleranceMm", PlanLimits.LENGTH_TOLERANCE));
    }
}
