package pteron.core.plan;

import java.util.List;
import pteron.core.quantity.Require;

/**
 * What is cut out of a box and what stands over its edges. Immutable.
 *
 * @param dropFloor lower floor towards the rear
 * @param wheelArches cut-outs in both sides, front to rear
 * @param overhang roof over the walls
 * @param wings where the box is wider above than below
 * @param crownMm rise of the roof's middle over its edges (mm); 0 for none
 */
public record BoxDetails(
        DropFloor dropFloor,
        List<WheelArch> wheelArches,
        Overhang overhang,
        Wings wings,
        double crownMm) {

    /** A box as wide below as above. */
    public BoxDetails(DropFloor dropFloor, List<WheelArch> wheelArches, Overhang overhang) {
        this(dropFloor, wheelArches, overhang, Wings.NONE, 0);
    }

    /** Nothing of it. */
    public static final BoxDetails NONE = new BoxDetails(DropFloor.NONE, List.of(), Overhang.NONE);

    /** Most wheel arches on a side. */
    public static final int MOST_ARCHES = 4;

    /**
     * Copies the list.
     *
     * @throws IllegalArgumentException if there are too many arches
     */
    public BoxDetails {
        wheelArches = List.copyOf(wheelArches);
        Require.within("rise of the roof across", crownMm, PlanLimits.CROWN);
        if (wheelArches.size() > MOST_ARCHES) {
            throw new IllegalArgumentException(
                    "wheel arches: there are [%d] and may be %d; join those that touch"
                            .formatted(wheelArches.size(), MOST_ARCHES));
        }
    }

    /**
     * A floor that lies lower behind the axle. The outline's rear foot then stands at its depth.
     *
     * @param fromMm where it begins behind the front face (mm)
     * @param depthMm how much lower (mm); 0 for none
     */
    public record DropFloor(double fromMm, double depthMm) {
        /** No lower floor. */
        public static final DropFloor NONE = new DropFloor(0, 0);

        /** Checks the ranges. */
        public DropFloor {
            Require.within("dropped floor from", fromMm, PlanLimits.OUTLINE_X);
            Require.within("dropped floor depth", depthMm, PlanLimits.DROP);
        }

        /** {@return whether there is one} */
        public boolean exists() {
            return depthMm > 0;
        }
    }

    /**
     * A cut-out in both sides over a wheel, with a level top and rounded corners.
     *
     * @param fromMm where it begins behind the front face (mm)
     * @param lengthMm length (mm)
     * @param heightMm height above the underside (mm)
     * @param depthMm how far it reaches into the box (mm)
     * @param cornerMm radius of its upper corners (mm)
     */
    public record WheelArch(
            double fromMm, double lengthMm, double heightMm, double depthMm, double cornerMm) {
        /**
         * Checks the ranges.
         *
         * @throws IllegalArgumentException if the corners are rounder than the arch is large
         */
        public WheelArch {
            Require.within("wheel arch from", fromMm, PlanLimits.OUTLINE_X);
            Require.within("wheel arch length", lengthMm, PlanLimits.ARCH);
            Require.within("wheel arch height", heightMm, PlanLimits.ARCH);
            Require.within("wheel arch depth", depthMm, PlanLimits.ARCH);
            Require.within(
                    "wheel arch corner",
                    cornerMm,
                    new Require.Range(0, Math.min(lengthMm / 2, heightMm), "mm"));
        }

        /** {@return this arch elsewhere along the box} */
        public WheelArch withFrom(double otherMm) {
            return new WheelArch(otherMm, lengthMm, heightMm, depthMm, cornerMm);
        }

        /** {@return this arch of another length} */
        public WheelArch withLength(double otherMm) {
            return new WheelArch(fromMm, otherMm, heightMm, depthMm, cornerMm);
        }

        /** {@return this arch of another height} */
        public WheelArch withHeight(double otherMm) {
            return new WheelArch(fromMm, lengthMm, otherMm, depthMm, cornerMm);
        }

        /** {@return this arch of another depth} */
        public WheelArch withDepth(double otherMm) {
            return new WheelArch(fromMm, lengthMm, heightMm, otherMm, cornerMm);
        }

        /** {@return this arch with another corner radius} */
        public WheelArch withCorner(double otherMm) {
            return new WheelArch(fromMm, lengthMm, heightMm, depthMm, otherMm);
        }
    }

    /**
     * Roof over the walls.
     *
     * @param frontMm ahead of the foremost point of the outline (mm)
     * @param rearMm behind the rearmost point (mm)
     * @param sidesMm over each side wall (mm)
     * @param dripMm height of the drip edge that hangs from it (mm)
     */
    public record Overhang(double frontMm, double rearMm, double sidesMm, double dripMm) {
        /** No overhang. */
        public static final Overhang NONE = new Overhang(0, 0, 0, 0);

        /** Checks the ranges. */
        public Overhang {
            Require.within("roof overhang in front", frontMm, PlanLimits.OVERHANG);
            Require.within("roof overhang behind", rearMm, PlanLimits.OVERHANG);
            Require.within("roof overhang on the sides", sidesMm, PlanLimits.OVERHANG);
            Require.within("drip edge", dripMm, PlanLimits.OVERHANG);
        }

        /** {@return whether the roof stands over any wall} */
        public boolean exists() {
            return frontMm + rearMm + sidesMm > 0;
        }
    }

    /**
     * A box that is narrower between the walls of a bed or the wheels than above them.
     *
     * @param lowerWidthMm outside width below (mm)
     * @param fromMm height over the underside from which it has its whole width (mm); 0 for no wings
     */
    public record Wings(double lowerWidthMm, double fromMm) {
        /** No wings. */
        public static final Wings NONE = new Wings(PlanLimits.BOX_WIDTH.least(), 0);

        /** Checks the ranges. */
        public Wings {
            Require.within("width below the wings", lowerWidthMm, PlanLimits.BOX_WIDTH);
            Require.within("wings from", fromMm, PlanLimits.WINGS);
        }

        /** {@return whether there are any} */
        public boolean exists() {
            return fromMm > 0;
        }
    }

    /** {@return these details with another dropped floor} */
    public BoxDetails withDropFloor(DropFloor other) {
        return new BoxDetails(other, wheelArches, overhang, wings, crownMm);
    }

    /** {@return these details with other wheel arches} */
    public BoxDetails withWheelArches(List<WheelArch> other) {
        return new BoxDetails(dropFloor, other, overhang, wings, crownMm);
    }

    /** {@return these details with another overhang} */
    public BoxDetails withOverhang(Overhang other) {
        return new BoxDetails(dropFloor, wheelArches, other, wings, crownMm);
    }

    /** {@return these details with other wings} */
    public BoxDetails withWings(Wings other) {
        return new BoxDetails(dropFloor, wheelArches, overhang, other, crownMm);
    }

    /** {@return these details with a roof that rises otherwise across the width} */
    public BoxDetails withCrown(double otherMm) {
        return new BoxDetails(dropFloor, wheelArches, overhang, wings, otherMm);
    }
}
