package pteron.app.side;

import java.util.OptionalDouble;
import pteron.core.balance.BalanceStation;
import pteron.core.carrier.CarrierStation;
import pteron.core.carrier.Support;
import pteron.core.figure.Figure;
import pteron.core.model.BoxModel;
import pteron.core.quantity.Unit;

/** What some figures are held against. */
final class FigureLimits {

    private FigureLimits() {}

    /** {@return demand over capacity of a figure, empty where there is no limit} */
    static OptionalDouble margin(Figure figure, BoxModel model) {
        if (figure.quantity().unit() == Unit.RATIO) {
            return OptionalDouble.of(figure.value());
        }
        double limit = limit(figure.key(), model);
        return limit > 0 ? OptionalDouble.of(figure.value() / limit) : OptionalDouble.empty();
    }

    private static double limit(String key, BoxModel model) {
        var limits = model.plan().limits();
        Support front = model.carrier().front();
        Support rear = model.carrier().rear();
        if (key.equals(CarrierStation.CARRIER.figure("overall-height"))) {
            return limits.heightMm();
        }
        if (key.equals(CarrierStation.CARRIER.figure("overall-width"))) {
            return limits.widthMm();
        }
        if (key.equals(CarrierStation.CARRIER.figure("overall-length"))) {
            return limits.lengthMm();
        }
        if (key.equals(BalanceStation.BALANCE.figure("total-mass"))) {
            return model.plan().vehicle().gear().grossKg();
        }
        if (key.equals(BalanceStation.BALANCE.figure(front.key() + "-load"))) {
            return front.ratingKg();
        }
        return key.equals(BalanceStation.BALANCE.figure(rear.key() + "-load"))
                ? rear.ratingKg()
                : 0;
    }
}
