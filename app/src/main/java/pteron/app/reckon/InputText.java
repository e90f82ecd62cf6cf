package pteron.app.reckon;

import java.util.Arrays;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;
import pteron.core.reckon.Input;

/** What a calculator asks for, in the units that lengths are told in. */
final class InputText {

    /** Digits of a usual value that are shown in the other units. */
    private static final int DIGITS = 4;

    private InputText() {}

    /** {@return what is asked for, with its unit: {@code modulus of elasticity (psi)}} */
    static String words(Input input, UnitSystem units) {
        return input.unit()
                .map(unit -> input.words().replace(unit.symbol(), unit.symbol(units)))
                .orElse(input.words());
    }

    /** {@return the usual value as it is shown in a field} */
    static String usual(Input input, UnitSystem units) {
        return units == UnitSystem.METRIC ? input.usual() : inInches(input);
    }

    private static String inInches(Input input) {
        return switch (input.kind()) {
            case LENGTH -> length(input.usual());
            case LENGTHS -> each(input, InputText::lengthAndCount);
            case NUMBER, NUMBERS ->
                    input.unit()
                            .map(unit -> each(input, item -> number(item, unit)))
                            .orElse(input.usual());
        };
    }

    private static String each(Input input, UnaryOperator<String> item) {
        return Arrays.stream(input.usual().split(",")).map(item).collect(Collectors.joining(", "));
    }

    private static String lengthAndCount(String item) {
        String[] parts = item.split("x", 2);
        return length(parts[0]) + (parts.length > 1 ? "x" + parts[1] : "");
    }

    private static String length(String metric) {
        return LengthText.format(LengthText.parse(metric, UnitSystem.METRIC), UnitSystem.INCHES);
    }

    private static String number(String item, Unit unit) {
        double shown = unit.shown(NumberText.parse(item).orElseThrow(), UnitSystem.INCHES);
        int whole = shown == 0 ? 1 : (int) Math.floor(Math.log10(Math.abs(shown))) + 1;
        return NumberText.format(shown, Math.clamp(DIGITS - whole, 0, 6));
    }

    /** {@return what was typed, a bare number with the unit that was asked for} */
    static String typed(Input input, String text, UnitSystem units) {
        boolean number = input.kind() == Input.Kind.NUMBER || input.kind() == Input.Kind.NUMBERS;
        return units == UnitSystem.METRIC || !number
                ? text
                : input.unit().map(unit -> withUnit(text, unit)).orElse(text);
    }

    private static String withUnit(String text, Unit unit) {
        return Arrays.stream(text.split("[,;]", -1))
                .map(item -> withItsUnit(item, unit))
                .collect(Collectors.joining(","));
    }

    private static String withItsUnit(String item, Unit unit) {
        return NumberText.parse(item).isPresent()
                ? item.strip() + " " + unit.symbol(UnitSystem.INCHES)
                : item;
    }
}
