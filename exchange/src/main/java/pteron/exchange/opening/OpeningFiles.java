package pteron.exchange.opening;

import pteron.core.drawing.View;
import pteron.core.opening.OpeningStation;
import pteron.exchange.station.StationFiles;

/** The station's registration in files and on paper. */
public final class OpeningFiles {

    /** What it gives. */
    public static final StationFiles FILES =
            StationFiles.of(OpeningStation.OPENINGS, OpeningFiles.class)
                    .buys(UnitPurchases::of)
                    .views(View.LEFT, View.RIGHT, View.FRONT, View.REAR);

    private OpeningFiles() {}
}
