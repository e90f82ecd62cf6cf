package pteron.app.sealing;

import pteron.app.station.StationScreen;
import pteron.app.station.Telling;
import pteron.core.sealing.SealingStation;

/** Sealing on the screen: how much sealant it takes. */
public final class SealingScreen {

    /** What it shows. */
    public static final StationScreen SCREEN =
            StationScreen.of(
                            SealingStation.SEALING,
                            (model, cutting) ->
                                    Telling.count(
                                            model,
                                            SealingStation.SEALING.figure("cartridges"),
                                            "cartridges"))
                    .tools(Legend::of)
                    .aside("Joints", JointsAside::of);

    private SealingScreen() {}
}
