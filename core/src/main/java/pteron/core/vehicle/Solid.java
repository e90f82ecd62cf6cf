package pteron.core.vehicle;

import pteron.core.quantity.Named;
import pteron.core.quantity.Require;

/**
 * Something of the vehicle that the box or its jacks may hit, as the upright box round it. Immutable.
 *
 * @param name what a builder calls it
 * @param kind what it is
 * @param along behind the deck's front edge (mm)
 * @param across right of the middle (mm)
 * @param up above the deck (mm)
 * @param mirrored whether there is another one on the other side of the middle
 */
public record Solid(
        String name, Kind kind, Stretch along, Stretch across, Stretch up, boolean mirrored) {

    /** What a solid is. */
    public enum Kind {
        /** Over a wheel, through deck or bed. */
        WHEEL_WELL,
        /** A wheel at its stop. */
        WHEEL,
        /** Whatever stands up in the middle: gearbox, spare-wheel well. */
        HUMP,
        /** Side wall of a bed. */
        BED_WALL,
        /** Tailgate. */
        TAILGATE,
        /** Cab with its roof. */
        CAB,
        /** Fuel tank. */
        TANK,
        /** Mud flap. */
        MUD_FLAP,
        /** Anything else. */
        OTHER
    }

    /**
     * A stretch of an axis.
     *
     * @param fromMm where it begins (mm)
     * @param toMm where it ends (mm), not before
     */
    public record Stretch(double fromMm, double toMm) {
        /** Checks the order. */
        public Stretch {
            Require.within("side of a solid", fromMm, VehicleLimits.SOLID);
            Require.within("side of a solid", toMm, VehicleLimits.SOLID);
            if (toMm < fromMm) {
                throw new IllegalArgumentException(
                        "side of a solid: [%s] mm is less than [%s] mm; give the smaller one first"
                                .formatted(toMm, fromMm));
            }
        }

        /** {@return this stretch beginning elsewhere} */
        public Stretch withFrom(double otherMm) {
            return new Stretch(otherMm, toMm);
        }

        /** {@return this stretch ending elsewhere} */
        public Stretch withTo(double otherMm) {
            return new Stretch(fromMm, otherMm);
        }

        /** {@return whether the two share more than an edge} */
        public boolean overlaps(Stretch other) {
            return fromMm < other.toMm && other.fromMm < toMm;
        }
    }

    /** {@return this solid elsewhere along the deck} */
    public Solid withAlong(Stretch other) {
        return new Solid(name, kind, other, across, up, mirrored);
    }

    /** {@return this solid elsewhere across the deck} */
    public Solid withAcross(Stretch other) {
        return new Solid(name, kind, along, other, up, mirrored);
    }

    /** {@return this solid higher or lower} */
    public Solid withUp(Stretch other) {
        return new Solid(name, kind, along, across, other, mirrored);
    }

    /** {@return this solid of another kind, named after it} */
    public Solid withKind(Kind other) {
        String called = Named.words(other);
        return new Solid(called, other, along, across, up, mirrored);
    }

    /** {@return this solid on one side or on both} */
    public Solid withMirrored(boolean other) {
        return new Solid(name, kind, along, across, up, other);
    }
}
