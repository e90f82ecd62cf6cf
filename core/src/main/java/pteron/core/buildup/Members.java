package pteron.core.buildup;

import pteron.core.quantity.Require;

/**
 * Members of one kind. Immutable.
 *
 * @param section their section
 * @param spacingMm greatest spacing, middle to middle (mm)
 * @param timber id of their material in the library: a timber class, or a metal for tubes
 */
public record Members(Section section, double spacingMm, String timber) {
    /** Checks the range. */
    public Members {
        Require.within("spacing", spacingMm, BuildUpLimits.SPACING);
    }

    /** Spacing of bars that lie under the seams of sheets only (mm): more than a sheet is wide. */
    private static final double UNDER_SEAMS_MM = 1300;

    /** {@return these members as bars in the core of a bonded panel, at its edges and under its seams} */
    Members inCore(double coreMm) {
        double deep = Math.max(coreMm, BuildUpLimits.SECTION_DEPTH.least());
        return new Members(section.withDepth(deep), UNDER_SEAMS_MM, timber);
    }

    /** {@return these members of another section} */
    public Members withSection(Section other) {
        return new Members(other, spacingMm, timber);
    }

    /** {@return these members closer or farther apart} */
    public Members withSpacing(double otherMm) {
        return new Members(section, otherMm, timber);
    }

    /** {@return these members of another material} */
    public Members withTimber(String other) {
        return new Members(section, spacingMm, other);
    }
}
