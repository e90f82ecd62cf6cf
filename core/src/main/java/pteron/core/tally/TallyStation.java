package pteron.core.tally;

import pteron.core.station.Station;

/** The tally, as a stop of the route. */
public final class TallyStation {

    /** The station. */
    public static final Station TALLY = Station.of("tally", "Tally");

    private TallyStation() {}
}
