package pteron.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import pteron.core.surface.FlatSurface;

class LineTest {

    private static final double EXACT = 1e-9;

    private final Line2 rising = Line2.through(new Point2(0, 0), new Point2(3, 4));

    @Test
    void through_hasLengthOne() {
        assertThat(rising.direction().length()).isCloseTo(1, within(EXACT));
        assertThat(rising.direction().u()).isCloseTo(0.6, within(EXACT));
    }

    @Test
    void at_along_areInverse() {
        assertThat(rising.along(rising.at(7))).isCloseTo(7, within(EXACT));
        assertThat(rising.at(5).distance(new Point2(3, 4))).isCloseTo(0, within(EXACT));
    }

    @Test
    void leftDistance_signTellsTheSide() {
        assertThat(Lines.leftDistance(rising, new Point2(-4, 3))).isCloseTo(5, within(EXACT));
        assertThat(Lines.leftDistance(rising, new Point2(4, -3))).isCloseTo(-5, within(EXACT));
        assertThat(Lines.leftDistance(rising, new Point2(6, 8))).isCloseTo(0, within(EXACT));
    }

    @Test
    void meets_crossing() {
        Line2 level = new Line2(new Point2(0, 8), new Point2(1, 0));
        assertThat(rising.meets(level).orElseThrow().u()).isCloseTo(6, within(EXACT));
        assertThat(level.meets(rising).orElseThrow().v()).isCloseTo(8, within(EXACT));
    }

    @Test
    void point_vectorSums() {
        Point2 a = new Point2(3, 4);
        Point2 b = new Point2(1, -2);
        assertThat(a.plus(b)).isEqualTo(new Point2(4, 2));
        assertThat(a.minus(b)).isEqualTo(new Point2(2, 6));
        assertThat(a.times(2)).isEqualTo(new Point2(6, 8));
        assertThat(a.dot(b)).isEqualTo(-5);
        assertThat(a.cross(b)).isEqualTo(-10);
        assertThat(a.length()).isEqualTo(5);
        assertThat(a.distance(b)).isCloseTo(Math.hypot(2, 6), within(EXACT));
        assertThat(new Point2(1, 0).leftNormal().v()).isEqualTo(1);
    }

    @Test
    void point3_andPlacement() {
        Point3 a = new Point3(1, 2, 3);
        assertThat(a.plus(new Point3(1, 1, 1)).times(2)).isEqualTo(new Point3(4, 6, 8));
        assertThat(a.distance(new Point3(1, 5, 7))).isCloseTo(5, within(EXACT));
        FlatSurface placement =
                new FlatSurface(
                        new Point3(10, 0, 0),
                        new Point3(0, 1, 0),
                        new Point3(0, 0, 1),
                        new Point3(1, 0, 0));
        assertThat(placement.at(new Point2(2, 3), 4)).isEqualTo(new Point3(14, 2, 3));
    }

    @Test
    void bounds_growOverlapMiddle() {
        Bounds2 a = new Bounds2(0, 10, 0, 20);
        assertThat(a.width()).isEqualTo(10);
        assertThat(a.height()).isEqualTo(20);
        assertThat(a.middle()).isEqualTo(new Point2(5, 10));
        assertThat(a.grown(1)).isEqualTo(new Bounds2(-1, 11, -1, 21));
        assertThat(a.grown(1, 2)).isEqualTo(new Bounds2(-1, 11, -2, 22));
        assertThat(a.overlaps(new Bounds2(10, 20, 0, 20))).isFalse();
        assertThat(a.overlaps(new Bounds2(9, 20, 19, 30))).isTrue();
        assertThat(Polygon2.rectangle(a).area()).isEqualTo(200);
    }

    @Test
    void segment_lengthAndMiddle() {
        Segment2 segment = new Segment2(new Point2(1, 1), new Point2(4, 5));
        assertThat(segment.lengthMm()).isEqualTo(5);
        assertThat(segment.middle()).isEqualTo(new Point2(2.5, 3));
    }

    @Property(seed = "20261126")
    void movedRight_isSoFarAway(
            @ForAll @DoubleRange(min = -500, max = 500) double by,
            @ForAll @DoubleRange(min = -500, max = 500) double at) {
        Line2 moved = rising.movedRight(by);
        assertThat(Lines.leftDistance(rising, moved.at(at))).isCloseTo(-by, within(1e-6));
    }
}
