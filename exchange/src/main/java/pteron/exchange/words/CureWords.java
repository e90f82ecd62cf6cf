package pteron.exchange.words;

import java.util.Map;
import java.util.Set;
import pteron.core.figure.Cure;
import pteron.core.quantity.UnitSystem;

/** Cures in words, short enough for a button. A hash stands for the amount. */
public final class CureWords {

    private static final Map<String, String> WORDS =
            Map.ofEntries(
                    Map.entry("MOVE_BOX_BACK", "Move the box back #"),
                    Map.entry("MOVE_BOX_FORWARD", "Move the box forward #"),
                    Map.entry("SHORTEN_BOX", "Shorten the box by #"),
                    Map.entry("SET_BOX_WIDTH", "Make the box # wide"),
                    Map.entry(
                            "NARROWER_CARRIER",
                            "The carrier itself is # too wide: ask the authority"),
                    Map.entry("LOWER_BOX", "Lower the box by #"),
                    Map.entry("PLAN_MARKER_LAMPS", "Plan marker lamps; local rules decide"),
                    Map.entry("WEIGH_AGAIN", "Weigh the empty trailer again"),
                    Map.entry("STRONGER_CARRIER", "Take a stronger carrier"),
                    Map.entry("MEASURE_AGAIN", "Measure again: # behind the deck"),
                    Map.entry("PUT_POINT_ON_FLOOR", "Put the corner on the floor line"),
                    Map.entry("MOVE_OR_REMOVE_POINT", "Move the corner by # or remove it"),
                    Map.entry(
                            "REORDER_POINTS",
                            "List corners from the front foot over the roof to the rear foot"),
                    Map.entry("CHOOSE_MATERIAL", "Choose a material made for that place"),
                    Map.entry("SET_INSULATION", "Make the insulation #"),
                    Map.entry(
                            "THINNER_OR_LARGER", "Make the layers thinner or the box larger by #"),
                    Map.entry("MOVE_OPENING", "Move it #"),
                    Map.entry("MOVE_OR_SHRINK_OPENING", "Move or shrink the opening"),
                    Map.entry("PACK_THE_WEDGE", "Fill # with a wedge before skinning"),
                    Map.entry("SPLICE_OR_LONGER_STOCK", "Splice it or find bars # longer"),
                    Map.entry("CLOSER_MEMBERS", "Bring the members closer, or add a block"),
                    Map.entry("TAKE_WEIGHT_OFF", "Take off #"),
                    Map.entry("KEEP_MARGIN", "# left: weigh before loading"),
                    Map.entry("MOVE_WEIGHT", "Move weight along the deck"),
                    Map.entry("MOVE_WEIGHT_ACROSS", "Move weight across: it sits # off the middle"),
                    Map.entry("LEAVE_OR_STRENGTHEN", "Leave it, or take the next section"),
                    Map.entry("DEEPER_SECTION", "Take a section # times as deep"),
                    Map.entry("THICKER_CORE", "Make the floor's core # thicker"),
                    Map.entry("THICKER_FACE", "Make the floor's top face # thicker"));

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
