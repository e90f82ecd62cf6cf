package pteron.core.mechanics;

import pteron.core.quantity.Require;

/**
 * A curved member sawn in pieces from a straight board, the joints of a second layer over the middles of the first.
 *
 * <pre>
 *   s = B − T,   c = 2 · sqrt(2 r s − s²),   n = ceil(l / (2 r · asin(c / (2 r))))
 * </pre>
 *
 * B width of the board, T width of the member in the plane of the bend, r outside radius, l its outside length (mm):
 * a piece may rise over its chord c by what the board is wider.
 *
 * <p>Source: geometry. Example: T 38, B 140, r 1200, l 1885 gives a rise of 102 mm, a chord of 968.3 mm and 2 pieces.
 *
 * @param widthMm width of the member in the plane of the bend (mm), above 0
 * @param boardMm width of the board (mm), above that of the member
 * @param radiusMm outside radius (mm), above the rise
 * @param lengthMm outside length (mm), above 0
 */
public record SawnBend(double widthMm, double boardMm, double radiusMm, double lengthMm)
        implements BendWay {

    /**
     * Checks the numbers.
     *
     * @throws IllegalArgumentException if one is out of its range
     */
    public SawnBend {
        Require.positive("width", widthMm, "mm");
        Require.positive("board beyond the width", boardMm - widthMm, "mm");
        Require.positive("length", lengthMm, "mm");
        Require.positive("radius", radiusMm, "mm");
    }

    /** {@return how far a piece may rise over its chord (mm)} */
    public double riseMm() {
        return Math.min(boardMm - widthMm, radiusMm);
    }

    /** {@return longest chord of a piece (mm)} */
    public double chordMm() {
        return 2 * Math.sqrt(2 * radiusMm * riseMm() - riseMm() * riseMm());
    }

    /** {@return length that a piece is cut from the board at (mm): its chord, or the whole length if that is less} */
    public double pieceMm() {
        return Math.min(chordMm(), lengthMm);
    }

    /** {@return number of pieces in two layers, the joints of the second over the middles of the first} */
    public int inTwoLayers() {
        return 2 * pieces() + (pieces() > 1 ? 1 : 0);
    }

    /** {@return number of pieces in one layer} */
    public int pieces() {
        double along = 2 * radiusMm * Math.asin(Math.min(1, chordMm() / (2 * radiusMm)));
        return (int) Math.max(1, Math.ceil(lengthMm / along - 1e-9));
    }
}
