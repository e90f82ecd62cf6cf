package pteron.core.buildup;

import java.util.List;
import pteron.core.quantity.Require;

/**
 * A wall or roof: skin, frame with insulation, lining. Immutable.
 *
 * @param outerSkin outside
 * @param insulation between the members, or the core of a panel without a frame
 * @param innerSkin lining inside
 * @param members studs, or bows of a roof; the edge bars of a panel without a frame
 * @param scheme how it carries
 * @param fit how the foam sits in the frame
 * @param outside further layers between outer skin and frame, outermost first
 * @param inside further layers between frame and lining, outermost first
 */
public record Framed(
        Layer outerSkin,
        Layer insulation,
        Layer innerSkin,
        Members members,
        Scheme scheme,
        Fit fit,
        List<Layer> outside,
        List<Layer> inside)
        implements BuildUp {

    /** How a wall or roof carries. */
    public enum Scheme {
        /** Timber studs and bows. */
        STUDS,
        /** Square metal tubes. */
        TUBE,
        /** Bonded sandwich; bars at its edges only. */
        FRAMELESS,
        /** Solid boards over a light frame of timber. */
        BOARDS
    }

    /**
     * How the foam sits in the frame.
     *
     * @param over what is done where the foam is thicker than the frame
     * @param packing id of what the frame is packed out with
     * @param gapMm gap round each piece of foam, filled with expanding foam (mm)
     */
    public record Fit(Over over, String packing, double gapMm) {
        /** What is done where the foam is thicker than the frame. */
        public enum Over {
            /** Nothing: it should be as thick as the frame or thinner. */
            FLUSH,
            /** The frame is packed out with strips. */
            PACKED,
            /** The foam is rebated over the frame. */
            PROUD
        }

        /** Flush, with a gap of 6 mm: common practice. */
        public static final Fit USUAL = new Fit(Over.FLUSH, "closed-cell-tape", 6);

        /** Checks the range. */
        public Fit {
            Require.within("gap round the foam", gapMm, BuildUpLimits.FOAM_GAP);
        }

        /** {@return this with another way over the frame} */
        public Fit withOver(Over other) {
            return new Fit(other, packing, gapMm);
        }

        /** {@return this with another gap} */
        public Fit withGap(double otherMm) {
            return new Fit(over, packing, otherMm);
        }

        /** {@return this with another packing} */
        public Fit withPacking(String other) {
            return new Fit(over, other, gapMm);
        }
    }

    /** Copies the layers. */
    public Framed {
        outside = Layer.few("layers outside of the frame", outside);
        inside = Layer.few("layers inside of the frame", inside);
    }

    /** A wall or roof of studs with nothing further. */
    public Framed(Layer outerSkin, Layer insulation, Layer innerSkin, Members members) {
        this(
                outerSkin,
                insulation,
                innerSkin,
                members,
                Scheme.STUDS,
                Fit.USUAL,
                List.of(),
                List.of());
    }

    /** {@return this with another outer skin} */
    public Framed withOuterSkin(Layer other) {
        return with(other, insulation, innerSkin, members);
    }

    /** {@return this with other insulation} */
    public Framed withInsulation(Layer other) {
        return with(outerSkin, other, innerSkin, members);
    }

    /** {@return this with another lining} */
    public Framed withInnerSkin(Layer other) {
        return with(outerSkin, insulation, other, members);
    }

    /** {@return this with other members} */
    public Framed withMembers(Members other) {
        return with(outerSkin, insulation, innerSkin, other);
    }

    private Framed with(Layer outer, Layer foam, Layer inner, Members bars) {
        return new Framed(outer, foam, inner, bars, scheme, fit, outside, inside);
    }

    /** {@return this carried in another way} */
    public Framed withScheme(Scheme other) {
        return new Framed(outerSkin, insulation, innerSkin, members, other, fit, outside, inside);
    }

    /** {@return this with its foam sitting otherwise} */
    public Framed withFit(Fit other) {
        return new Framed(
                outerSkin, insulation, innerSkin, members, scheme, other, outside, inside);
    }

    /** {@return this with other further layers outside} */
    public Framed withOutside(List<Layer> other) {
        return new Framed(outerSkin, insulation, innerSkin, members, scheme, fit, other, inside);
    }

    /** {@return this with other further layers inside} */
    public Framed withInside(List<Layer> other) {
        return new Framed(outerSkin, insulation, innerSkin, members, scheme, fit, outside, other);
    }

    /** {@return depth of the frame (mm): that of the members, or of the core where bars lie in it} */
    public double frameMm() {
        return framing().section().depthMm();
    }

    /** {@return the members as they are set out; in a bonded panel bars as deep as its core, at its edges and seams} */
    public Members framing() {
        return scheme == Scheme.FRAMELESS ? members.inCore(insulation.thicknessMm()) : members;
    }

    /** {@return whether a bevel can be ripped along a member: a tube stays square} */
    public boolean isRipped() {
        return scheme != Scheme.TUBE && !members.section().isTube();
    }

    /** {@return how far the foam stands over the frame and is packed or rebated (mm), 0 if it does not} */
    public double overFrameMm() {
        boolean over = scheme != Scheme.FRAMELESS && fit.over() != Fit.Over.FLUSH;
        return over ? Math.max(0, insulation.thicknessMm() - frameMm()) : 0;
    }

    /** {@return outer face of the frame behind the outside (mm)} */
    public double toFrameMm() {
        return outerSkin.thicknessMm() + Layer.thicknessMm(outside);
    }

    /** {@return face of the lining towards the frame, behind the frame's outer face (mm)} */
    public double toLiningMm() {
        return frameMm() + overFrameMm() + Layer.thicknessMm(inside);
    }

    /** {@return whole thickness (mm)} */
    public double thicknessMm() {
        return toFrameMm() + toLiningMm() + innerSkin.thicknessMm();
    }
}
