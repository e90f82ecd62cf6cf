package pteron.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;

/** Keeps the words of a drawing apart: each goes to the first of its places that is free, or is left out. */
final class LabelRoom {

    private final List<Rectangle2D> taken = new ArrayList<>();

    /** Takes a room whatever lies there. */
    void take(Rectangle2D room) {
        taken.add(room);
    }

    /**
     * Takes the first free place.
     *
     * @param width of the words (pixels)
     * @param height of the words (pixels)
     * @param places middles, the best first
     * @return the middle taken, empty where none is free
     */
    Optional<Point2D> place(double width, double height, List<Point2D> places) {
        for (Point2D place : places) {
            Rectangle2D room =
                    new Rectangle2D(
                            place.getX() - width / 2, place.getY() - height / 2, width, height);
            if (taken.stream().noneMatch(room::intersects)) {
                taken.add(room);
                return Optional.of(place);
            }
        }
        return Optional.empty();
    }
}
