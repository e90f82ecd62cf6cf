package pteron.exchange.words;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Require.OutOfRange;
import pteron.core.quantity.Require.Range;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;

/** Why something that was typed is not taken, in the units in use. */
public final class RefusalWords {

    private static final int DECIMALS = 2;

    private RefusalWords() {}

    /** {@return why a change is not made, as in “length −500 mm: must be 500 to 15 000 mm”} */
    public static String of(IllegalArgumentException refused, UnitSystem units) {
        return refused instanceof OutOfRange out
                ? of(out, units)
                : String.valueOf(refused.getMessage()).replace("[", "").replace("]", "");
    }

    private static String of(OutOfRange out, UnitSystem units) {
        return "%s %s: enter %s"
                .formatted(out.name(), text(out.value(), out.range(), units), range(out, units));
    }

    private static String range(OutOfRange out, UnitSystem units) {
        Range range = out.range();
        if (Double.isInfinite(range.most())) {
            return range.least() > 0 ? "more than 0" : "0 or more";
        }
        List<String> bounds =
                List.of(text(range.least(), range, units), text(range.most(), range, units));
        String symbol = " " + unit(range).map(unit -> unit.symbol(units)).orElse(range.unit());
        boolean same = bounds.stream().allMatch(bound -> bound.endsWith(symbol));
        String least =
                same && symbol.length() > 1
                        ? bounds.get(0).substring(0, bounds.get(0).length() - symbol.length())
                        : bounds.get(0);
        return least + " to " + bounds.get(1);
    }

    private static String text(double value, Range range, UnitSystem units) {
        return unit(range)
                .map(unit -> new Quantity(value, unit).text(units))
                .orElseGet(() -> NumberText.format(value, DECIMALS) + " " + range.unit())
                .strip();
    }

    private static Optional<Unit> unit(Range range) {
        return Arrays.stream(Unit.values())
                .filter(unit -> !unit.symbol().isEmpty() && unit.symbol().equals(range.unit()))
                .findFirst();
    }
}
