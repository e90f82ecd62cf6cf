package pteron.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Writes numbers with a thin space between thousands, a point, and no trailing zeros. */
public final class NumberText {

    /** The thin space between groups of three digits. */
    public static final char THIN_SPACE = '\u2009';

    private static final double SMALLEST_PLAIN = 0.01;

    private NumberText() {}

    /** {@return the number rounded half up to so many decimals, 0 to 9; small ones keep three digits} */
    public static String format(double number, int decimals) {
        BigDecimal exact = BigDecimal.valueOf(number);
        boolean tiny = decimals >= 2 && number != 0 && Math.abs(number) < SMALLEST_PLAIN;
        int scale = tiny ? exact.scale() - exact.precision() + 3 : decimals;
        BigDecimal rounded = exact.setScale(scale, RoundingMode.HALF_UP);
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
