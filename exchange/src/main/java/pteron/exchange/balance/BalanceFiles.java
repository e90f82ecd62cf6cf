package pteron.exchange.balance;

import pteron.core.balance.BalanceStation;
import pteron.exchange.station.StationFiles;

/** The station's registration in files and on paper. */
public final class BalanceFiles {

    /** What it gives. */
    public static final StationFiles FILES =
            StationFiles.of(BalanceStation.BALANCE, BalanceFiles.class).nodes(MassNodes::add);

    private BalanceFiles() {}
}
