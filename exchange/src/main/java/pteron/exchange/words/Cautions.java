package pteron.exchange.words;

import java.util.Map;
import pteron.core.station.Station;

/** Short cautions, one for each station where people get hurt. */
public final class Cautions {

    private static final Map<Station, String> BY_STATION =
            Map.of(
                    Station.CARRIER,
                    "Ratings on the plate and local road rules govern. Chock the wheels before you build.",
                    Station.FRAME,
                    "An aid for planning, not an approval. Eye and ear protection at the saw; clamp short pieces.",
                    Station.OPENINGS,
                    "A second person holds a unit until it is screwed. Gas, solid fuel and mains belong to licensed trades.",
                    Station.SKINS,
                    "Cut sheets have sharp edges: gloves. Two people for a whole sheet, none on a windy day.",
                    Station.SEALING,
                    "Sealants and solvents give off fumes: air the room, mask and gloves as the tin says.",
                    Station.BALANCE,
                    "Weigh it on a real scale before the road. Too little on the coupler makes a trailer sway.",
                    Station.CUTTING,
                    "Eye and ear protection; let the blade stop before you reach for a piece.");

    /** What every sheet on paper says. */
    public static final String ON_PAPER =
            "An aid for planning, not an approval. Local codes, makers' instructions and licensed trades govern.";

    private Cautions() {}

    /** {@return the caution of a station, empty where nobody gets hurt} */
    public static String of(Station station) {
        return BY_STATION.getOrDefault(station, "");
    }
}
