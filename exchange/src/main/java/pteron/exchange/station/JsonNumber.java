package pteron.exchange.station;

import java.math.BigDecimal;
import java.math.MathContext;

/** Numbers of JSON files. */
public final class JsonNumber {

    /** Digits kept of a number: a thousandth of a mm in a kilometre, and no noise of rounding. */
    private static final MathContext DIGITS = new MathContext(12);

    private JsonNumber() {}

    /** {@return a number without noise of rounding and without exponent} */
    public static BigDecimal of(double value) {
        BigDecimal rounded = BigDecimal.valueOf(value).round(DIGITS).stripTrailingZeros();
        return rounded.scale() < 0 ? rounded.setScale(0) : rounded;
    }
}
