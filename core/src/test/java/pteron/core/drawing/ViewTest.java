package pteron.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.drawing.Dimension.Side;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Hull;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;

class ViewTest {

    /** A point behind the front, on the right, above the deck: where each view shows it. */
    @ParameterizedTest
    @CsvSource({
        "LEFT,1000,1500",
        "ALL,1000,1500",
        "RIGHT,-1000,1500",
        "FRONT,-200,1500",
        "REAR,200,1500",
        "PLAN,1000,200",
        "ROOF,1000,200"
    })
    void project(View view, double u, double v) {
        assertThat(view.project(new Point3(1000, 200, 900), 600)).isEqualTo(new Point2(u, v));
    }

    @Test
    void views_haveNames_elevationsStandOnTheGround() {
        for (View view : View.values()) {
            assertThat(view.key()).isNotBlank();
            assertThat(view.title()).isNotBlank();
        }
        assertThat(View.LEFT.isSide()).isTrue();
        assertThat(View.PLAN.isSide()).isFalse();
    }

    @Test
    void dimension_rowsCountFromTheEdgeOfItsView() {
        Bounds2 view = new Bounds2(-10, 110, -20, 220);
        Point2 a = new Point2(0, 0);
        Point2 b = new Point2(100, 200);
        assertThat(new Dimension("k", a, b, Side.TOP, 1, 100, 0).outside(view).edgeMm())
                .isEqualTo(220);
        assertThat(new Dimension("k", a, b, Side.BOTTOM, 1, 100, 0).outside(view).edgeMm())
                .isEqualTo(-20);
        assertThat(new Dimension("k", a, b, Side.LEFT, 1, 200, 0).outside(view).edgeMm())
                .isEqualTo(-10);
        assertThat(new Dimension("k", a, b, Side.RIGHT, 1, 200, 0).outside(view).edgeMm())
                .isEqualTo(110);
    }

    @Test
    void dimension_movesWithItsView() {
        Dimension top =
                new Dimension("k", new Point2(0, 0), new Point2(100, 0), Side.TOP, 0, 100, 50);
        Dimension moved = top.moved(new Point2(7, 9));
        assertThat(moved.from()).isEqualTo(new Point2(7, 9));
        assertThat(moved.edgeMm()).isEqualTo(59);
        assertThat(moved.canBeSet()).isTrue();
        Dimension side =
                new Dimension("", new Point2(0, 0), new Point2(0, 100), Side.LEFT, 0, 100, 50);
        assertThat(side.moved(new Point2(7, 9)).edgeMm()).isEqualTo(57);
        assertThat(side.canBeSet()).isFalse();
    }

    @Test
    void shapes_move() {
        Point2 by = new Point2(1, 2);
        List<Point2> line = List.of(new Point2(0, 0), new Point2(5, 5));
        List<Shape> shapes =
                List.of(
                        new Shape.Area(line, Matter.TIMBER, "p", 0.5),
                        new Shape.Face(line, List.of(true, true, true), Matter.SKIN, "p", 1),
                        new Shape.Line(line, LineKind.SEAM),
                        new Shape.Disc(new Point2(0, 0), 3, Matter.TYRE),
                        new Shape.Label(new Point2(0, 0), "x", Shape.Label.Kind.NAME, 10),
                        new Shape.MemberName(new Point2(0, 0), new Point2(5, 0), 2, "x 5", "x"),
                        new Shape.Mark(new Point2(0, 0), Shape.Mark.Kind.CENTRE_OF_GRAVITY));
        for (Shape shape : shapes) {
            Point2 first =
                    switch (shape.moved(by)) {
                        case Shape.Area area -> area.corners().getFirst();
                        case Shape.Face face -> face.corners().getFirst();
                        case Shape.Line moved -> moved.points().getFirst();
                        case Shape.Disc disc -> disc.middle();
                        case Shape.Label label -> label.at();
                        case Shape.Lettering words -> words.at();
                        case Shape.MemberName name -> name.from();
                        case Shape.Mark mark -> mark.at();
                    };
            assertThat(first).isEqualTo(by);
        }
    }

    /** The shadow of a bar turned about its middle holds all its corners. */
    @Property(seed = "20261126")
    void hull_holdsItsPoints(
            @ForAll @DoubleRange(min = 0, max = 3) double turn,
            @ForAll @DoubleRange(min = 10, max = 90) double length) {
        Point2 along = new Point2(Math.cos(turn), Math.sin(turn)).times(length);
        Point2 across = new Point2(-Math.sin(turn), Math.cos(turn)).times(5);
        List<Point2> corners =
                List.of(
                        along.plus(across),
                        along.minus(across),
                        along.times(-1).plus(across),
                        along.times(-1).minus(across),
                        new Point2(0, 0));
        List<Point2> hull = Hull.of(corners);
        assertThat(hull).hasSize(4);
        double area = Math.abs(Polygon2.signedArea(hull));
        assertThat(area).isCloseTo(2 * length * 10, within(1e-6));
    }
}
