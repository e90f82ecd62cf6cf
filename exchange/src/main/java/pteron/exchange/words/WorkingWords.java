package pteron.exchange.words;

import java.util.ArrayList;
import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Origin;
import pteron.core.figure.Working;
import pteron.core.quantity.UnitSystem;

/** Workings in words. */
public final class WorkingWords {

    private WorkingWords() {}

    /** {@return a figure with its formula, numbers and source, line by line} */
    public static List<String> lines(Figure figure, UnitSystem units) {
        Working working = figure.working();
        List<String> lines = new ArrayList<>();
        lines.add(figure.name() + " = " + figure.text(units));
        lines.add(working.formula());
        for (Working.Term term : working.terms()) {
            lines.add("  " + line(term, units));
        }
        lines.add("Source: " + working.source());
        return lines;
    }

    /** {@return a term: symbol, number, meaning, where it came from} */
    public static String line(Working.Term term, UnitSystem units) {
        return "%s = %s  %s (%s)"
                .formatted(
                        term.symbol(),
                        term.quantity().workedText(units),
                        term.meaning(),
                        origin(term.origin()));
    }

    /** {@return where a number came from, in a word or two} */
    public static String origin(Origin origin) {
        return switch (origin) {
            case PLAN -> "plan";
            case MATERIAL -> "material";
            case STANDARD -> "standard";
            case WORKED_OUT -> "worked out";
        };
    }
}
