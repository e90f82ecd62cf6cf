package pteron.core.cutting;

import pteron.core.station.Station;

/** Bars to buy and to cut, as a stop of the route. */
public final class CuttingStation {

    /** The station. */
    public static final Station CUTTING = Station.of("cutting", "Buy and cut");

    private CuttingStation() {}
}
