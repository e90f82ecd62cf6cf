package pteron.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;

/** Words of a drawing never lie over each other, whatever is asked for. */
class LabelRoomTest {

    @Property(tries = 300, seed = "20261127")
    void noTwoOverlap(
            @ForAll @Size(max = 60) List<@DoubleRange(min = 0, max = 400) Double> places) {
        LabelRoom room = new LabelRoom();
        List<Rectangle2D> put = new ArrayList<>();
        for (int i = 0; i + 1 < places.size(); i += 2) {
            Point2D at = new Point2D(places.get(i), places.get(i + 1));
            Optional<Point2D> found = room.place(60, 16, List.of(at, at.add(0, 18)));
            found.ifPresent(
                    middle ->
                            put.add(
                                    new Rectangle2D(
                                            middle.getX() - 30, middle.getY() - 8, 60, 16)));
        }
        for (int i = 0; i < put.size(); i++) {
            for (int j = i + 1; j < put.size(); j++) {
                assertThat(put.get(i).intersects(put.get(j))).isFalse();
            }
        }
    }
}
