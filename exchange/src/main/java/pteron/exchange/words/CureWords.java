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
                    Map.entry("WEIGH_AGAIN", "Weigh the empty carrier again"),
                    Map.entry("STRONGER_CARRIER", "Take a stronger carrier"),
                    Map.entry("MEASURE_AGAIN", "Measure again: # behind the deck"),
                    Map.entry("PUT_POINT_ON_FLOOR", "Put the corner on the floor line"),
                    Map.entry("MOVE_OR_REMOVE_POINT", "Move the corner by # or remove it"),
                    Map.entry(
                            "REORDER_POINTS",
                            "List corners from the front foot over the roof to the rear foot"),
                    Map.entry("CHOOSE_MATERIAL", "Choose a material made for that place"),
                    Map.entry("PACK_OUT_FRAME", "Pack the frame out by #"),
                    Map.entry("FINISH_OUTSIDE", "Finish # of it outside, or find a higher door"),
                    Map.entry("RAISE_TAIL", "Shorten or lift the tail"),
                    Map.entry(
                            "COUNT_DRIVER_AND_FUEL",
                            "Weigh with driver and full tank, or count them"),
                    Map.entry(
                            "BRACE_OUTRIGGER_TO_FLANGE",
                            "Bring the outrigger to the flange; welding is for a licensed trade"),
                    Map.entry("SET_SUB_FRAME", "Set the box on a sub-frame of #"),
                    Map.entry("TAKE_OFF_TAILGATE", "Take the tailgate off: it stands # in the box"),
                    Map.entry("MOVE_OR_CUT_OUT", "Move it # or cut the box out round it"),
                    Map.entry("RAISE_OVER_CAB", "Raise the part over the cab by #"),
                    Map.entry("MOVE_FRONT_WINDOW", "Bring a front window in line with the cab's"),
                    Map.entry("MOVE_WEIGHT_FORWARD", "Bring # back onto the front axle"),
                    Map.entry("MOVE_SPOT_OFF_THE_LINE", "Move the spot off the straight line"),
                    Map.entry(
                            "MOVE_SPOTS_APART",
                            "Move the spots so that the batten does not turn back"),
                    Map.entry("SET_FILLET", "Round it by #"),
                    Map.entry("MOVE_DROP_FLOOR", "Begin it before #"),
                    Map.entry("SET_BATTEN_THICKNESS", "Take a batten of #"),
                    Map.entry("GENTLER_BEND", "Bend it more gently, or laminate thin strips"),
                    Map.entry("RAISE_ROOF", "Raise the roof by #"),
                    Map.entry("LONGER_OR_WIDER", "Make the box # longer or wider"),
                    Map.entry("VAPOUR_BARRIER_INSIDE", "Put a vapour barrier inside of the foam"),
                    Map.entry(
                            "PACK_OVER_METAL", "Put foam over the metal, or air more: # too cold"),
                    Map.entry("MORE_AIR_OR_FOAM", "Air more or take thicker foam: # too cold"),
                    Map.entry("TAKE_FIRST_GLUE", "Take the first glue that suits both"),
                    Map.entry(
                            "FRAME_NOT_SET_OUT",
                            "Curves, steps, tubes and bonded panels are weighed by area"),
                    Map.entry("THICKER_PANEL_CORE", "Make its core # thicker"),
                    Map.entry("THICKER_PANEL_FACE", "Make its face # thicker"),
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
