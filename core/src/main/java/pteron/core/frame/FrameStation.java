package pteron.core.frame;

import pteron.core.station.Station;

/** Its members and how hard they work, as a stop of the route. */
public final class FrameStation {

    /** The station. */
    public static final Station FRAME = Station.of("frame", "Frame", "strength");

    private FrameStation() {}
}
