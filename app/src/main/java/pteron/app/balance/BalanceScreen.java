package pteron.app.balance;

import pteron.app.station.StationScreen;
import pteron.app.station.Telling;
import pteron.core.balance.BalanceStation;
import pteron.core.carrier.Support;
import pteron.core.model.BoxModel;

/** Balance on the screen: the share on the front support. */
public final class BalanceScreen {

    /** What it shows. */
    public static final StationScreen SCREEN =
            StationScreen.of(BalanceStation.BALANCE, (model, cutting) -> share(model))
                    .aside("Masses", WeightsAside::of);

    private BalanceScreen() {}

    private static String share(BoxModel model) {
        Support front = model.carrier().front();
        String key = BalanceStation.BALANCE.figure(front.key() + "-share");
        return front.name() + " " + Telling.text(model, key);
    }
}
