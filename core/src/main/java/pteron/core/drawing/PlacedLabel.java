package pteron.core.drawing;

import java.util.Optional;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;

/**
 * Words with their place in a drawing. Immutable.
 *
 * @param text the words
 * @param kind what they say
 * @param room the rectangle that they take (mm of the view)
 * @param isUpward whether they are read from the right
 * @param leader where the line to what they name ends; empty where they stand at it
 */
public record PlacedLabel(
        String text,
        Shape.Label.Kind kind,
        Bounds2 room,
        boolean isUpward,
        Optional<Point2> leader) {

    /** {@return where the line to what they name begins: the edge of the words that is nearest to it} */
    public Point2 leaderFrom() {
        Point2 to = leader.orElse(middle());
        return new Point2(
                Math.clamp(to.u(), room.fromU(), room.toU()),
                Math.clamp(to.v(), room.fromV(), room.toV()));
    }

    /** {@return the middle of the words} */
    public Point2 middle() {
        return room.middle();
    }
}
