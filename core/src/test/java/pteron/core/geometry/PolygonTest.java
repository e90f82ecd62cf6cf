package pteron.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class PolygonTest {

    private static final double EXACT = 1e-9;

    private static Polygon2 rectangle(double width, double height) {
        return Polygon2.rectangle(new Bounds2(0, width, 0, height));
    }

    @Test
    void area_centroid_triangle() {
        Polygon2 triangle =
                Polygon2.of(List.of(new Point2(0, 0), new Point2(6, 0), new Point2(0, 3)));
        assertThat(triangle.area()).isCloseTo(9, within(EXACT));
        assertThat(triangle.centroid().u()).isCloseTo(2, within(EXACT));
        assertThat(triangle.centroid().v()).isCloseTo(1, within(EXACT));
    }

    @Test
    void without_holeInTheMiddle() {
        List<Polygon2> left =
                rectangle(10, 10).without(Polygon2.rectangle(new Bounds2(4, 6, 4, 6)));
        assertThat(left).hasSize(1);
        assertThat(left.getFirst().area()).isCloseTo(96, within(EXACT));
        assertThat(left.getFirst().holes()).hasSize(1);
    }

    @Test
    void shared_touchingIsNothing() {
        assertThat(rectangle(10, 10).shared(Polygon2.rectangle(new Bounds2(10, 20, 0, 10))))
                .isEmpty();
    }

    @Test
    void cut_andUncovered() {
        Segment2 across = new Segment2(new Point2(-5, 5), new Point2(15, 5));
        assertThat(rectangle(10, 10).cut(across)).hasSize(1);
        assertThat(rectangle(10, 10).cut(across).getFirst().lengthMm())
                .isCloseTo(10, within(EXACT));
        List<Segment2> free = Polygon2.uncovered(across, List.of(rectangle(10, 10)));
        assertThat(free).hasSize(2);
        assertThat(free.stream().mapToDouble(Segment2::lengthMm).sum())
                .isCloseTo(10, within(EXACT));
    }

    @Test
    void meets_parallelLinesDoNot() {
        Line2 level = Line2.through(new Point2(0, 0), new Point2(1, 0));
        assertThat(level.meets(level.movedRight(5))).isEmpty();
        assertThat(Lines.leftDistance(level.movedRight(5), new Point2(0, 0)))
                .isCloseTo(5, within(EXACT));
    }

    @Test
    void of_illegalArguments() {
        assertThatThrownBy(() -> Polygon2.of(List.of(new Point2(0, 0), new Point2(1, 1))))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("[2] corners");
        assertThatThrownBy(() -> new Point2(0, 0).unit())
                .isInstanceOf(IllegalArgumentException.class);
    }
}
