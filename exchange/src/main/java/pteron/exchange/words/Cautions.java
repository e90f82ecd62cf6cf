package pteron.exchange.words;

import pteron.core.station.Station;
import pteron.exchange.route.FileRoute;

/** Short cautions, one for each station where people get hurt. */
public final class Cautions {

    /** What every sheet on paper says. */
    public static final String ON_PAPER =
            "An aid for planning, not an approval. Local codes, makers' instructions and licensed trades govern.";

    private Cautions() {}

    /** {@return the caution of a station, empty where nobody gets hurt} */
    public static String of(Station station) {
        return FileRoute.of(station).words().caution();
    }
}
