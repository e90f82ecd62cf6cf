package pteron.core.page;

import java.util.OptionalDouble;

/**
 * How high sill and head of an opening lie in a panel. Immutable.
 *
 * @param name name of the opening
 * @param widthMm width of its framing, between the trimmers (mm)
 * @param heightMm height of its framing (mm)
 * @param fromZeroMm from the zero of the page to its nearer trimmer's inner face (mm)
 * @param sillMm top of the sill above the top of the bottom plate (mm); empty where it reaches the floor
 * @param headMm underside of the header above the top of the bottom plate (mm)
 */
public record OpeningHeights(
        String name,
        double widthMm,
        double heightMm,
        double fromZeroMm,
        OptionalDouble sillMm,
        double headMm) {}
