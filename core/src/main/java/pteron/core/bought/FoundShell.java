package pteron.core.bought;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.Section;
import pteron.core.quantity.Require;
import pteron.core.quantity.Require.Range;

/**
 * A bought shell as it was measured: its skin, posts and bows weigh with the carrier and are on no list. Immutable.
 *
 * @param rib section of posts and bows: along the skin, into the room
 * @param left posts of the left side
 * @param right posts of the right side, measured apart
 * @param roof bows
 * @param skirtingMm how far skirting stands into the room (mm), {@link #SKIRTING}
 * @param coating what is on the inside of the skin
 * @param damages places to be mended
 * @param lowMm how far each cross-member lies under the highest, the first one first (mm), {@link #LOW}
 */
public record FoundShell(
        Section rib,
        RibRow left,
        RibRow right,
        RibRow roof,
        double skirtingMm,
        Coating coating,
        List<Damage> damages,
        List<Double> lowMm) {

    /** How far skirting may stand into the room; 0 for none. */
    public static final Range SKIRTING = new Range(0, 100, "mm");

    /** How far a cross-member may lie under the highest. */
    public static final Range LOW = new Range(0, 100, "mm");

    /** Most damages. */
    public static final int MOST_DAMAGES = 40;

    /** What is on the skin, and so what has to be done before glue. */
    public enum Coating {
        /** Nothing. */
        BARE,
        /** Clear coat. */
        CLEAR_COATED,
        /** Paint. */
        PAINTED,
        /** Rust. */
        RUSTY
    }

    /** Checks the ranges and copies the lists. */
    public FoundShell {
        Require.within("skirting", skirtingMm, SKIRTING);
        damages = List.copyOf(damages);
        lowMm = List.copyOf(lowMm);
        lowMm.forEach(low -> Require.within("cross-member under the highest", low, LOW));
        if (damages.size() > MOST_DAMAGES) {
            throw new IllegalArgumentException(
                    "damages: there are [%d] and may be %d; put near ones together"
                            .formatted(damages.size(), MOST_DAMAGES));
        }
    }

    /** {@return this with other ribs} */
    public FoundShell withRib(Section other) {
        return new FoundShell(other, left, right, roof, skirtingMm, coating, damages, lowMm);
    }

    /** {@return this with other posts on the left} */
    public FoundShell withLeft(RibRow other) {
        return new FoundShell(rib, other, right, roof, skirtingMm, coating, damages, lowMm);
    }

    /** {@return this with other posts on the right} */
    public FoundShell withRight(RibRow other) {
        return new FoundShell(rib, left, other, roof, skirtingMm, coating, damages, lowMm);
    }

    /** {@return this with other bows} */
    public FoundShell withRoof(RibRow other) {
        return new FoundShell(rib, left, right, other, skirtingMm, coating, damages, lowMm);
    }

    /** {@return this with other skirting} */
    public FoundShell withSkirting(double otherMm) {
        return new FoundShell(rib, left, right, roof, otherMm, coating, damages, lowMm);
    }

    /** {@return this with something else on its skin} */
    public FoundShell withCoating(Coating other) {
        return new FoundShell(rib, left, right, roof, skirtingMm, other, damages, lowMm);
    }

    /** {@return this with other damages} */
    public FoundShell withDamages(List<Damage> other) {
        return new FoundShell(rib, left, right, roof, skirtingMm, coating, other, lowMm);
    }

    /** {@return this with one cross-member at another height} */
    public FoundShell withLow(int index, double otherMm) {
        List<Double> low = new ArrayList<>(lowMm);
        while (low.size() <= index) {
            low.add(0.0);
        }
        low.set(index, otherMm);
        return new FoundShell(rib, left, right, roof, skirtingMm, coating, damages, low);
    }

    /** {@return how far one cross-member lies under the highest (mm)} */
    public double lowMm(int index) {
        return index < lowMm.size() ? lowMm.get(index) : 0;
    }
}
