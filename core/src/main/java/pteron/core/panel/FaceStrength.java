package pteron.core.panel;

import pteron.core.material.Material;
import pteron.core.material.Material.Kind;
import pteron.core.material.Property;
import pteron.core.mechanics.Duration;
import pteron.core.mechanics.TimberStrength;
import pteron.core.mechanics.WoodKind;
import pteron.core.plan.ServiceClass;

/**
 * Design strengths of a face along the span.
 *
 * @param sheet the face as it lies
 * @param duration how long the load stands
 * @param service how damp it becomes
 */
record FaceStrength(SandwichPanel.Sheet sheet, Duration duration, ServiceClass service) {

    /** Factor on the strength of metal: EN 1999-1-1 and EN 1993-1-1, from memory. */
    static final double GAMMA_METAL = 1.1;

    /** Factor on the strength of glass fibre and plastic; common practice. */
    static final double GAMMA_PLASTIC = 2.0;

    /** Modulus from which a face is taken for metal (N/mm²); glass fibre and plastic are far below. */
    private static final double METAL_FROM_MODULUS = 60000;

    double design(Property property) {
        Material material = sheet.material();
        if (material.kind() == Kind.BOARD || material.kind() == Kind.TIMBER) {
            return new TimberStrength(material, duration, service).design(sheet.strength(property));
        }
        return sheet.strength(property) / (isMetal(material) ? GAMMA_METAL : GAMMA_PLASTIC);
    }

    /** {@return growth of the sag under what stays: EN 1995-1-1 table 3.2; none for metal and plastic} */
    double creep() {
        return WoodKind.of(sheet.material()).map(kind -> kind.kdef(service)).orElse(0.0);
    }

    /** {@return whether a face with a known modulus is of metal} */
    static boolean isMetal(Material face) {
        return face.value(Property.MODULUS) >= METAL_FROM_MODULUS;
    }
}
