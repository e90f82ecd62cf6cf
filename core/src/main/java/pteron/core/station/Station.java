package pteron.core.station;

import java.util.List;

/** Stops of the route, in the order of the work. */
public enum Station {
    /** What the box stands on. */
    CARRIER("carrier", "Carrier", List.of("carrier.")),
    /** Its outside shape. */
    OUTLINE("outline", "Outline", List.of("outline.")),
    /** Its layers. */
    MAKE_UP("make-up", "Make-up", List.of("make-up.")),
    /** Its members and how hard they work. */
    FRAME("frame", "Frame", List.of("frame.", "strength.")),
    /** Doors and windows. */
    OPENINGS("openings", "Openings", List.of("openings.")),
    /** Sheets. */
    SKINS("skins", "Skins", List.of("skins.")),
    /** Joints. */
    SEALING("sealing", "Sealing", List.of("sealing.")),
    /** Weight. */
    BALANCE("balance", "Balance", List.of("balance.")),
    /** Bars to buy and to cut. */
    CUTTING("cutting", "Cut and buy", List.of("cutting."));

    private final String key;
    private final String label;
    private final List<String> figures;

    Station(String key, String label, List<String> figures) {
        this.key = key;
        this.label = label;
        this.figures = figures;
    }

    /** {@return its name in files, on the command line and in the keys of its figures} */
    public String key() {
        return key;
    }

    /** {@return what the route calls it} */
    public String label() {
        return label;
    }

    /** {@return whether a figure belongs to this station} */
    public boolean has(String figureKey) {
        return figures.stream().anyMatch(figureKey::startsWith);
    }

    /** {@return the station with that key; the first when there is none} */
    public static Station of(String key) {
        for (Station station : values()) {
            if (station.key.equals(key)) {
                return station;
            }
        }
        return CARRIER;
    }
}
