package pteron.core.cure;

import java.util.Map;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;

/** What is said of a finding that no press mends without harm elsewhere. */
final class Advice {

    /** The advice that stands for a cure that cannot be pressed. */
    private static final Map<String, String> INSTEAD =
            Map.ofEntries(
                    Map.entry("MOVE_OPENING", "MOVE_OR_SHRINK_OPENING"),
                    Map.entry("MOVE_BOX_BACK", "MOVE_WHAT_IS_IN_THE_WAY"),
                    Map.entry("MOVE_BOX_FORWARD", "MOVE_WHAT_IS_IN_THE_WAY"),
                    Map.entry("SET_BOX_WIDTH", "WIDTH_WANTS_MORE"),
                    Map.entry("SET_SUB_FRAME", "MOVE_OR_CUT_OUT"),
                    Map.entry("TAKE_OFF_TAILGATE", "MOVE_OR_CUT_OUT"),
                    Map.entry("SET_FILLET", "ROUND_LESS"),
                    Map.entry("PUT_POINT_ON_FLOOR", "MOVE_OR_REMOVE_POINT"),
                    Map.entry("SET_BATTEN_THICKNESS", "GENTLER_BEND"),
                    Map.entry("ADD_CROSS_MEMBER", "SUPPORT_FREE_END"),
                    Map.entry("DEEPER_SECTION", "STRONGER_OR_CLOSER"),
                    Map.entry("BOLT_TUBES", "BOLT_SLEEVE_MOVE_OR_STRENGTHEN"),
                    Map.entry("TURN_SHEETS", "STRONGER_OR_CLOSER"),
                    Map.entry("THICKER_PANEL_FACE", "STRONGER_OR_CLOSER"),
                    Map.entry("THICKER_PANEL_CORE", "STRONGER_OR_CLOSER"),
                    Map.entry("PACK_OUT_FRAME", "THINNER_FOAM_OR_DEEPER_FRAME"),
                    Map.entry("TAKE_FIRST_GLUE", "CHOOSE_MATERIAL"));

    private Advice() {}

    /** {@return a finding with advice in place of its cure} */
    static Finding instead(Finding finding) {
        Cure cure = finding.cure();
        String kind = INSTEAD.getOrDefault(cure.kind(), cure.kind());
        return finding.withCure(Cure.advice(kind, cure.amount()));
    }
}
