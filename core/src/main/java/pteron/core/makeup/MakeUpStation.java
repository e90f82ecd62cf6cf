package pteron.core.makeup;

import pteron.core.station.Station;

/** Its layers, as a stop of the route. */
public final class MakeUpStation {

    /** The station. */
    public static final Station MAKE_UP = Station.of("make-up", "Layers");

    private MakeUpStation() {}
}
