package pteron.exchange.sealing;

import pteron.core.sealing.SealingStation;
import pteron.exchange.station.StationFiles;

/** The station's registration in files and on paper. */
public final class SealingFiles {

    /** What it gives. */
    public static final StationFiles FILES =
            StationFiles.of(SealingStation.SEALING, SealingFiles.class).buys(SealantPurchases::of);

    private SealingFiles() {}
}
