package pteron.core.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.algorithm.MinimumBoundingCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Triangle;
import org.locationtech.jts.util.GeometricShapeFactory;
import pteron.core.geometry.Point2;
import pteron.core.plan.SetOut;

/** Arcs and fillets against JTS and against exact geometry. */
class ArcAndFilletTest {

    private static final double EXACT = 1e-6;
    private static final Point2 ORIGIN = new Point2(0, 0);

    private static Coordinate jts(Point2 point) {
        return new Coordinate(point.u(), point.v());
    }

    /** By hand: c²/8h + h/2 with c 2000, h 250 is 2000 + 125. */
    @Test
    void through_workedExample() {
        Arc arc = Arc.through(ORIGIN, new Point2(1000, 250), new Point2(2000, 0)).orElseThrow();
        assertThat(arc.radiusMm()).isCloseTo(2125, within(EXACT));
        assertThat(arc.middle().distance(new Point2(1000, -1875))).isLessThan(EXACT);
        double half = Math.asin(1000 / 2125.0);
        assertThat(arc.lengthMm()).isCloseTo(2125 * 2 * half, within(EXACT));
        assertThat(arc.at(arc.lengthMm() / 2).distance(new Point2(1000, 250))).isLessThan(EXACT);
    }

    /** Outside check: circumcentre and radius of JTS's Triangle. */
    @Property(tries = 200, seed = "20261126")
    void through_againstCircumcentreOfJts(
            @ForAll @DoubleRange(min = 200, max = 5000) double chord,
            @ForAll @DoubleRange(min = 0.1, max = 0.9) double share,
            @ForAll @DoubleRange(min = 5, max = 1500) double up,
            @ForAll boolean down) {
        double rise = down ? -up : up;
        Point2 spot = new Point2(chord * share, rise);
        Point2 to = new Point2(chord, 120);
        SetOut.that(Math.abs(to.cross(spot)) >= 100);
        Arc arc = Arc.through(ORIGIN, spot, to).orElseThrow();
        Coordinate centre = Triangle.circumcentre(jts(ORIGIN), jts(spot), jts(to));
        double scale = 1e-9 * arc.radiusMm() * arc.radiusMm() / Math.abs(rise) + EXACT;
        assertThat(arc.middle().u()).isCloseTo(centre.x, within(scale));
        assertThat(arc.middle().v()).isCloseTo(centre.y, within(scale));
        assertThat(arc.from().distance(ORIGIN)).isLessThan(scale);
        assertThat(arc.to().distance(to)).isLessThan(scale);
        double nearest = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= 4000; i++) {
            nearest = Math.min(nearest, arc.at(arc.lengthMm() * i / 4000).distance(spot));
        }
        assertThat(nearest).isLessThan(arc.lengthMm() / 4000);
    }

    /** Outside check: the circle of JTS's shape factory has the same points. */
    @Test
    void quarterCircle_againstShapeFactoryOfJts() {
        Arc arc = new Arc(ORIGIN, 1000, 0, Math.PI / 2);
        GeometricShapeFactory shapes = new GeometricShapeFactory();
        shapes.setCentre(new Coordinate(0, 0));
        shapes.setSize(2000);
        shapes.setNumPoints(91);
        Coordinate[] points = shapes.createArc(0, Math.PI / 2).getCoordinates();
        for (int i = 0; i < points.length; i++) {
            Point2 ours = arc.at(arc.lengthMm() * i / (points.length - 1));
            assertThat(ours.u()).isCloseTo(points[i].x, within(EXACT));
            assertThat(ours.v()).isCloseTo(points[i].y, within(EXACT));
        }
    }

    /** Outside check: the smallest circle of JTS round points of more than half an arc is its circle. */
    @Test
    void wideArc_againstMinimumBoundingCircleOfJts() {
        Arc arc = new Arc(new Point2(300, 400), 850, 0.3, 1.2 * Math.PI);
        GeometryFactory factory = new GeometryFactory();
        Coordinate[] points =
                CurveSums.points(arc, 0.01).stream()
                        .map(ArcAndFilletTest::jts)
                        .toArray(Coordinate[]::new);
        MinimumBoundingCircle circle =
                new MinimumBoundingCircle(factory.createMultiPointFromCoords(points));
        assertThat(circle.getRadius()).isCloseTo(850, within(0.05));
        assertThat(circle.getCentre().distance(new Coordinate(300, 400))).isLessThan(0.1);
    }

    /** Exact: a half disc has r² π/2 and its centroid at 4r / 3π. */
    @Test
    void sums_ofAHalfDisc_exact() {
        Arc arc = new Arc(ORIGIN, 1000, 0, Math.PI);
        Straight closing = new Straight(new Point2(-1000, 0), new Point2(1000, 0));
        double area = CurveSums.area(arc) + CurveSums.area(closing);
        assertThat(area).isCloseTo(Math.PI * 1e6 / 2, within(1.0));
        double moment = CurveSums.moments(arc).v() + CurveSums.moments(closing).v();
        assertThat(moment / area).isCloseTo(4000 / (3 * Math.PI), within(EXACT));
    }

    @Test
    void straightPoints_giveNoArc() {
        assertThat(Arc.through(ORIGIN, new Point2(500, 0), new Point2(1000, 0))).isEmpty();
        assertThatThrownBy(() -> new Arc(ORIGIN, 0, 0, 1)).hasMessageContaining("radius");
    }

    /** By hand: tan 45° = 1, so 300; tan 22.5° = 0.41421, so 124.264. */
    @Test
    void fillet_workedExample() {
        Fillet square = Fillet.of(ORIGIN, new Point2(1000, 0), new Point2(1000, 1000), 300);
        assertThat(square.tangentMm()).isCloseTo(300, within(EXACT));
        assertThat(square.arc().middle().distance(new Point2(700, 300))).isLessThan(EXACT);
        Fillet slope = Fillet.of(ORIGIN, new Point2(1000, 0), new Point2(2000, 1000), 300);
        assertThat(slope.tangentMm()).isCloseTo(124.264, within(0.0005));
        assertThatThrownBy(() -> Fillet.of(ORIGIN, new Point2(1, 0), new Point2(2, 0), 5))
                .hasMessageContaining("straight on");
    }

    /** The fillet touches both lines: no kink at either end, and its middle is r from both. */
    @Property(tries = 200, seed = "20261126")
    void fillet_isTangent(
            @ForAll @DoubleRange(min = 5, max = 170) double turn,
            @ForAll @DoubleRange(min = 10, max = 900) double radius) {
        double way = Math.toRadians(turn);
        Point2 corner = new Point2(5000, 0);
        Point2 out = new Point2(Math.cos(way), Math.sin(way));
        Fillet fillet = Fillet.of(ORIGIN, corner, corner.plus(out.times(5000)), radius);
        assertThat(fillet.arc().direction(0).distance(new Point2(1, 0))).isLessThan(1e-9);
        assertThat(fillet.arc().direction(fillet.arc().lengthMm()).distance(out)).isLessThan(1e-9);
        assertThat(fillet.arc().from().distance(corner))
                .isCloseTo(fillet.tangentMm(), within(EXACT));
        assertThat(fillet.arc().to().distance(corner)).isCloseTo(fillet.tangentMm(), within(EXACT));
    }

    @Test
    void passesAndExtremes_ofAnArc() {
        Arc arc = new Arc(ORIGIN, 500, Math.PI, -Math.PI);
        assertThat(CurveSums.extremes(arc))
                .anyMatch(s -> arc.at(s).distance(new Point2(0, 500)) < EXACT);
        assertThat(CurveSums.passes(arc, 300))
                .singleElement()
                .satisfies(s -> assertThat(arc.at(s).v()).isCloseTo(400, within(EXACT)));
    }
}
