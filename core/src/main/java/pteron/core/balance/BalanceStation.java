package pteron.core.balance;

import pteron.core.station.Station;

/** Weight, as a stop of the route. */
public final class BalanceStation {

    /** The station. */
    public static final Station BALANCE = Station.of("balance", "Balance");

    private BalanceStation() {}
}
