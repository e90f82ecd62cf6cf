package pteron.app.station;

import java.util.Optional;
import pteron.core.cutting.BarCutting;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.model.BoxModel;
import pteron.core.plan.Trailer.Ratings;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;
import pteron.core.strength.Check;

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
                        .filter(finding -> finding.place().station().equals(station.key()))
                        .map(Finding::severity)
                        .findFirst();
        return new StationSummary(telling(station, model, cutting), margin(station, model), worst);
    }

    private static String telling(Station station, BoxModel model, BarCutting cutting) {
        UnitSystem units = model.plan().units();
        return switch (station) {
            case CARRIER -> text(model, "balance.margin-gross") + " left";
            case OUTLINE -> Quantity.mm(model.outline().heightMm()).text(units) + " high";
            case MAKE_UP -> "walls " + text(model, "make-up.walls-thickness");
            case FRAME -> text(model, "frame.members") + " members";
            case OPENINGS -> text(model, "openings.count") + " openings";
            case SKINS -> text(model, "skins.sheets") + " sheets";
            case SEALING -> text(model, "sealing.cartridges") + " cartridges";
            case BALANCE -> "coupler " + text(model, "balance.coupler-share");
            case CUTTING ->
                    cutting.barCount() == 0
                            ? "no bars yet"
                            : "%d bars, %.0f %% off"
                                    .formatted(cutting.barCount(), cutting.wastePercent());
        };
    }

    private static String text(BoxModel model, String key) {
        return model.figure(key)
                .map(figure -> figure.quantity().text(model.plan().units()))
                .orElse("no");
    }

    private static double margin(Station station, BoxModel model) {
        Ratings ratings = model.plan().trailer().ratings();
        return switch (station) {
            case CARRIER -> model.balance().massKg() / ratings.grossKg();
            case OUTLINE ->
                    (model.plan().trailer().deck().heightMm() + model.outline().heightMm())
                            / model.plan().loads().roadHeightMm();
            case FRAME ->
                    model.built()
                            .flatMap(built -> built.strength().governing())
                            .map(Check::utilisation)
                            .orElse(0.0);
            case MAKE_UP ->
                    model.built().map(built -> built.strength().checks()).stream()
                            .flatMap(checks -> checks.stream())
                            .filter(check -> check.key().startsWith("floor."))
                            .mapToDouble(Check::utilisation)
                            .max()
                            .orElse(0);
            case BALANCE ->
                    Math.max(
                            model.balance().load().axlesKg() / ratings.axlesKg(),
                            model.balance().load().couplerKg() / ratings.couplerKg());
            case OPENINGS, SKINS, SEALING, CUTTING ->
                    model.findings().stream()
                            .filter(finding -> finding.place().station().equals(station.key()))
                            .mapToDouble(Finding::margin)
                            .max()
                            .orElse(0);
        };
    }
}
