package pteron.core.carrier;

import pteron.core.station.Station;

/** What the box stands on, as a stop of the route. */
public final class CarrierStation {

    /** The station. */
    public static final Station CARRIER = Station.of("carrier", "Carrier");

    private CarrierStation() {}
}
