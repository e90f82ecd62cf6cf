package pteron.core.mechanics;

import pteron.core.material.Material;
import pteron.core.material.Property;
import pteron.core.plan.ServiceClass;
import pteron.core.quantity.Require;

/**
 * Design strengths of wood-based materials. Source: EN 1995-1-1, from memory.
 *
 * @param material the timber or board
 * @param duration how long the load stands
 * @param service how damp it becomes
 */
public record TimberStrength(Material material, Duration duration, ServiceClass service) {

    /** Share of the width that cracks leave for shear: EN 1995-1-1 6.1.7. */
    public static final double CRACK_FACTOR = 0.67;

    private static final double FULL_SIZE_MM = 150;
    private static final double SIZE_EXPONENT = 0.2;
    private static final double MOST_SIZE_FACTOR = 1.3;

    /**
     * Size factor of solid timber in bending.
     *
     * <pre>  kh = min((150 / h)^0.2, 1.3), 1 from 150 mm up  </pre>
     *
     * h depth in bending (mm). For a characteristic density up to 700 kg/m³.
     *
     * <p>Source: EN 1995-1-1 eq. 3.1. Example: h 64 gives 1.186.
     *
     * @param depthMm depth (mm), above 0
     */
    public static double sizeFactor(double depthMm) {
        Require.positive("depth", depthMm, "mm");
        double factor = Math.pow(FULL_SIZE_MM / depthMm, SIZE_EXPONENT);
        return Math.clamp(factor, 1, MOST_SIZE_FACTOR);
    }

    /** {@return partial factor of the material} */
    public double gamma() {
        return kind().gamma();
    }

    /** {@return factor on strength for duration and damp} */
    public double kmod() {
        return kind().kmod(service, duration);
    }

    /** {@return growth of the sag under what stays} */
    public double kdef() {
        return kind().kdef(service);
    }

    /** {@return what kind of wood it is; what is none is taken as the weakest of boards} */
    public WoodKind kind() {
        return WoodKind.of(material).orElse(WoodKind.PARTICLEBOARD);
    }

    /**
     * Design value of a strength.
     *
     * <pre>  fd = kmod · fk / gammaM  </pre>
     *
     * <p>Source: EN 1995-1-1 eq. 2.14. Example: C24 in bending, short, class 2, gives 16.615 N/mm².
     *
     * @param property which strength
     * @return design strength (N/mm²)
     */
    public double design(Property property) {
        return design(material.value(property));
    }

    /** {@return design value of a characteristic strength (N/mm²)} */
    public double design(double strength) {
        return kmod() * strength / gamma();
    }
}
