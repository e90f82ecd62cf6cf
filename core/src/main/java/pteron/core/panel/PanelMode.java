package pteron.core.panel;

import pteron.core.quantity.Named;

/** Ways in which a sandwich panel gives way. */
public enum PanelMode {
    /** It sags: soft, but nothing breaks. */
    SAG,
    /** The loaded face breaks. */
    FACE,
    /** The face away from the load is torn. */
    FAR_FACE,
    /** The loaded face wrinkles. */
    WRINKLING,
    /** The core shears. */
    CORE_SHEAR,
    /** The core is crushed under a foot. */
    CRUSHING,
    /** The face breaks over a support. */
    OVER_SUPPORT;

    /** {@return its name in keys: {@code core-shear}} */
    String key() {
        return Named.key(this);
    }

    /** {@return its name in words} */
    String words() {
        return Named.words(this);
    }

    /** {@return whether a thicker face mends it; a thicker core does otherwise} */
    boolean isMendedByFace() {
        return this == FACE || this == CRUSHING || this == OVER_SUPPORT;
    }
}
