package pteron.app.opening;

import pteron.app.station.StationScreen;
import pteron.core.opening.OpeningStation;

/** Openings on the screen: how many there are, the shelf of units, what can be done with the chosen ones. */
public final class OpeningScreen {

    /** What it shows. */
    public static final StationScreen SCREEN =
            StationScreen.of(
                            OpeningStation.OPENINGS,
                            (model, cutting) -> count(model.plan().openings().size()))
                    .tools(OpeningTools::of)
                    .aside("Selected", ChosenOpeningPane::new)
                    .shelf(ShelfPane::new);

    private OpeningScreen() {}

    private static String count(int openings) {
        return openings == 1 ? "1 opening" : openings + " openings";
    }
}
