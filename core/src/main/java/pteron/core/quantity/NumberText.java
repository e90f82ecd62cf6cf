package pteron.core.quantity;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.OptionalDouble;
import java.util.regex.Pattern;

/** Writes numbers with a thin space between thousands, a point, and no trailing zeros. */
public final class NumberText {

    /** The thin space between groups of three digits. */
    public static final char THIN_SPACE = '\u2009';

    /** Half of the last digit that is written of a utilisation. */
    private static final double HALF_PER_CENT = 0.005;

    private static final double SMALLEST_PLAIN = 0.01;

    /** Digits that sums are good for. */
    private static final MathContext SUMS = new MathContext(13);

    private NumberText() {}

    private static final Pattern NUMBER =
            Pattern.compile("([+-]?(?:[0-9]+(?:[.,][0-9]*)?|[.,][0-9]+)(?:[eE][+-]?[0-9]{1,3})?)");

    /**
     * {@return the number that is written, with a point or a comma; empty if it is none}
     *
     * <p>Thin spaces between thousands are taken, words such as a programmer's {@code 1d} or {@code NaN} are
     * not.
     */
    public static OptionalDouble parse(String text) {
        String plain =
                text.strip()
                        .replace('\u2212', '-')
                        .replaceAll("(?<=[0-9])[ \u2009\u202f\u00a0](?=[0-9]{3})", "");
        if (!NUMBER.matcher(plain).matches()) {
            return OptionalDouble.empty();
        }
        double number = Double.parseDouble(plain.replace(',', '.'));
        return Double.isFinite(number) ? OptionalDouble.of(number) : OptionalDouble.empty();
    }

    /**
     * {@return a utilisation in whole per cent; what is below or above its limit never reads as at it}
     *
     * <p>Example: 0.257 is {@code 26 %}, 0.996 is {@code 99 %}, 1.002 is {@code 101 %}.
     */
    public static String percent(double utilisation) {
        boolean atLimit = Math.abs(utilisation - 1) < HALF_PER_CENT;
        Side side = !atLimit ? Side.NEAREST : utilisation > 1 ? Side.UP : Side.DOWN;
        return format(100 * utilisation, 0, side) + " %";
    }

    /** {@return a number of things in words: {@code 1 roll}, {@code 2 rolls}, {@code 0 rolls}} */
    public static String counted(long count, String one, String more) {
        return count + " " + (count == 1 ? one : more);
    }

    /** {@return the number rounded half up to so many decimals, 0 to 9; small ones keep three digits} */
    public static String format(double number, int decimals) {
        return format(number, decimals, Side.NEAREST);
    }

    /** {@return the number rounded to a side; what would round to nothing keeps three digits} */
    public static String format(double number, int decimals, Side side) {
        // the last bits of a sum are no reason to go a step further
        BigDecimal exact = BigDecimal.valueOf(number).round(SUMS);
        boolean lost = side != Side.NEAREST && Math.abs(number) < Math.pow(10, -decimals);
        boolean tiny = number != 0 && (lost || decimals >= 2 && Math.abs(number) < SMALLEST_PLAIN);
        int scale = tiny ? exact.scale() - exact.precision() + 3 : decimals;
        BigDecimal rounded = exact.setScale(scale, side.mode());
        if (rounded.signum() == 0) {
            return "0";
        }
        String plain = rounded.abs().toPlainString();
        if (plain.contains(".")) {
            plain = plain.replaceAll("0+$", "").replaceAll("\\.$", "");
        }
        return (rounded.signum() < 0 ? "−" : "") + grouped(plain);
    }

    private static String grouped(String plain) {
        int point = plain.indexOf('.');
        String whole = point < 0 ? plain : plain.substring(0, point);
        String rest = point < 0 ? "" : plain.substring(point);
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < whole.length(); i++) {
            if (i > 0 && (whole.length() - i) % 3 == 0) {
                text.append(THIN_SPACE);
            }
            text.append(whole.charAt(i));
        }
        return text + rest;
    }
}
