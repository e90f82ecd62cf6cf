package pteron.core.solid;

import java.util.EnumSet;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * What of the box is on. Immutable.
 *
 * @param on what is on
 * @param liftMm how far the roof is lifted (mm), 0 or more
 * @param cutMm where the box is cut through (x, mm), what lies behind taken away; empty for whole
 */
public record Peel(Set<Coat> on, double liftMm, OptionalDouble cutMm) {

    /** What can be taken off and put on. */
    public enum Coat {
        /** The roof with all that belongs to it. */
        ROOF("Roof"),
        /** Sheets outside. */
        OUTER_SKIN("Outer skin"),
        /** Members. */
        MEMBERS("Members"),
        /** Insulation. */
        FOAM("Foam"),
        /** Sheets inside. */
        LINING("Lining"),
        /** The floor with all that belongs to it. */
        FLOOR("Floor"),
        /** Doors, windows, hatches. */
        UNITS("Doors, windows"),
        /** What carries the box. */
        CARRIER("Carrier");

        private final String label;

        Coat(String label) {
            this.label = label;
        }

        /** {@return what a builder calls it} */
        public String label() {
            return label;
        }
    }

    /** Everything on. */
    public static final Peel WHOLE = new Peel(EnumSet.allOf(Coat.class), 0, OptionalDouble.empty());

    /** Copies the set. */
    public Peel {
        on = on.isEmpty() ? Set.of() : Set.copyOf(on);
    }

    /** {@return whether something is on} */
    public boolean has(Coat coat) {
        return on.contains(coat);
    }

    /** {@return this with something put on or taken off} */
    public Peel with(Coat coat, boolean isOn) {
        Set<Coat> other = EnumSet.noneOf(Coat.class);
        other.addAll(on);
        if (isOn) {
            other.add(coat);
        } else {
            other.remove(coat);
        }
        return new Peel(other, liftMm, cutMm);
    }

    /** {@return this with the roof lifted otherwise (mm)} */
    public Peel lifted(double otherMm) {
        return new Peel(on, Math.max(0, otherMm), cutMm);
    }

    /** {@return this cut elsewhere (x, mm), or whole} */
    public Peel cut(OptionalDouble other) {
        return new Peel(on, liftMm, other);
    }
}
