package pteron.core.bought;

import pteron.core.quantity.Require;
import pteron.core.quantity.Require.Range;

/**
 * A place of a bought shell that has to be mended. Immutable.
 *
 * @param kind what is wrong
 * @param face where
 * @param alongMm where it begins behind the box's front face (mm), {@link #PLACE}
 * @param upMm on a side over the floor, on floor and roof from the left side (mm), {@link #PLACE}
 * @param lengthMm how long it is (mm), {@link #SIZE}
 * @param heightMm how high or wide it is (mm), {@link #SIZE}
 */
public record Damage(
        Kind kind, Face face, double alongMm, double upMm, double lengthMm, double heightMm) {

    /** Where a damage may be. */
    public static final Range PLACE = new Range(0, 15000, "mm");

    /** How large it may be. */
    public static final Range SIZE = new Range(5, 5000, "mm");

    /** What is wrong. */
    public enum Kind {
        /** Wood that has gone soft. */
        ROT,
        /** A crack in steel or skin, at welds above all. */
        CRACK,
        /** Small holes, from stones or staples. */
        PINHOLES,
        /** Pushed in. */
        DENT,
        /** Rust that has to come off. */
        RUST
    }

    /** Where it is. */
    public enum Face {
        /** Left side. */
        LEFT,
        /** Right side. */
        RIGHT,
        /** Roof. */
        ROOF,
        /** Floor. */
        FLOOR
    }

    /** Checks the ranges. */
    public Damage {
        Require.within("damage, from the front", alongMm, PLACE);
        Require.within("damage, over the floor or from the left", upMm, PLACE);
        Require.within("damage, length", lengthMm, SIZE);
        Require.within("damage, height", heightMm, SIZE);
    }

    /** {@return whether a piece has to replace what is there; holes and rust are mended as they are} */
    public boolean isReplaced() {
        return kind == Kind.ROT || kind == Kind.CRACK || kind == Kind.DENT;
    }

    /** {@return another kind in the same place} */
    public Damage withKind(Kind other) {
        return new Damage(other, face, alongMm, upMm, lengthMm, heightMm);
    }

    /** {@return the same on another face} */
    public Damage withFace(Face other) {
        return new Damage(kind, other, alongMm, upMm, lengthMm, heightMm);
    }

    /** {@return the same elsewhere} */
    public Damage withPlace(double otherAlongMm, double otherUpMm) {
        return new Damage(kind, face, otherAlongMm, otherUpMm, lengthMm, heightMm);
    }

    /** {@return the same of another size} */
    public Damage withSize(double otherLengthMm, double otherHeightMm) {
        return new Damage(kind, face, alongMm, upMm, otherLengthMm, otherHeightMm);
    }
}
