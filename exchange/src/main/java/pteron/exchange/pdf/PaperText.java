package pteron.exchange.pdf;

import pteron.core.quantity.NumberText;

/** Angles as words on paper. */
public final class PaperText {

    /** Less than half of what is shown of an angle (degrees). */
    private static final double NOTHING_DEGREES = 0.05;

    private PaperText() {}

    /** {@return an angle of a cut: square, or degrees} */
    public static String angle(double degrees) {
        return isNothing(degrees) ? "square" : degrees(degrees);
    }

    /** {@return the turn of a strip after a piece: runs on, or degrees} */
    public static String turn(double degrees) {
        return isNothing(degrees) ? "runs on" : degrees(degrees);
    }

    private static String degrees(double degrees) {
        return NumberText.format(degrees, 1) + "°";
    }

    private static boolean isNothing(double degrees) {
        return Math.abs(degrees) < NOTHING_DEGREES;
    }
}
