package pteron.app.opening;

import pteron.app.station.StationScreen;
import pteron.core.opening.OpeningStation;

/** Openings on the screen: how many there are. */
public final class OpeningScreen {

    /** What it shows. */
    public static final StationScreen SCREEN =
            StationScreen.of(
                    OpeningStation.OPENINGS,
                    (model, cutting) -> model.plan().openings().size() + " openings");

    private OpeningScreen() {}
}
