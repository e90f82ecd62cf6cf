package pteron.core.outline;

import java.util.List;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.Require;
import pteron.core.quantity.Require.Range;

/**
 * How uprights are set out under an outline. Immutable.
 *
 * @param spacingMm from front face to front face (mm)
 * @param thicknessMm thickness of an upright along the box (mm)
 */
public record UprightSetting(double spacingMm, double thicknessMm) {

    /** Spacing that a list may be asked for. */
    public static final Range SPACING = new Range(50, 5000, "mm");

    /** Thickness that a list may be asked for. */
    public static final Range THICKNESS = new Range(3, 300, "mm");

    /** Checks the ranges. */
    public UprightSetting {
        Require.within("spacing of the uprights", spacingMm, SPACING);
        Require.within("thickness of an upright", thicknessMm, THICKNESS);
    }

    /** {@return the setting of a plan's walls, drawn into the ranges of a list} */
    public static UprightSetting of(MakeUp makeUp) {
        var members = makeUp.walls().members();
        return new UprightSetting(
                Math.clamp(members.spacingMm(), SPACING.least(), SPACING.most()),
                Math.clamp(members.section().thicknessMm(), THICKNESS.least(), THICKNESS.most()));
    }

    /** {@return the uprights under an outline, front to rear; none while it is unusable} */
    public List<Upright> under(Outline outline) {
        return outline.usable() ? outline.uprights(spacingMm, thicknessMm) : List.of();
    }
}
