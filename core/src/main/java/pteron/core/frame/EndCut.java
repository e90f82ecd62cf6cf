package pteron.core.frame;

import java.util.List;

/**
 * The cuts at one end of a member. Immutable.
 *
 * @param degrees angle of each cut from a square cut, from the side of least u to that of greatest u
 *     along the member's width; one for most ends, two under a ridge
 */
public record EndCut(List<Double> degrees) {

    /** A square cut. */
    public static final EndCut SQUARE = new EndCut(List.of(0.0));

    /** {@return one cut at an angle from a square one (degrees)} */
    static EndCut of(double degrees) {
        return new EndCut(List.of(degrees));
    }

    /** Copies the list. */
    public EndCut {
        degrees = List.copyOf(degrees);
    }
}
