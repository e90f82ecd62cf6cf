package pteron.app.side;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Formulas as they are written by hand: powers raised, indices lowered. */
final class MathText {

    private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";
    private static final String LOWERED = "₀₁₂₃₄₅₆₇₈₉";

    /** A unit with its power: mm4, in4; a metre alone is a mass with its index. */
    private static final Pattern UNIT = Pattern.compile("\\b(mm|in|cm)([2-4])\\b");

    /** A power written with a roof: x^2. */
    private static final Pattern POWER = Pattern.compile("\\^(\\d)");

    /** A symbol with its index: l1, m12. */
    private static final Pattern INDEX = Pattern.compile("\\b([A-Za-z])(\\d+)\\b");

    private MathText() {}

    static String of(String plain) {
        String units = replaced(plain, UNIT, RAISED, 2, "$1");
        String powers = replaced(units, POWER, RAISED, 1, "");
        return replaced(powers, INDEX, LOWERED, 2, "$1");
    }

    private static String replaced(
            String text, Pattern pattern, String digits, int group, String before) {
        Matcher matcher = pattern.matcher(text);
        StringBuilder out = new StringBuilder();
        while (matcher.find()) {
            StringBuilder signs = new StringBuilder();
            matcher.group(group).chars().forEach(c -> signs.append(digits.charAt(c - '0')));
            String first = before.isEmpty() ? "" : matcher.group(1);
            matcher.appendReplacement(out, Matcher.quoteReplacement(first + signs));
        }
        return matcher.appendTail(out).toString();
    }
}
