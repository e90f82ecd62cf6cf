package pteron.app.carrier;

import java.util.Optional;
import pteron.app.station.StationScreen;
import pteron.app.station.StationTable;
import pteron.core.carrier.CarrierStation;
import pteron.core.carrier.Support;
import pteron.core.figure.Verdict;
import pteron.core.model.BoxModel;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;

/** The carrier on the screen: what it may still carry, its kind and parts, scales under its wheels. */
public final class CarrierScreen {

    /** What it shows. */
    public static final StationScreen SCREEN =
            StationScreen.of(CarrierStation.CARRIER, (model, cutting) -> left(model))
                    .tools(CarrierTools::of)
                    .tables(
                            new StationTable(
                                    ScalesPane.KEY,
                                    "Unladen mass from scales under the wheels",
                                    ScalesPane::new));

    private CarrierScreen() {}

    /** {@return the support that is nearer to its rating than the whole, and close to it; empty for none} */
    private static Optional<String> hardest(BoxModel model, double least) {
        double front = model.balance().load().frontKg() / model.carrier().front().ratingKg();
        double rear = model.balance().load().rearKg() / model.carrier().rear().ratingKg();
        Support support = front > rear ? model.carrier().front() : model.carrier().rear();
        double use = Math.max(front, rear);
        return use > least
                ? Optional.of("%s %.0f %% of rating".formatted(support.name(), use * 100))
                : Optional.empty();
    }

    private static String left(BoxModel model) {
        UnitSystem units = model.plan().units();
        double gross = model.balance().massKg() / model.plan().vehicle().gear().grossKg();
        Optional<String> hardest = hardest(model, Math.max(gross, Verdict.CLOSE_FROM));
        if (hardest.isPresent()) {
            return hardest.get();
        }
        double kg = model.plan().vehicle().gear().grossKg() - model.balance().massKg();
        return "%s %s payload left"
                .formatted(
                        NumberText.format(Unit.KILOGRAM.shown(kg, units), 0),
                        Unit.KILOGRAM.symbol(units));
    }
}
