package pteron.core.skin;

import pteron.core.station.Station;

/** Sheets, as a stop of the route. */
public final class SkinStation {

    /** The station. */
    public static final Station SKINS = Station.of("skins", "Skins");

    private SkinStation() {}
}
