package pteron.core.outline;

import pteron.core.station.Station;

/** Its outside shape, as a stop of the route. */
public final class OutlineStation {

    /** The station. */
    public static final Station OUTLINE = Station.of("outline", "Outline");

    private OutlineStation() {}
}
