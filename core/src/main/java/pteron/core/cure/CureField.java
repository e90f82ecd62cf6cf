package pteron.core.cure;

import java.util.Map;
import java.util.Optional;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.model.BoxModel;

/** The input that a cure changes, so that a builder can go there and type a value of his own. Pure functions. */
public final class CureField {

    private static final Map<String, String> OF_BOX =
            Map.of(
                    "MOVE_BOX_BACK", "box.offset",
                    "MOVE_BOX_FORWARD", "box.offset",
                    "SHORTEN_BOX", "box.length",
                    "SET_BOX_WIDTH", "box.width",
                    "LOWER_BOX", "box.height",
                    "RAISE_ROOF", "box.height",
                    "SET_SUB_FRAME", "box.raised",
                    "CROWN_OR_BEND", "box.crown");

    private CureField() {}

    /**
     * {@return the key of the input that a cure acts on; empty where it acts on none or on several}
     *
     * @param cure a cure that can be pressed, or advice
     */
    public static Optional<String> key(Cure cure) {
        return Optional.ofNullable(OF_BOX.get(cure.kind()))
                .or(() -> cure.press().flatMap(press -> ofPart(cure.kind(), press.part())));
    }

    /** {@return the key of the input that acts on a member which works hard or is overloaded; empty for other findings} */
    public static Optional<String> key(Finding finding, BoxModel model) {
        boolean works =
                finding.code().startsWith("WORKS_HARD_")
                        || finding.code().startsWith("OVERLOADED_");
        return model.members().stream()
                .filter(member -> works && member.name().equals(finding.place().part()))
                .findFirst()
                .flatMap(member -> NextSections.part(model, member))
                .flatMap(part -> ofPart("MEMBER_DEPTH", part));
    }

    private static Optional<String> ofPart(String kind, String part) {
        String members = part.equals("floor") ? "floor.bearers" : part + ".members";
        boolean floor = part.equals("floor");
        return Optional.ofNullable(
                switch (kind) {
                    case "DEEPER_SECTION", "MEMBER_DEPTH" -> members + ".depth";
                    case "MEMBER_SPACING" -> members + ".spacing";
                    case "THICKER_PANEL_CORE" ->
                            part + (floor ? ".core" : ".insulation") + ".thickness";
                    case "THICKER_PANEL_FACE" ->
                            part + (floor ? ".topFace" : ".outerSkin") + ".thickness";
                    case "THICKER_FAR_FACE", "THICKER_LINING" ->
                            part + (floor ? ".bottomFace" : ".innerSkin") + ".thickness";
                    default -> null;
                });
    }
}
