package pteron.core.sealing;

import pteron.core.station.Station;

/** Joints, as a stop of the route. */
public final class SealingStation {

    /** The station. */
    public static final Station SEALING = Station.of("sealing", "Sealing");

    private SealingStation() {}
}
