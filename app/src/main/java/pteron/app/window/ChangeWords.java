package pteron.app.window;

import java.util.ArrayList;
import java.util.List;
import pteron.app.document.Change;
import pteron.core.carrier.Support;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.model.BoxModel;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;

/** What an edit has changed, in a few words for the foot of the window. */
final class ChangeWords {

    /** Smallest difference of a mass that is told (kg). */
    private static final double TOLD_KG = 0.05;

    /** Difference of a mass from which it is told without decimals (kg). */
    private static final double WHOLE_KG = 10;

    private ChangeWords() {}

    /** {@return what was done, and how much it weighs: +47 kg, coupler −6 kg} */
    static String of(Change change) {
        return switch (change.way()) {
            case EDITED -> differences(change);
            case TAKEN_BACK -> "undone: " + change.shortWords();
            case DONE_AGAIN -> "redone: " + change.shortWords();
        };
    }

    private static String differences(Change change) {
        BoxModel before = change.before();
        BoxModel after = change.after();
        UnitSystem units = after.plan().units();
        if (before.plan().withUnits(units).equals(after.plan())) {
            return units == UnitSystem.METRIC ? "lengths in mm" : "lengths in feet and inches";
        }
        List<String> words = new ArrayList<>();
        mass("", after.balance().massKg() - before.balance().massKg(), units, words);
        Support front = after.carrier().front();
        if (front.name().equals(before.carrier().front().name())) {
            double load = after.balance().load().frontKg() - before.balance().load().frontKg();
            mass(front.name() + " ", load, units, words);
        }
        long stops = stops(after) - stops(before);
        if (stops != 0) {
            words.add(
                    "%d stop%s %s"
                            .formatted(
                                    Math.abs(stops),
                                    Math.abs(stops) == 1 ? "" : "s",
                                    stops > 0 ? "more" : "fewer"));
        }
        return words.isEmpty() ? change.shortWords() : String.join(", ", words);
    }

    private static long stops(BoxModel model) {
        return model.findings().stream()
                .map(Finding::severity)
                .filter(Severity.STOPS::equals)
                .count();
    }

    private static void mass(String what, double kg, UnitSystem units, List<String> words) {
        if (Math.abs(kg) >= TOLD_KG) {
            double shown = Math.abs(Unit.KILOGRAM.shown(kg, units));
            words.add(
                    "%s%s%s %s"
                            .formatted(
                                    what,
                                    kg > 0 ? "+" : "−",
                                    NumberText.format(shown, shown >= WHOLE_KG ? 0 : 1),
                                    Unit.KILOGRAM.symbol(units)));
        }
    }
}
