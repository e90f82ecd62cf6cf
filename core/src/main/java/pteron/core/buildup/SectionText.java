package pteron.core.buildup;

import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;

/** Sections of bars and tubes as a builder reads them. */
public final class SectionText {

    private SectionText() {}

    /**
     * {@return a section with its unit: {@code 38 × 63 mm}; in inches lumber by its name and by the tape}
     *
     * <p>Example: 38.1 × 88.9 mm in inches is {@code 2×4 (1 1⁄2″ × 3 1⁄2″)}.
     */
    public static String of(Section section, UnitSystem units) {
        String sides = sides(section, units);
        return units == UnitSystem.METRIC
                ? sides + " mm"
                : Lumber.name(section).map(name -> name + " (" + sides + ")").orElse(sides);
    }

    private static String sides(Section section, UnitSystem units) {
        String bar =
                LengthText.format(section.thicknessMm(), units)
                        + " × "
                        + LengthText.format(section.depthMm(), units);
        return section.isTube() ? bar + " × " + LengthText.format(section.wallMm(), units) : bar;
    }
}
