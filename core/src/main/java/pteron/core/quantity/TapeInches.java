package pteron.core.quantity;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Feet, inches and fractions as on a tape. One inch is 25.4 mm exactly. */
final class TapeInches {

    private static final double MM_PER_INCH = 25.4;
    private static final int PARTS = 16;

    /** Below this a length that lies between sixteenths is written by the thousandth (mm): an eighth of an inch. */
    private static final double THIN_MM = 3.175;

    /** Share by which a thin length may differ from its sixteenth. */
    private static final double THIN_STEP = 0.02;

    /** Below this nothing is there: rounding of sums (mm). */
    private static final double NOTHING_MM = 0.001;

    /** Rounding of sums (sixteenths). */
    private static final double LAST_BITS = 1e-9;

    private static final int FEET_FROM_INCHES = 24;

    private static final String INCHES =
            "(?:(\\d+(?:[.,]\\d+)?|[.,]\\d+)(?:[ -]+(\\d+)/(\\d+))?|(\\d+)/(\\d+))";
    private static final Pattern BARE = Pattern.compile("[+-]?\\s*" + INCHES);
    private static final Pattern TAPE =
            Pattern.compile(
                    "([+-]?)\\s*(?:(\\d+(?:[.,]\\d+)?)\\s*(?:'|ft|feet|foot)[ -]*)?(?:"
                            + INCHES
                            + "\\s*(?:\"|in|inch|inches)?)?");

    private TapeInches() {}

    static boolean looksLikeOne(String plain) {
        return plain.matches(".*(['\"]|ft|feet|foot|in|inch|inches).*");
    }

    static boolean isBareNumber(String plain) {
        return BARE.matcher(plain).matches();
    }

    static double parse(String plain) {
        Matcher tape = TAPE.matcher(plain);
        if (plain.isEmpty() || !tape.matches() || (tape.group(2) == null && !hasInches(tape))) {
            throw new IllegalArgumentException(
                    "“%s” is not a tape measure; write it like 14' 3 1/4\" or 6 1/2\""
                            .formatted(plain));
        }
        double inches = number(tape.group(2)) * 12 + number(tape.group(3));
        inches += fraction(plain, tape.group(4), tape.group(5));
        inches += fraction(plain, tape.group(6), tape.group(7));
        return (tape.group(1).equals("-") ? -inches : inches) * MM_PER_INCH;
    }

    private static boolean hasInches(Matcher tape) {
        return tape.group(3) != null || tape.group(6) != null;
    }

    private static double number(String digits) {
        return digits == null ? 0 : Double.parseDouble(digits.replace(',', '.'));
    }

    private static double fraction(String plain, String over, String under) {
        if (over == null) {
            return 0;
        }
        double divisor = Double.parseDouble(under);
        if (divisor == 0) {
            throw new IllegalArgumentException(
                    "“%s” divides by 0; write the fraction like 1/4".formatted(plain));
        }
        return Double.parseDouble(over) / divisor;
    }

    static String format(double mm, Side side) {
        long rounded = sixteenths(mm, side);
        if (isThin(mm, side) || rounded == 0 && Math.abs(mm) > NOTHING_MM) {
            return NumberText.format(mm / MM_PER_INCH, 3, side) + "″";
        }
        long sixteenths = Math.abs(rounded);
        long inches = sixteenths / PARTS;
        String sign = mm < 0 && sixteenths > 0 ? "−" : "";
        String fraction = fractionText(sixteenths % PARTS);
        if (inches < FEET_FROM_INCHES) {
            String whole = inches == 0 && !fraction.isEmpty() ? "" : Long.toString(inches);
            return sign + joined(whole, fraction) + "″";
        }
        long rest = inches % 12;
        String whole = rest == 0 && !fraction.isEmpty() ? "" : Long.toString(rest);
        String tail = rest == 0 && fraction.isEmpty() ? "" : " " + joined(whole, fraction) + "″";
        return sign + inches / 12 + "′" + tail;
    }

    /** The thickness of a sheet or of a tube's wall, which no tape reads: 0.031 is not 1/16. */
    private static boolean isThin(double mm, Side side) {
        double exact = Math.abs(mm) / MM_PER_INCH * PARTS;
        boolean onTape = Math.abs(exact - Math.rint(exact)) < THIN_STEP * exact;
        return side == Side.NEAREST
                && Math.abs(mm) < THIN_MM
                && mm != 0
                && !onTape
                && Math.abs(mm) > NOTHING_MM;
    }

    /** What is a sixteenth but for the last bits of its number is one. */
    private static long sixteenths(double mm, Side side) {
        double exact = mm / MM_PER_INCH * PARTS;
        return switch (side) {
            case NEAREST -> Math.round(Math.abs(exact)) * (mm < 0 ? -1 : 1);
            case DOWN -> (long) Math.floor(exact + LAST_BITS);
            case UP -> (long) Math.ceil(exact - LAST_BITS);
        };
    }

    private static String joined(String whole, String fraction) {
        return whole.isEmpty() || fraction.isEmpty() ? whole + fraction : whole + " " + fraction;
    }

    private static String fractionText(long sixteenths) {
        if (sixteenths == 0) {
            return "";
        }
        int shift = Long.numberOfTrailingZeros(sixteenths);
        return (sixteenths >> shift) + "⁄" + (PARTS >> shift);
    }
}
