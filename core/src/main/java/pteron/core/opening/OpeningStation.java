package pteron.core.opening;

import pteron.core.station.Station;

/** Doors and windows, as a stop of the route. */
public final class OpeningStation {

    /** The station. */
    public static final Station OPENINGS = Station.of("openings", "Openings");

    private OpeningStation() {}
}
