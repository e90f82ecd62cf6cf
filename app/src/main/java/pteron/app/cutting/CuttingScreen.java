package pteron.app.cutting;

import pteron.app.station.StationScreen;
import pteron.app.station.StationTable;
import pteron.core.cutting.BarCutting;
import pteron.core.cutting.CuttingStation;
import pteron.core.quantity.NumberText;

/** Cutting on the screen: bars and waste, every bar with its cuts in place of the drawing. */
public final class CuttingScreen {

    /** What it shows. */
    public static final StationScreen SCREEN =
            StationScreen.of(CuttingStation.CUTTING, (model, cutting) -> bars(cutting))
                    .inPlace(new StationTable("bars", "Cutting plan", CutPane::new))
                    .aside("Cut list", PiecesAside::of);

    private CuttingScreen() {}

    private static String bars(BarCutting cutting) {
        return cutting.barCount() == 0
                ? "no bars yet"
                : "%s, %.0f %% waste"
                        .formatted(
                                NumberText.counted(cutting.barCount(), "bar", "bars"),
                                cutting.wastePercent());
    }
}
