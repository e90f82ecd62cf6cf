package pteron.core.glue;

import static pteron.core.glue.Substrate.CORE;
import static pteron.core.glue.Substrate.GLASS_FIBRE;
import static pteron.core.glue.Substrate.METAL;
import static pteron.core.glue.Substrate.OTHER_FOAM;
import static pteron.core.glue.Substrate.PLASTIC;
import static pteron.core.glue.Substrate.POLYSTYRENE;
import static pteron.core.glue.Substrate.ROLL;
import static pteron.core.glue.Substrate.WOOD;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import pteron.core.glue.Glue.Spread;
import pteron.core.glue.Glue.Times;
import pteron.core.glue.Glue.Window;

/**
 * The glues of the trade, the one that is taken first on top. Coverage, times and temperatures are common
 * practice for the generic kind; the tin's label governs.
 */
public final class GlueTable {

    /** What a tube for a common gun holds (mL); common practice. */
    private static final double TUBE_ML = 290;

    private static final Set<Substrate> NONE = Set.of();
    private static final Set<Substrate> FOAM_AND_FACES =
            Set.of(WOOD, METAL, POLYSTYRENE, OTHER_FOAM, CORE, GLASS_FIBRE);

    private static final List<Glue> ALL =
            List.of(
                    new Glue(
                            "pu-glue",
                            FOAM_AND_FACES,
                            NONE,
                            new Spread(1, 5, 0),
                            new Window(8, 30),
                            new Times(20, 6, true)),
                    new Glue(
                            "epoxy",
                            Set.of(WOOD, POLYSTYRENE, OTHER_FOAM, CORE, GLASS_FIBRE),
                            NONE,
                            new Spread(1, 3, 0),
                            new Window(12, 30),
                            new Times(40, 24, true)),
                    new Glue(
                            "structural-epoxy",
                            Set.of(METAL, GLASS_FIBRE, WOOD),
                            NONE,
                            new Spread(1, 2, 0),
                            new Window(15, 30),
                            new Times(30, 24, true)),
                    new Glue(
                            "contact-glue",
                            Set.of(WOOD, METAL, GLASS_FIBRE, PLASTIC, ROLL, CORE),
                            Set.of(POLYSTYRENE),
                            new Spread(2, 6, 0),
                            new Window(10, 35),
                            new Times(30, 24, false)),
                    new Glue(
                            "contact-water",
                            Set.of(WOOD, POLYSTYRENE, OTHER_FOAM, ROLL, METAL, GLASS_FIBRE),
                            NONE,
                            new Spread(2, 6, 0),
                            new Window(15, 35),
                            new Times(60, 24, false)),
                    new Glue(
                            "spray-solvent",
                            Set.of(WOOD, ROLL, OTHER_FOAM, METAL),
                            Set.of(POLYSTYRENE),
                            new Spread(2, 9, 0),
                            new Window(12, 30),
                            new Times(30, 4, false)),
                    new Glue(
                            "spray-foam-safe",
                            Set.of(WOOD, POLYSTYRENE, OTHER_FOAM, ROLL),
                            NONE,
                            new Spread(2, 9, 0),
                            new Window(12, 30),
                            new Times(30, 4, false)),
                    new Glue(
                            "pva",
                            Set.of(WOOD),
                            NONE,
                            new Spread(1, 6, 0),
                            new Window(10, 30),
                            new Times(10, 12, true)),
                    new Glue(
                            "construction",
                            Set.of(WOOD, OTHER_FOAM, METAL, PLASTIC),
                            NONE,
                            new Spread(1, 2.5, TUBE_ML),
                            new Window(5, 35),
                            new Times(15, 24, true)),
                    new Glue(
                            "hybrid-glue",
                            Set.of(
                                    WOOD,
                                    METAL,
                                    GLASS_FIBRE,
                                    PLASTIC,
                                    OTHER_FOAM,
                                    POLYSTYRENE,
                                    CORE),
                            NONE,
                            new Spread(1, 2, TUBE_ML),
                            new Window(5, 35),
                            new Times(15, 24, false)));

    private GlueTable() {}

    /** {@return all glues} */
    public static List<Glue> all() {
        return ALL;
    }

    /** {@return the glue of that id, empty if there is none} */
    public static Optional<Glue> named(String id) {
        return ALL.stream().filter(glue -> glue.id().equals(id)).findFirst();
    }

    /** {@return the first glue that holds both and eats neither} */
    public static Optional<Glue> first(Substrate one, Substrate other) {
        return ALL.stream().filter(glue -> glue.joins(one, other)).findFirst();
    }
}
