package pteron.core.placing;

import java.util.List;
import java.util.Optional;
import pteron.core.placing.ShelfUnit.Home;
import pteron.core.plan.Opening.Kind;
import pteron.core.plan.Opening.Size;

/**
 * Generic units to put into walls and roofs. Cut-outs and masses are usual for their kind (common practice); the unit in
 * hand is measured before the wall is cut.
 */
public final class UnitShelf {

    /** Play between timber and unit on each side that a new opening starts with (mm); common practice. */
    public static final double PLAY_MM = 6;

    /** All units, doors first. */
    public static final List<ShelfUnit> UNITS =
            List.of(
                    unit("door", "Door", Kind.DOOR, 640, 1850, 0, 22),
                    unit("narrow-door", "Narrow door", Kind.DOOR, 530, 1730, 0, 17),
                    unit("wide-door", "Wide door", Kind.DOOR, 800, 1850, 0, 29),
                    unit("stable-door", "Stable door", Kind.DOOR, 640, 1750, 0, 25),
                    unit("small-window", "Small window", Kind.WINDOW, 430, 430, 820, 4.5),
                    unit("window", "Window", Kind.WINDOW, 800, 450, 820, 7),
                    unit("tall-window", "Tall window", Kind.WINDOW, 500, 700, 720, 7),
                    unit("wide-window", "Wide window", Kind.WINDOW, 1200, 500, 820, 11),
                    unit("sliding-window", "Sliding window", Kind.WINDOW, 900, 500, 820, 9),
                    unit("serving-hatch", "Serving hatch", Kind.HATCH, 1400, 800, 950, 19),
                    unit("baggage-door", "Baggage door", Kind.BAGGAGE_DOOR, 600, 400, 100, 6),
                    unit(
                            "long-baggage-door",
                            "Long baggage door",
                            Kind.BAGGAGE_DOOR,
                            1000,
                            400,
                            80,
                            9),
                    unit("locker-flap", "Locker flap", Kind.BAGGAGE_DOOR, 350, 300, 100, 3),
                    unit("fridge-grille", "Fridge grille", Kind.HATCH, 450, 180, 150, 0.8),
                    unit("escape-hatch", "Escape hatch", Kind.HATCH, 600, 500, 900, 9),
                    above("small-roof-vent", "Small roof vent", Kind.HATCH, 280, 280, 1.6),
                    above("roof-vent", "Roof vent", Kind.HATCH, 400, 400, 3.5),
                    above("roof-fan", "Roof vent with fan", Kind.HATCH, 360, 360, 6.5),
                    above("roof-light", "Roof light", Kind.WINDOW, 500, 500, 7),
                    above("long-roof-light", "Long roof light", Kind.WINDOW, 700, 500, 11),
                    above("roof-hatch", "Roof hatch", Kind.HATCH, 600, 600, 12));

    private UnitShelf() {}

    private static ShelfUnit unit(
            String key,
            String name,
            Kind kind,
            double widthMm,
            double heightMm,
            double sillMm,
            double massKg) {
        Size size = new Size(widthMm, heightMm);
        return new ShelfUnit(key, name, kind, size, sillMm, massKg, Home.WALL);
    }

    private static ShelfUnit above(
            String key, String name, Kind kind, double alongMm, double acrossMm, double massKg) {
        return new ShelfUnit(key, name, kind, new Size(alongMm, acrossMm), 0, massKg, Home.ROOF);
    }

    /** {@return the unit with that key, empty if there is none} */
    public static Optional<ShelfUnit> unit(String key) {
        return UNITS.stream().filter(unit -> unit.key().equals(key)).findFirst();
    }
}
