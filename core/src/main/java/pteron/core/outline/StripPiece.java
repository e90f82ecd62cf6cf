package pteron.core.outline;

import java.util.OptionalDouble;

/**
 * A piece of the strip over front, roof and rear, laid out flat. Immutable.
 *
 * @param element the piece
 * @param fromMm where it begins along the strip (mm from the front foot)
 * @param turnAfterDegrees how far the strip turns at its end (degrees), empty for the last piece
 */
public record StripPiece(Element element, double fromMm, OptionalDouble turnAfterDegrees) {

    /** {@return where it ends along the strip (mm from the front foot)} */
    public double toMm() {
        return fromMm + element.lengthMm();
    }

    /** {@return its least radius (mm), empty where it is straight} */
    public OptionalDouble leastRadiusMm() {
        double curvature = element.curve().hardestCurvature();
        return !element.bends() ? OptionalDouble.empty() : OptionalDouble.of(1 / curvature);
    }
}
