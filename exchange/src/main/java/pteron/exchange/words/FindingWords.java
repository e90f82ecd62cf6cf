package pteron.exchange.words;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;

/** Findings in words. */
public final class FindingWords {

    private static final Map<String, String> HEADLINES = headlines();

    private FindingWords() {}

    private static Map<String, String> headlines() {
        Map<String, String> words = new LinkedHashMap<>();
        words.put("BOX_OVERHANGS_DECK_FRONT", "Box overhangs the deck in front");
        words.put("BOX_OVERHANGS_DECK_REAR", "Box overhangs the deck behind");
        words.put("BOX_OVERHANGS_DECK_SIDES", "Box overhangs the deck on its sides");
        words.put("WIDTH_OVER_ROAD_LIMIT", "Too wide for the road");
        words.put("HEIGHT_OVER_ROAD_LIMIT", "Too high for the road");
        words.put("MARKER_LAMPS_NEEDED", "Marker lamps may be needed");
        words.put("EMPTY_COUPLER_OVER_EMPTY_MASS", "Coupler load above the whole trailer's mass");
        words.put("EMPTY_OVER_GROSS_RATING", "Bare trailer is at its gross rating");
        words.put("LENGTH_OVER_ROAD_LIMIT", "Too long for the road");
        words.put("SHOP_DOOR_TOO_LOW", "Does not go through the shop door");
        words.put("REAR_OVERHANG_LONG", "Long overhang behind the rear axles");
        words.put("DEPARTURE_ANGLE_FLAT", "Tail may touch on a ramp");
        words.put("WEIGHED_WITHOUT_DRIVER", "Weighed without a driver");
        words.put("OUTRIGGER_ENDS_ON_WEB", "Outrigger ends on the web of the rail");
        words.put("BOX_HITS_SOLID", "Box runs into something of the carrier");
        words.put("SOLID_IS_TIGHT", "Little room beside something of the carrier");
        words.put("CAB_GAP_SMALL", "Little room behind the cab");
        words.put("CAB_ROOF_GAP_SMALL", "Little room over the cab");
        words.put("CAB_WINDOW_NOT_IN_LINE", "Window is out of line with the cab's");
        words.put("CAB_WINDOW_COVERED", "Box covers the cab's window");
        words.put("FRONT_AXLE_OVER_RATING", "Over the front axle's rating");
        words.put("FRONT_AXLE_CLOSE_TO_RATING", "Close to the front axle's rating");
        words.put("REAR_AXLES_OVER_RATING", "Over the rear axles' rating");
        words.put("REAR_AXLES_CLOSE_TO_RATING", "Close to the rear axles' rating");
        words.put("FRONT_AXLE_LIGHT", "Front axle gets light: it steers badly");
        words.put("OUTLINE_ARC_IS_FLAT", "Three points of an arc lie on a line");
        words.put("OUTLINE_BATTEN_HAS_NO_LINE", "No batten goes through these spots");
        words.put("OUTLINE_FILLET_TOO_LARGE", "Rounding takes more than its edges have");
        words.put("OUTLINE_FILLET_AT_CURVE", "Rounding at the end of a curve");
        words.put("DROP_FLOOR_NOT_UNDER_BOX", "Dropped floor lies outside of the box");
        words.put("BATTEN_BREAKS", "Batten breaks in its bend");
        words.put("BATTEN_CLOSE_TO_BREAKING", "Batten bends hard");
        words.put("NO_STANDING_HEIGHT", "Most people cannot stand inside");
        words.put("NO_BED_LENGTH", "No bed is long enough for most people");
        words.put("WATER_BETWEEN_LAYERS", "Water gathers between the layers");
        words.put("SURFACE_UNDER_DEW_POINT", "Inner surface gets wet at night");
        words.put("GLUE_EATS_FOAM", "Glue eats the foam");
        words.put("GLUE_DOES_NOT_HOLD", "Glue does not hold this pair");
        words.put("NO_GLUE_SUITS", "No glue of the table suits");
        words.put("WEIGHED_BY_AREAS", "Members are not set out; weighed by areas");
        panel(words, "SAG", "Panel sags");
        panel(words, "FACE", "Face of the panel");
        panel(words, "WRINKLING", "Face against wrinkling");
        panel(words, "CORE_SHEAR", "Core in shear");
        panel(words, "CRUSHING", "Core under a foot");
        panel(words, "OVER_SUPPORT", "Face over a support");
        words.put("STEEL_BEHIND_DECK", "Axle or cross-member behind the deck");
        words.put("OUTLINE_NOT_ON_FLOOR", "Outline leaves the floor line");
        words.put("OUTLINE_NOT_CLOSED", "Outline is not closed");
        words.put("OUTLINE_EDGE_TOO_SHORT", "Outline has too short an edge");
        words.put("OUTLINE_CROSSES_ITSELF", "Outline crosses itself");
        words.put("OUTLINE_RUNS_BACKWARDS", "Outline runs from rear to front");
        words.put("MATERIAL_UNFIT", "Material does not fit its place");
        words.put("INSULATION_THICKER_THAN_FRAME", "Insulation is thicker than the frame");
        words.put("LAYERS_FILL_THE_BOX", "Layers leave no room inside");
        words.put("OPENING_OUTSIDE_WALL", "Opening reaches outside its wall");
        words.put("OPENING_CUTS_PLATE_OR_POST", "Opening cuts a plate or post");
        words.put("OPENING_NO_ROOM_TO_FRAME", "No room to frame the opening");
        words.put("OPENINGS_OVERLAP", "Openings overlap");
        words.put("OPENINGS_TOO_CLOSE", "Openings are too close for a stud");
        words.put("CORNER_WANTS_PACKING", "Corner wants a packing wedge");
        words.put("MEMBER_LONGER_THAN_STOCK", "Member is longer than any bar");
        words.put("MEMBERS_SHARE_ROOM", "Two members share room");
        words.put("SEAM_NOT_BACKED", "Seam without timber behind it");
        words.put("GROSS_OVER_RATING", "Over the gross rating");
        words.put("GROSS_CLOSE_TO_RATING", "Close to the gross rating");
        words.put("AXLES_OVER_RATING", "Over the axle rating");
        words.put("AXLES_CLOSE_TO_RATING", "Close to the axle rating");
        words.put("COUPLER_OVER_RATING", "Over the coupler rating");
        words.put("COUPLER_CLOSE_TO_RATING", "Close to the coupler rating");
        words.put("COUPLER_SHARE_LOW", "Too little on the coupler: it may sway");
        words.put("COUPLER_SHARE_HIGH", "Much on the coupler");
        words.put("HEAVY_ON_THE_LEFT", "Heavy on the left");
        words.put("HEAVY_ON_THE_RIGHT", "Heavy on the right");
        for (String kind : new String[] {"STUD", "BOW", "BEARER"}) {
            String name = kind.equals("BOW") ? "Roof bow" : kind.equals("STUD") ? "Stud" : "Bearer";
            strength(words, kind + "_BENDING", name + " in bending");
            strength(words, kind + "_SHEAR", name + " in shear");
            strength(words, kind + "_DEFLECTION", name + " in deflection");
        }
        strength(words, "FLOOR_DEFLECTION", "Floor under a heel");
        strength(words, "FLOOR_FACE_STRESS", "Floor face under a heel");
        strength(words, "FLOOR_WRINKLING", "Floor face against wrinkling");
        strength(words, "FLOOR_CORE_SHEAR", "Floor core in shear");
        return Map.copyOf(words);
    }

    private static void panel(Map<String, String> words, String code, String name) {
        words.put("PANEL_FAILS_" + code, name + ": too much");
        words.put("PANEL_CLOSE_" + code, name + ": works hard");
    }

    private static void strength(Map<String, String> words, String code, String name) {
        words.put("OVERLOADED_" + code, name + " fails");
        words.put("WORKS_HARD_" + code, name + " works hard");
    }

    /** {@return all codes that have words} */
    public static Set<String> codes() {
        return HEADLINES.keySet();
    }

    /**
     * {@return what is wrong, in a few words}
     *
     * @throws IllegalArgumentException if the code has no words, which is our fault
     */
    public static String headline(Finding finding) {
        String words = HEADLINES.get(finding.code());
        if (words == null) {
            throw new IllegalArgumentException(
                    "finding [%s] has no words in the catalogue".formatted(finding.code()));
        }
        return words;
    }

    /** {@return where it is: the part, and how far from the front where that is known} */
    public static String place(Finding finding, BoxPlan plan) {
        Place place = finding.place();
        String part =
                plan.openings().stream()
                        .filter(opening -> opening.id().equals(place.part()))
                        .map(Opening::name)
                        .findFirst()
                        .orElse(place.part().isEmpty() ? place.station().key() : place.part());
        boolean told = place.xMm() != 0 || place.zMm() != 0;
        String from = Quantity.mm(place.xMm()).text(plan.units());
        return told ? part + ", " + from + " from the front" : part;
    }

    /** {@return demand against limit with their units} */
    public static String measure(Finding finding, UnitSystem units) {
        Limit limit = finding.limit();
        String bound = limit.quantity().text(units);
        String joint = limit.side() == Limit.Side.AT_MOST ? " of at most " : " of at least ";
        return finding.demand().text(units) + joint + bound;
    }

    /** {@return demand over capacity: 1.12 of 1; empty where a ratio means nothing} */
    public static String margin(Finding finding) {
        return finding.margin() == 0 ? "" : NumberText.format(finding.margin(), 2) + " of 1";
    }

    /** {@return the whole finding in one sentence} */
    public static String sentence(Finding finding, BoxPlan plan) {
        return "%s (%s): %s. %s."
                .formatted(
                        headline(finding),
                        place(finding, plan),
                        measure(finding, plan.units()),
                        CureWords.of(finding.cure(), plan.units()));
    }
}
