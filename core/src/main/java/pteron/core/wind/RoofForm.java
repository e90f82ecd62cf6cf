package pteron.core.wind;

import pteron.core.quantity.Require;

/** What a piece of roof is to the wind. Slopes run along the box; a vault may bend along the box or across it. */
public sealed interface RoofForm {

    /** Slope up to which a roof is flat (degrees): EN 1991-1-4 7.2.3, from memory. */
    double FLAT_TO_DEGREES = 5;

    /** Steepest slope of the tables (degrees); what is steeper counts as wall. */
    double STEEPEST_DEGREES = 45;

    /** Least rise over span of a vault: below it EN 1991-1-4 figure 7.11 says nothing, and it is flat. */
    double LEAST_RISE = 0.05;

    /** Level, or up to 5° of slope. */
    record Flat() implements RoofForm {}

    /**
     * One slope.
     *
     * @param degrees slope, {@link #FLAT_TO_DEGREES} to {@link #STEEPEST_DEGREES}
     * @param lowAtStart whether its lower edge is the front one
     */
    record OneSlope(double degrees, boolean lowAtStart) implements RoofForm {
        /** Checks the slope. */
        public OneSlope {
            sloped(degrees);
        }
    }

    /**
     * One of two slopes that meet at a ridge across the box.
     *
     * @param degrees slope, {@link #FLAT_TO_DEGREES} to {@link #STEEPEST_DEGREES}
     * @param lowAtStart whether its lower edge, the eave, is the front one
     */
    record OneOfTwo(double degrees, boolean lowAtStart) implements RoofForm {
        /** Checks the slope. */
        public OneOfTwo {
            sloped(degrees);
        }
    }

    /**
     * A vault.
     *
     * @param rise rise over span, {@link #LEAST_RISE} or above
     * @param height height of its springing over the ground over its span, 0 or above
     * @param along whether it bends along the box, so that its axis lies across it
     */
    record Vault(double rise, double height, boolean along) implements RoofForm {
        /** Checks both. */
        public Vault {
            Require.notNegative("rise over span", rise - LEAST_RISE, "");
            Require.notNegative("height of the springing over the span", height, "");
        }
    }

    /** {@return the form of a straight piece that stands by itself} */
    static RoofForm straight(double degrees, boolean lowAtStart) {
        return degrees <= FLAT_TO_DEGREES
                ? new Flat()
                : new OneSlope(Math.min(degrees, STEEPEST_DEGREES), lowAtStart);
    }

    private static void sloped(double degrees) {
        Require.within(
                "slope of the roof",
                degrees,
                new Require.Range(FLAT_TO_DEGREES, STEEPEST_DEGREES, "°"));
    }
}
