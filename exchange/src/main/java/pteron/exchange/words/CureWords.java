package pteron.exchange.words;

import java.util.Map;
import java.util.Set;
import pteron.core.figure.Cure;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.station.StationWords;

/** Cures in words, short enough for a button. A hash stands for the amount. */
public final class CureWords {

    private static final Map<String, String> WORDS = Catalogue.of(StationWords::cures);

    private CureWords() {}

    /** {@return all kinds that have words} */
    public static Set<String> kinds() {
        return WORDS.keySet();
    }

    /**
     * {@return what would mend a finding}
     *
     * @throws IllegalArgumentException if the kind has no words, which is our fault
     */
    public static String of(Cure cure, UnitSystem units) {
        String words = WORDS.get(cure.kind());
        if (words == null) {
            throw new IllegalArgumentException(
                    "cure [%s] has no words in the catalogue".formatted(cure.kind()));
        }
        return words.replace("#", cure.amount().text(units));
    }
}
