package pteron.app.station;

import java.util.Optional;
import pteron.core.cutting.BarCutting;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.model.BoxModel;
import pteron.core.panel.Panels;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;
import pteron.core.station.Station;
import pteron.core.strength.Check;
import pteron.core.strength.Strength;

/**
 * What the route tells of a station. Immutable.
 *
 * @param telling the one telling figure in words
 * @param margin worst demand over capacity, 0 where nothing is held against anything
 * @param worst the most serious finding there, empty when there is none
 */
public record StationSummary(String telling, double margin, Optional<Severity> worst) {

    /** {@return the summary of a station} */
    public static StationSummary of(Station station, BoxModel model, BarCutting cutting) {
        Optional<Severity> worst =
                model.findings().stream()
                        .filter(finding -> finding.place().station() == station)
                        .map(Finding::severity)
                        .findFirst();
        return new StationSummary(telling(station, model, cutting), margin(station, model), worst);
    }

    private static String telling(Station station, BoxModel model, BarCutting cutting) {
        UnitSystem units = model.plan().units();
        return switch (station) {
            case CARRIER -> left(model);
            case OUTLINE -> Quantity.mm(model.outline().heightMm()).text(units) + " high";
            case MAKE_UP -> warmth(model);
            case FRAME -> count(model, "frame.members", "members");
            case OPENINGS -> model.plan().openings().size() + " openings";
            case SKINS -> count(model, "skins.sheets", "sheets");
            case SEALING -> count(model, "sealing.cartridges", "cartridges");
            case BALANCE ->
                    model.carrier().front().name()
                            + " "
                            + text(model, "balance." + model.carrier().front().key() + "-share");
            case CUTTING ->
                    cutting.barCount() == 0
                            ? "no bars yet"
                            : "%d bars, %.0f %% left"
                                    .formatted(cutting.barCount(), cutting.wastePercent());
        };
    }

    /** Metric builders speak of U, others of R. */
    private static String warmth(BoxModel model) {
        boolean metric = model.plan().units() == UnitSystem.METRIC;
        return model.figure(metric ? "make-up.walls-u" : "make-up.walls-r")
                .map(
                        figure ->
                                "walls %s %s"
                                        .formatted(
                                                metric ? "U" : "R",
                                                figure.quantity()
                                                        .text(model.plan().units())
                                                        .split(" ")[0]))
                .orElse("layers");
    }

    private static String text(BoxModel model, String key) {
        return model.figure(key)
                .map(figure -> figure.quantity().text(model.plan().units()))
                .orElse("no");
    }

    private static String count(BoxModel model, String key, String what) {
        return model.isWeighedByAreas() ? "not set out" : text(model, key) + " " + what;
    }

    private static String left(BoxModel model) {
        UnitSystem units = model.plan().units();
        double kg = model.plan().vehicle().gear().grossKg() - model.balance().massKg();
        return "%s %s left"
                .formatted(
                        NumberText.format(Unit.KILOGRAM.shown(kg, units), 0),
                        Unit.KILOGRAM.symbol(units));
    }

    private static double margin(Station station, BoxModel model) {
        return switch (station) {
            case CARRIER -> model.balance().massKg() / model.plan().vehicle().gear().grossKg();
            case OUTLINE ->
                    (model.outline().heightMm() - model.carrier().groundMm())
                            / model.plan().limits().heightMm();
            case FRAME ->
                    model.built()
                            .flatMap(built -> built.get(Strength.class).governing())
                            .map(Check::utilisation)
                            .orElse(0.0);
            case MAKE_UP ->
                    model.made().map(made -> made.get(Panels.class).checks()).stream()
                            .flatMap(checks -> checks.stream())
                            .mapToDouble(Check::utilisation)
                            .max()
                            .orElse(0);
            case BALANCE ->
                    Math.max(
                            model.balance().load().rearKg() / model.carrier().rear().ratingKg(),
                            model.balance().load().frontKg() / model.carrier().front().ratingKg());
            case OPENINGS, SKINS, SEALING, CUTTING ->
                    model.findings().stream()
                            .filter(finding -> finding.place().station() == station)
                            .mapToDouble(Finding::margin)
                            .max()
                            .orElse(0);
        };
    }
}
