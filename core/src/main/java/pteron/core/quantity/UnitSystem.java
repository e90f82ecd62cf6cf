package pteron.core.quantity;

/** The units that a plan is read and written in. The sums do not depend on it. */
public enum UnitSystem {
    /** Millimetres, kilograms, newtons. */
    METRIC,
    /** Feet, inches and sixteenths as on a tape; pounds. */
    INCHES
}
