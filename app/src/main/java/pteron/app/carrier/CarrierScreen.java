package pteron.app.carrier;

import pteron.app.station.StationScreen;
import pteron.app.station.StationTable;
import pteron.core.carrier.CarrierStation;
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
                                    "Empty weight from scales under the wheels",
                                    ScalesPane::new));

    private CarrierScreen() {}

    private static String left(BoxModel model) {
        UnitSystem units = model.plan().units();
        double kg = model.plan().vehicle().gear().grossKg() - model.balance().massKg();
        return "%s %s left"
                .formatted(
                        NumberText.format(Unit.KILOGRAM.shown(kg, units), 0),
                        Unit.KILOGRAM.symbol(units));
    }
}
