package pteron.core.mechanics;

import java.util.Locale;
import java.util.Optional;
import pteron.core.material.Material;
import pteron.core.plan.ServiceClass;

/**
 * Timber and boards with the factors of EN 1995-1-1 by service class and duration. Source: its tables 2.3,
 * 3.1 and 3.2, from memory. OSB is taken as OSB/3, chipboard as P5, hardboard as HB.HLA, fibreboard as
 * MDF.HLS: the kinds that may be used behind a skin.
 */
public enum WoodKind {
    /** Sawn timber, and solid boards. */
    SOLID(
            1.3,
            new double[][] {
                {0.60, 0.70, 0.80, 0.90, 1.10},
                {0.60, 0.70, 0.80, 0.90, 1.10},
                {0.50, 0.55, 0.65, 0.70, 0.90}
            },
            new double[] {0.60, 0.80, 2.00}),
    /** Plywood, EN 636-1 to 636-3. */
    PLYWOOD(
            1.2,
            new double[][] {
                {0.60, 0.70, 0.80, 0.90, 1.10},
                {0.60, 0.70, 0.80, 0.90, 1.10},
                {0.50, 0.55, 0.65, 0.70, 0.90}
            },
            new double[] {0.80, 1.00, 2.50}),
    /** Oriented strand board, OSB/3. */
    STRAND_BOARD(
            1.2,
            new double[][] {{0.40, 0.50, 0.70, 0.90, 1.10}, {0.30, 0.40, 0.55, 0.70, 0.90}},
            new double[] {1.50, 2.25}),
    /** Chipboard, P5. */
    PARTICLEBOARD(
            1.3,
            new double[][] {{0.30, 0.45, 0.65, 0.85, 1.10}, {0.20, 0.30, 0.45, 0.60, 0.80}},
            new double[] {2.25, 3.00}),
    /** Hardboard, HB.HLA. */
    HARDBOARD(
            1.3,
            new double[][] {{0.30, 0.45, 0.65, 0.85, 1.10}, {0.20, 0.30, 0.45, 0.60, 0.80}},
            new double[] {2.25, 3.00}),
    /** Dry-process fibreboard, MDF.HLS; in class 2 for short loads only. */
    FIBREBOARD(
            1.3,
            new double[][] {{0.20, 0.40, 0.60, 0.80, 1.10}, {0.0, 0.0, 0.0, 0.45, 0.80}},
            new double[] {2.25, 3.00});

    private final double gamma;
    private final double[][] kmod;
    private final double[] kdef;

    WoodKind(double gamma, double[][] kmod, double[] kdef) {
        this.gamma = gamma;
        this.kmod = kmod;
        this.kdef = kdef;
    }

    /**
     * {@return the kind of a timber or board, empty for what is no wood}
     *
     * <p>A board of one's own is told by its name: “ply”, “osb” or “strand”, “chip” or “particle”,
     * “hardboard”, “mdf” or “fibre”, “boards”. One that says nothing is taken as chipboard, the weakest in the
     * long run.
     */
    public static Optional<WoodKind> of(Material material) {
        return switch (material.kind()) {
            case TIMBER -> Optional.of(SOLID);
            case BOARD -> Optional.of(board(material));
            default -> Optional.empty();
        };
    }

    private static WoodKind board(Material material) {
        String words = (material.id() + " " + material.name()).toLowerCase(Locale.ROOT);
        if (words.contains("hardboard")) {
            return HARDBOARD;
        }
        if (words.contains("ply") || words.contains("bamboo")) {
            return PLYWOOD;
        }
        if (words.contains("osb") || words.contains("strand")) {
            return STRAND_BOARD;
        }
        if (words.contains("mdf") || words.contains("fibre") || words.contains("fiber")) {
            return FIBREBOARD;
        }
        return words.contains("boards") ? SOLID : PARTICLEBOARD;
    }

    /** {@return partial factor of the material, gammaM} */
    public double gamma() {
        return gamma;
    }

    /** {@return whether the standard has it in that class for loads of that duration} */
    public boolean isMeantFor(ServiceClass service, Duration duration) {
        return service.number() <= kmod.length
                && kmod[service.number() - 1][duration.ordinal()] > 0;
    }

    /**
     * {@return the modification factor; where the standard has none, the least it has for the kind}
     *
     * @param service how damp it becomes
     * @param duration how long the load stands
     */
    public double kmod(ServiceClass service, Duration duration) {
        return isMeantFor(service, duration)
                ? kmod[service.number() - 1][duration.ordinal()]
                : leastKmod();
    }

    private double leastKmod() {
        double least = 1;
        for (double[] row : kmod) {
            for (double factor : row) {
                least = factor > 0 ? Math.min(least, factor) : least;
            }
        }
        return least;
    }

    /** {@return the creep factor; where the standard has none for the class, that of the dampest it has} */
    public double kdef(ServiceClass service) {
        return kdef[Math.min(service.number(), kdef.length) - 1];
    }
}
