package pteron.core.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.buffer.OffsetCurve;
import pteron.core.geometry.Point2;

/** Curves beside curves, against hand formulas and against JTS. */
class BesideTest {

    private static final String SEED = "20261126";

    /** A quarter of a circle to the right, radius 1000 mm, from (0, 0) upwards to (1000, 1000). */
    private static final Arc QUARTER =
            Arc.through(
                            new Point2(0, 0),
                            new Point2(1000 - 1000 * Math.sqrt(0.5), 1000 * Math.sqrt(0.5)),
                            new Point2(1000, 1000))
                    .orElseThrow();

    /** By hand: π/2 · 1000 outside, π/2 · 940 sixty inside, π/2 · 1060 sixty outside. */
    @Test
    void quarter_lengthsByHand() {
        Beside line = new Beside(QUARTER, 0);
        double all = QUARTER.lengthMm();
        assertThat(line.lengthMm(0, all)).isCloseTo(1570.796, within(1e-3));
        assertThat(line.movedRight(60).lengthMm(0, all)).isCloseTo(1476.549, within(1e-3));
        assertThat(line.movedRight(-60).lengthMm(0, all)).isCloseTo(1665.044, within(1e-3));
        assertThat(line.movedRight(60).lengthMm(all, 0)).isCloseTo(-1476.549, within(1e-3));
        assertThat(line.movedRight(60).stretch(500)).isCloseTo(0.94, within(1e-9));
    }

    /** Sixty inside the circle about (1000, 0): every point 940 mm from its middle. */
    @Test
    void quarter_pointsLieOnTheSmallerCircle() {
        Beside inside = new Beside(QUARTER, 60);
        for (Point2 point : inside.points(0, QUARTER.lengthMm(), 0.1)) {
            assertThat(point.distance(new Point2(1000, 0))).isCloseTo(940, within(1e-6));
        }
        assertThat(inside.folds(0, QUARTER.lengthMm())).isFalse();
        assertThat(new Beside(QUARTER, 1001).folds(0, QUARTER.lengthMm())).isTrue();
    }

    /** A level line 500 up meets the circle of 940 about (1000, 0) at 1000 − √(940² − 500²). */
    @Test
    void quarter_meetsALevelLine() {
        Beside inside = new Beside(QUARTER, 60);
        Beside level = new Beside(new Straight(new Point2(0, 500), new Point2(10, 500)), 0);
        double along = inside.meets(level, new Point2(200, 480)).orElseThrow();
        double byHand = 1000 - Math.sqrt(940 * 940 - 500 * 500);
        assertThat(inside.at(along).u()).isCloseTo(byHand, within(1e-6));
        assertThat(inside.at(along).v()).isCloseTo(500, within(1e-6));
        Beside aside = new Beside(new Straight(new Point2(0, 5000), new Point2(10, 5000)), 0);
        assertThat(inside.corner(aside, new Point2(1000, 1000)))
                .isCloseTo(QUARTER.lengthMm(), within(1e-6));
    }

    /** Beyond its ends it runs on straight: places count on. */
    @Test
    void beyondTheEnds_itRunsOnStraight() {
        Beside line = new Beside(QUARTER, 60);
        Point2 below = line.at(-100);
        assertThat(below.u()).isCloseTo(60, within(1e-9));
        assertThat(below.v()).isCloseTo(-100, within(1e-9));
        assertThat(line.nearest(new Point2(5, -100))).isCloseTo(-100, within(1e-9));
        assertThat(line.places(-10, QUARTER.lengthMm() + 10, 1)).contains(0.0, QUARTER.lengthMm());
    }

    /** Offsets of bent battens, against the offset curve of a fine polyline by JTS. */
    @Property(tries = 60, seed = SEED)
    void batten_liesBesideAsJtsSays(
            @ForAll @DoubleRange(min = 120, max = 420) double rise,
            @ForAll @DoubleRange(min = 0.3, max = 0.7) double where,
            @ForAll @DoubleRange(min = 5, max = 120) double depth) {
        Curve batten =
                BattenSolver.through(
                                List.of(
                                        new Point2(0, 0),
                                        new Point2(3000 * where, rise),
                                        new Point2(3000, 0)))
                        .orElseThrow();
        Beside beside = new Beside(batten, depth);
        LineString base = line(CurveSums.points(batten, 1e-3));
        BufferParameters parameters = new BufferParameters(64);
        parameters.setSimplifyFactor(0);
        LineString byJts = (LineString) new OffsetCurve(base, -depth, parameters).getCurve();
        for (Point2 point : beside.points(0, batten.lengthMm(), 0.1)) {
            Coordinate place = new Coordinate(point.u(), point.v());
            double away = byJts.distance(byJts.getFactory().createPoint(place));
            assertThat(away).isLessThan(0.01);
        }
        double byChords = line(beside.points(0, batten.lengthMm(), 1e-4)).getLength();
        assertThat(beside.lengthMm(0, batten.lengthMm())).isCloseTo(byChords, within(0.05));
    }

    /** The nearest place is the foot of the plumb line: what lies beside it finds itself again. */
    @Property(tries = 200, seed = SEED)
    void nearest_findsWhatLiesBeside(
            @ForAll @DoubleRange(min = -50, max = 1620) double along,
            @ForAll @DoubleRange(min = -300, max = 600) double right) {
        Point2 point = new Beside(QUARTER, right).at(along);
        assertThat(new Beside(QUARTER, 0).nearest(point)).isCloseTo(along, within(1e-6));
    }

    /** No place of a bend is nearer than the one found, by the distance of JTS from a fine polyline. */
    @Property(tries = 300, seed = SEED)
    void nearest_isNearest(
            @ForAll @DoubleRange(min = 120, max = 420) double rise,
            @ForAll @DoubleRange(min = 0, max = 1) double where,
            @ForAll @DoubleRange(min = -250, max = 250) double away,
            @ForAll @DoubleRange(min = -100, max = 100) double right) {
        Curve batten =
                BattenSolver.through(
                                List.of(
                                        new Point2(0, 0),
                                        new Point2(1200, rise),
                                        new Point2(3000, 0)))
                        .orElseThrow();
        for (Curve curve : List.of(batten, QUARTER, leftTurned())) {
            Beside beside = new Beside(curve, right);
            Point2 point = new Beside(curve, away).at(where * curve.lengthMm());
            LineString fine = line(beside.points(0, curve.lengthMm(), 1e-4));
            double least = fine.distance(fine.getFactory().createPoint(coordinate(point)));
            double found = beside.at(beside.nearest(point)).distance(point);
            assertThat(found).isCloseTo(least, within(0.01));
        }
    }

    /** A quarter to the left, radius 800 mm. */
    private static Arc leftTurned() {
        return new Arc(new Point2(-300, 200), 800, -1, Math.PI / 2);
    }

    private static Coordinate coordinate(Point2 point) {
        return new Coordinate(point.u(), point.v());
    }

    /** {@return a line of JTS through points} */
    private static LineString line(List<Point2> points) {
        return new GeometryFactory()
                .createLineString(
                        points.stream()
                                .map(point -> new Coordinate(point.u(), point.v()))
                                .toArray(Coordinate[]::new));
    }
}
