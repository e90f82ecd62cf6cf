package pteron.core.plan;

import pteron.core.quantity.Require;
import pteron.core.quantity.Require.Range;

/**
 * In which school the pieces of a box are put together. Immutable.
 *
 * @param corners which piece runs past the other where side walls meet front, roof and rear
 * @param feet what the walls stand on
 * @param ceiling whether the lining of the roof lies on the walls or between them
 * @param lining in how many pieces a wall is lined upward
 * @param strip how the outer skin of nose, roof and tail is bought
 * @param floorAlong pieces of the floor one behind the other, {@link #FLOOR_PIECES}
 * @param floorAcross pieces of the floor side by side, {@link #FLOOR_PIECES}
 */
public record Assembly(
        Corners corners,
        Feet feet,
        Ceiling ceiling,
        Lining lining,
        Strip strip,
        int floorAlong,
        int floorAcross) {

    /** Pieces of a floor in one direction. */
    public static final Range FLOOR_PIECES = new Range(1, 6, "");

    /** As most boxes are built. */
    public static final Assembly USUAL =
            new Assembly(
                    Corners.STRIP_OVER_SIDES,
                    Feet.ON_THE_FLOOR,
                    Ceiling.FROM_OUTSIDE_IN,
                    Lining.IN_SHEETS,
                    Strip.IN_SHEETS,
                    1,
                    1);

    /** Which piece runs past the other. */
    public enum Corners {
        /** Frames of front, roof and rear lie over the edges of the side walls. */
        STRIP_OVER_SIDES,
        /** Side walls are whole panels; the frames of front, roof and rear stand and hang between them. */
        SIDES_OVER_STRIP
    }

    /** What the walls stand on. */
    public enum Feet {
        /** The floor reaches under the walls. */
        ON_THE_FLOOR,
        /** The walls stand on the deck; the floor lies between them. */
        BESIDE_THE_FLOOR
    }

    /** In which order a roof is built. */
    public enum Ceiling {
        /** Frame and skin first; the lining last, between the walls. */
        FROM_OUTSIDE_IN,
        /** The lining first, lying on the side walls; bows, foam and skin over it. */
        FROM_INSIDE_OUT
    }

    /** In how many pieces a wall is lined upward. */
    public enum Lining {
        /** As far as a sheet reaches. */
        IN_SHEETS,
        /** A lower and an upper half, the upper marked from the bars seen over the lower. */
        IN_HALVES,
        /** Each wall in one piece. */
        IN_ONE_PIECE
    }

    /** How the outer skin of nose, roof and tail is bought. */
    public enum Strip {
        /** Sheets side by side. */
        IN_SHEETS,
        /** Each of them in one piece, off a roll. */
        OFF_A_ROLL
    }

    /** Checks the pieces of the floor. */
    public Assembly {
        Require.within("pieces of the floor along", floorAlong, FLOOR_PIECES);
        Require.within("pieces of the floor across", floorAcross, FLOOR_PIECES);
    }

    /** {@return whether side walls run past front, roof and rear} */
    public boolean sidesRunPast() {
        return corners == Corners.SIDES_OVER_STRIP;
    }

    /** {@return whether the floor lies between the walls} */
    public boolean floorBetweenWalls() {
        return feet == Feet.BESIDE_THE_FLOOR;
    }

    /** {@return whether the roof's lining lies on the side walls; where those run past there is nothing it could lie on} */
    public boolean ceilingOnWalls() {
        return ceiling == Ceiling.FROM_INSIDE_OUT && !sidesRunPast();
    }

    /** {@return the same with other corners} */
    public Assembly withCorners(Corners other) {
        return new Assembly(other, feet, ceiling, lining, strip, floorAlong, floorAcross);
    }

    /** {@return the same with walls that stand on something else} */
    public Assembly withFeet(Feet other) {
        return new Assembly(corners, other, ceiling, lining, strip, floorAlong, floorAcross);
    }

    /** {@return the same with a roof built in another order} */
    public Assembly withCeiling(Ceiling other) {
        return new Assembly(corners, feet, other, lining, strip, floorAlong, floorAcross);
    }

    /** {@return the same lined in other pieces} */
    public Assembly withLining(Lining other) {
        return new Assembly(corners, feet, ceiling, other, strip, floorAlong, floorAcross);
    }

    /** {@return the same with the strip's skin bought in another way} */
    public Assembly withStrip(Strip other) {
        return new Assembly(corners, feet, ceiling, lining, other, floorAlong, floorAcross);
    }

    /** {@return the same with a floor in other pieces} */
    public Assembly withFloor(int along, int across) {
        return new Assembly(corners, feet, ceiling, lining, strip, along, across);
    }
}
