package pteron.core.panel;

import pteron.core.material.Material;
import pteron.core.material.Material.Kind;
import pteron.core.material.Property;
import pteron.core.strength.Duration;
import pteron.core.strength.TimberStrength;

/**
 * Design strengths of a face.
 *
 * @param material its material
 * @param duration how long the load stands
 */
record FaceStrength(Material material, Duration duration) {

    /** Factor on the strength of metal: EN 1999-1-1 and EN 1993-1-1, from memory. */
    static final double GAMMA_METAL = 1.1;

    /** Factor on the strength of glass fibre and plastic; common practice. */
    static final double GAMMA_PLASTIC = 2.0;

    private static final double METAL_FROM_MODULUS = 60000;

    double design(Property property) {
        if (material.kind() == Kind.BOARD || material.kind() == Kind.TIMBER) {
            return new TimberStrength(material, duration).design(property);
        }
        boolean metal = material.value(Property.MODULUS) >= METAL_FROM_MODULUS;
        return material.value(property) / (metal ? GAMMA_METAL : GAMMA_PLASTIC);
    }

    /** {@return growth of the sag under what stays: creep of plywood, EN 1995-1-1 table 3.2} */
    double creep() {
        return material.kind() == Kind.BOARD ? TimberStrength.KDEF_TIMBER : 0;
    }
}
