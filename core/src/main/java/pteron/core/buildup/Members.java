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
