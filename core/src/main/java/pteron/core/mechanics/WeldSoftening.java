package pteron.core.mechanics;

import java.util.Optional;
import pteron.core.material.Material;
import pteron.core.material.Property;
import pteron.core.plan.Joining.Weld;
import pteron.core.quantity.Require;

/**
 * What a weld takes from an aluminium tube beside it: within a short way from the weld heat undoes the temper. Immutable.
 * Steel does not soften. Stiffness stays.
 *
 * <p>Source: EN 1999-1-1 6.1.6.3 (extent), table 3.2b (strengths beside MIG welds, for TIG 0.8 of them), 6.2.9.3
 * (localized welds); from memory.
 *
 * @param yield f_o,haz (N/mm²), above 0
 * @param ultimate f_u,haz (N/mm²), above 0
 * @param reachMm b_haz, how far the softening reaches from a weld (mm), above 0
 */
public record WeldSoftening(double yield, double ultimate, double reachMm) {

    /** Partial factor on yielding: EN 1999-1-1 table 6.1, from memory. */
    public static final double GAMMA_YIELD = 1.10;

    /** Partial factor on breaking: EN 1999-1-1 table 6.1, from memory. */
    public static final double GAMMA_BREAK = 1.25;

    /** What a TIG weld leaves of the strengths beside a MIG weld: EN 1999-1-1 table 3.2b, note; from memory. */
    public static final double TIG_LEAVES = 0.8;

    /** How much farther a TIG weld softens: 30 mm to 20 of EN 1999-1-1 6.1.6.3, from memory. */
    private static final double TIG_REACHES = 1.5;

    /** Walls (mm) and how far a MIG weld softens them (mm): EN 1999-1-1 6.1.6.3, from memory. */
    private static final double[][] REACH = {{6, 20}, {12, 30}, {25, 35}};

    /** How far a MIG weld softens walls that are thicker (mm). */
    private static final double FARTHEST = 40;

    /** Checks the values. */
    public WeldSoftening {
        Require.positive("yield strength beside a weld", yield, "N/mm²");
        Require.positive("tension strength beside a weld", ultimate, "N/mm²");
        Require.positive("reach of the softening", reachMm, "mm");
    }

    /**
     * {@return what a weld takes from a metal; empty where its strengths beside a weld are not known}
     *
     * @param metal the metal
     * @param wallMm thickness of the wall that is welded (mm), above 0
     * @param weld how it is welded
     */
    public static Optional<WeldSoftening> of(Material metal, double wallMm, Weld weld) {
        if (!metal.has(Property.YIELD_BY_WELD) || !metal.has(Property.ULTIMATE_BY_WELD)) {
            return Optional.empty();
        }
        double left = weld == Weld.TIG ? TIG_LEAVES : 1;
        return Optional.of(
                new WeldSoftening(
                        left * metal.value(Property.YIELD_BY_WELD),
                        left * metal.value(Property.ULTIMATE_BY_WELD),
                        reach(wallMm, weld)));
    }

    /** {@return whether welds soften a metal: aluminium, not steel} */
    public static boolean concerns(Material metal) {
        return metal.kind() == Material.Kind.METAL && !MetalStrength.isSteel(metal);
    }

    /**
     * {@return how far a weld softens from its edge, b_haz (mm)}
     *
     * <p>Example: a wall of 2 mm 20 mm with MIG, 30 mm with TIG.
     */
    public static double reach(double wallMm, Weld weld) {
        Require.positive("wall", wallMm, "mm");
        double mig = FARTHEST;
        for (int i = REACH.length - 1; i >= 0; i--) {
            mig = wallMm <= REACH[i][0] ? REACH[i][1] : mig;
        }
        return weld == Weld.TIG ? TIG_REACHES * mig : mig;
    }

    /** {@return length of the softened stretch of a member, 2 b_haz and the joint (mm)} */
    public double extentMm(double jointMm) {
        return jointMm + 2 * reachMm;
    }

    /**
     * Design strength of a whole section at a weld across it, in bending or tension.
     *
     * <pre>  f = f_o,haz / γM1 where the softened stretch is longer than the member's least width, else f_u,haz / γM2  </pre>
     *
     * <p>Source: EN 1999-1-1 6.2.9.3, from memory. Example: 6060-T66, MIG, 65 and 110 N/mm²: a joint of 30 mm on a wall of 2
     * mm softens 70 mm; on a tube 30 wide that leaves 59.09 N/mm². On one 80 wide it would leave 88.0.
     *
     * @param jointMm length of the joint along the member (mm), 0 or above
     * @param leastWidthMm least width of the member (mm), above 0
     */
    public double design(double jointMm, double leastWidthMm) {
        return isLong(jointMm, leastWidthMm) ? yield / GAMMA_YIELD : ultimate / GAMMA_BREAK;
    }

    /** {@return whether the softened stretch is longer than the member's least width} */
    public boolean isLong(double jointMm, double leastWidthMm) {
        return extentMm(Require.notNegative("joint", jointMm, "mm"))
                > Require.positive("least width", leastWidthMm, "mm");
    }

    /**
     * Design shear strength at a weld.
     *
     * <pre>  f = f_o,haz / (√3 · γM1)  </pre>
     *
     * <p>Source: EN 1999-1-1 6.2.6 with f_o,haz, from memory. Example: 6060-T66, MIG, gives 34.12 N/mm².
     */
    public double shear() {
        return yield / (Math.sqrt(3) * GAMMA_YIELD);
    }
}
