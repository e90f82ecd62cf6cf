package pteron.core.quantity;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads and writes lengths, metric or as on a tape. Each way of writing is accepted everywhere; the
 * system only decides what a bare number means.
 */
public final class LengthText {

    /** Below this nothing is there: rounding of sums (mm). */
    private static final double NOTHING_MM = 0.001;

    /** Rounding of sums (mm). */
    private static final double LAST_BITS = 1e-9;

    /** Smallest step of a metric length that is written (mm). */
    private static final double SHOWN_MM = 0.1;

    /** Parts of a mm that a length which was typed is rounded to, far below any tape's. */
    private static final double ROUNDED = 1e9;

    private static final double LARGEST_MM = 1_000_000;

    private static final Pattern METRIC =
            Pattern.compile("([+-]?)(\\d+(?:[.,]\\d+)?|[.,]\\d+)\\s*(mm|cm|m)?");

    private LengthText() {}

    /**
     * Reads a length.
     *
     * <p>Examples: {@code 4350}, {@code 4 350 mm}, {@code 4.35 m}, {@code 14' 3 1/4"}, {@code 6′ 2
     * 1⁄2″}, {@code 171 1/4 in}. A bare number is in mm under metric, in inches under inches.
     *
     * @param text what was typed
     * @param system what a bare number means
     * @return the length (mm), may be negative
     * @throws IllegalArgumentException if the text is no length, with a sentence for the builder
     */
    public static double parse(String text, UnitSystem system) {
        String plain = plain(text);
        double mm = TapeInches.looksLikeOne(plain) ? TapeInches.parse(plain) : bare(plain, system);
        if (Math.abs(mm) > LARGEST_MM) {
            throw new IllegalArgumentException(
                    "“%s” is longer than a kilometre; check the unit".formatted(text.strip()));
        }
        // 8' is 2438.4 mm, not what is left of 96 times 25.4 in the last bit
        return Math.rint(mm * ROUNDED) / ROUNDED;
    }

    /**
     * {@return inches in mm, without the last bits of the product, as if they had been typed}
     *
     * <p>Example: 1.5 inches are 38.1 mm.
     */
    public static double fromInches(double inches) {
        return Math.rint(inches * 25.4 * ROUNDED) / ROUNDED;
    }

    /**
     * {@return the nearest mark of a tape (mm)}
     *
     * <p>Example: 100 mm on a tape of 16 parts to the inch is 3 15/16, 100.0125 mm.
     *
     * @param mm a length (mm)
     * @param parts marks to the inch, 1 or above
     */
    public static double onTape(double mm, int parts) {
        return fromInches(Math.rint(mm / 25.4 * parts) / parts);
    }

    /** {@return the length as a builder writes it: {@code 4 350} in mm, or {@code 14′ 3 1⁄4″}} */
    public static String format(double mm, UnitSystem system) {
        return format(mm, system, Side.NEAREST);
    }

    /** {@return the length rounded to a side; what would round to nothing gets more digits} */
    public static String format(double mm, UnitSystem system, Side side) {
        if (system == UnitSystem.INCHES) {
            return TapeInches.format(mm, side);
        }
        boolean whole =
                Math.abs(mm - Math.rint(mm)) < (side == Side.NEAREST ? SHOWN_MM / 2 : LAST_BITS);
        boolean lost = Math.abs(mm) < SHOWN_MM / 2 && Math.abs(mm) > NOTHING_MM;
        whole &= !lost;
        return NumberText.format(whole ? Math.rint(mm) : mm, lost ? 3 : whole ? 0 : 1, side);
    }

    private static double bare(String plain, UnitSystem system) {
        if (system == UnitSystem.INCHES && TapeInches.isBareNumber(plain)) {
            return TapeInches.parse(plain + "\"");
        }
        Matcher metric = METRIC.matcher(withoutGroupSpaces(plain));
        if (!metric.matches()) {
            throw new IllegalArgumentException(
                    "“%s” is not a length; write it like 4350, 4.35 m or 14' 3 1/4\""
                            .formatted(plain));
        }
        double number = Double.parseDouble(metric.group(2).replace(',', '.'));
        double factor =
                switch (metric.group(3)) {
                    case "cm" -> 10;
                    case "m" -> 1000;
                    case null -> system == UnitSystem.INCHES ? 25.4 : 1;
                    default -> 1;
                };
        return metric.group(1).equals("-") ? -number * factor : number * factor;
    }

    private static String withoutGroupSpaces(String plain) {
        return plain.replaceAll("(?<=\\d) (?=\\d{3}(\\D|$))", "");
    }

    private static String plain(String text) {
        return text.replace('\u2009', ' ')
                .replace('\u202f', ' ')
                .replace('\u00a0', ' ')
                .replace('−', '-')
                .replace('⁄', '/')
                .replace('′', '\'')
                .replace('’', '\'')
                .replace('″', '"')
                .replace('”', '"')
                .replace("''", "\"")
                .strip()
                .toLowerCase(Locale.ROOT);
    }
}
