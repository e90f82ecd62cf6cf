package pteron.exchange.pdf;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import pteron.core.figure.Figure;
import pteron.core.glue.GlueJoint;
import pteron.core.glue.Glues;
import pteron.core.model.BoxModel;
import pteron.core.outline.StripPiece;
import pteron.core.outline.Upright;
import pteron.core.outline.UprightSetting;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.Named;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.words.GlueWords;

/** Carrier, outline and make-up as tables on paper: figures, uprights, the strip, the glue. */
final class StationTables {

    private final Pages pages;
    private final BoxModel model;
    private final UnitSystem units;

    StationTables(Pages pages, BoxModel model) {
        this.pages = pages;
        this.model = model;
        this.units = model.plan().units();
    }

    void write() throws IOException {
        pages.page(false);
        figures("Carrier", "carrier.");
        figures("Outline", "outline.");
        figures("Make-up", "make-up.");
        if (model.outline().usable()) {
            pages.page(false);
            uprights();
            strip();
        }
        glue();
    }

    private void figures(String heading, String prefix) throws IOException {
        pages.heading(heading);
        float[] shares = {0.66f, 0.34f};
        for (Figure figure : model.figures()) {
            if (figure.key().startsWith(prefix) && !isListed(figure.key())) {
                pages.row(false, shares, List.of(figure.name(), figure.quantity().text(units)));
            }
        }
    }

    /** What a table of its own tells. */
    private static boolean isListed(String key) {
        return key.startsWith("outline.upright.")
                || key.startsWith("outline.strip.")
                || key.startsWith("outline.bend.");
    }

    private void uprights() throws IOException {
        UprightSetting setting = UprightSetting.of(model.plan().makeUp());
        pages.heading("Uprights, every " + length(setting.spacingMm()));
        float[] shares = {0.08f, 0.18f, 0.16f, 0.16f, 0.16f, 0.15f, 0.11f};
        pages.row(
                true,
                shares,
                List.of(
                        "",
                        "front face at",
                        "stands at",
                        "front side",
                        "rear side",
                        "cut to",
                        "bevel"));
        int number = 1;
        for (Upright upright : setting.under(model.outline())) {
            pages.row(
                    false,
                    shares,
                    List.of(
                            String.valueOf(number++),
                            length(upright.placeMm()),
                            length(upright.footMm()),
                            length(upright.frontSideMm()),
                            length(upright.rearSideMm()),
                            length(upright.longSideMm()),
                            angle(upright.bevelDegrees())));
        }
    }

    private void strip() throws IOException {
        pages.heading("Strip over front, roof and rear");
        float[] shares = {0.08f, 0.16f, 0.2f, 0.2f, 0.2f, 0.16f};
        pages.row(
                true, shares, List.of("", "piece", "from", "length", "least radius", "turn after"));
        for (StripPiece piece : model.outline().strip()) {
            pages.row(
                    false,
                    shares,
                    List.of(
                            String.valueOf(piece.element().index() + 1),
                            Named.small(piece.element().kind()),
                            length(piece.fromMm()),
                            length(piece.element().lengthMm()),
                            told(piece.leastRadiusMm(), "straight", this::length),
                            told(piece.turnAfterDegrees(), "", StationTables::turn)));
        }
    }

    private static String told(OptionalDouble value, String none, DoubleFunction<String> words) {
        return value.isEmpty() ? none : words.apply(value.getAsDouble());
    }

    private void glue() throws IOException {
        Glues glues = model.made().map(found -> found.get(Glues.class)).orElse(Glues.NONE);
        if (glues.joints().isEmpty()) {
            return;
        }
        pages.heading("Glue of every joint");
        float[] shares = {0.1f, 0.34f, 0.32f, 0.12f, 0.12f};
        pages.row(true, shares, List.of("part", "joint", "held by", "area", "amount"));
        for (GlueJoint joint : glues.joints()) {
            boolean glued = joint.glue().isPresent();
            Quantity litres = new Quantity(joint.litres(), Unit.LITRE);
            pages.row(
                    false,
                    shares,
                    List.of(
                            joint.part(),
                            joint.outer() + " to " + joint.inner().toLowerCase(Locale.ROOT),
                            GlueWords.held(joint, model.library()),
                            new Quantity(joint.areaM2(), Unit.SQUARE_METRE).text(units),
                            glued ? litres.text(units) : ""));
        }
    }

    private String length(double mm) {
        return LengthText.format(mm, units);
    }

    private static String angle(double degrees) {
        return isNothing(degrees) ? "square" : NumberText.format(degrees, 1) + "°";
    }

    private static String turn(double degrees) {
        return isNothing(degrees) ? "runs on" : NumberText.format(degrees, 1) + "°";
    }

    private static boolean isNothing(double degrees) {
        return Math.abs(degrees) < 0.05;
    }
}
