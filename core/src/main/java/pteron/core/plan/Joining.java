package pteron.core.plan;

import pteron.core.quantity.Require;

/**
 * How members that are not of timber are joined and bent, and how bonded panels meet. Immutable.
 *
 * @param tubes what holds the end of a tube
 * @param weld how it is welded where it is
 * @param curves how a tube is made to follow a curve
 * @param panels how bonded panels meet at a corner
 * @param conduitMm height over the floor of a conduit for wires in bonded walls, {@link PlanLimits#CONDUIT}; 0 for none
 */
public record Joining(Tubes tubes, Weld weld, Curves curves, Panels panels, double conduitMm) {

    /** As most are joined. */
    public static final Joining USUAL =
            new Joining(Tubes.WELDED, Weld.MIG, Curves.ROLLED, Panels.ANGLES, 0);

    /** Checks the height. */
    public Joining {
        Require.within("conduit over the floor", conduitMm, PlanLimits.CONDUIT);
    }

    /** What holds the end of a tube. */
    public enum Tubes {
        /** Welded all round. */
        WELDED,
        /** Glued over a sleeve that is fixed to the other tube. */
        SLEEVED,
        /** Bolted to a bracket. */
        BRACKETED
    }

    /** How tubes are welded. */
    public enum Weld {
        /** With a wire that runs out of the torch. */
        MIG,
        /** With a rod held beside the torch: slower, hotter, softer beside the weld. */
        TIG
    }

    /** How a tube is made to follow a curve. */
    public enum Curves {
        /** Between three rollers. */
        ROLLED,
        /** Three walls sawn through many times, bent until the cuts close, and the cuts welded. */
        NOTCHED
    }

    /** How bonded panels meet at a corner. */
    public enum Panels {
        /** Square edges, glued, with an angle outside and one inside. */
        ANGLES,
        /** One panel lies in a rebate of the other, glued, with an angle outside. */
        REBATED,
        /** A tongue in grooves of both, glued, with an angle inside. */
        TONGUED
    }

    /** {@return the same with tubes held in another way} */
    public Joining withTubes(Tubes other) {
        return new Joining(other, weld, curves, panels, conduitMm);
    }

    /** {@return the same with tubes welded in another way} */
    public Joining withWeld(Weld other) {
        return new Joining(tubes, other, curves, panels, conduitMm);
    }

    /** {@return the same with tubes bent in another way} */
    public Joining withCurves(Curves other) {
        return new Joining(tubes, weld, other, panels, conduitMm);
    }

    /** {@return the same with panels that meet in another way} */
    public Joining withPanels(Panels other) {
        return new Joining(tubes, weld, curves, other, conduitMm);
    }

    /** {@return the same with a conduit at another height; 0 for none} */
    public Joining withConduit(double otherMm) {
        return new Joining(tubes, weld, curves, panels, otherMm);
    }
}
