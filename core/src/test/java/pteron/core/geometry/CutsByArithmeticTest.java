package pteron.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.statistics.Statistics;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** Cuts of lines and of convex polygons by our arithmetic, held against the overlays of JTS. */
class CutsByArithmeticTest {

    private static final String SEED = "20261127";
    private static final GeometryFactory JTS = new GeometryFactory();

    /** Rings about a middle: convex where all reaches are alike, jagged otherwise; on whole millimetres. */
    private static List<Point2> ring(List<Double> reaches, boolean round, Point2 middle) {
        int count = reaches.size();
        return IntStream.range(0, count)
                .mapToObj(
                        i -> {
                            double angle = 2 * Math.PI * i / count;
                            double reach = round ? reaches.getFirst() : reaches.get(i);
                            return middle.plus(
                                    new Point2(
                                            Math.round(reach * Math.cos(angle)),
                                            Math.round(reach * Math.sin(angle))));
                        })
                .toList();
    }

    @Provide
    Arbitrary<List<Double>> reaches() {
        return Arbitraries.doubles().between(150, 900).list().ofMinSize(3).ofMaxSize(14);
    }

    @Provide
    Arbitrary<Point2> points() {
        return Arbitraries.integers()
                .between(-900, 900)
                .tuple2()
                .map(at -> new Point2(at.get1(), at.get2()));
    }

    private static Polygon jts(List<Point2> outer, List<List<Point2>> holes) {
        return JTS.createPolygon(
                JTS.createLinearRing(closed(outer)),
                holes.stream()
                        .map(hole -> JTS.createLinearRing(closed(hole)))
                        .toArray(LinearRing[]::new));
    }

    private static Coordinate[] closed(List<Point2> ring) {
        List<Point2> all = new ArrayList<>(ring);
        all.add(ring.getFirst());
        return all.stream()
                .map(point -> new Coordinate(point.u(), point.v()))
                .toArray(Coordinate[]::new);
    }

    private static double length(List<Segment2> stretches) {
        return stretches.stream().mapToDouble(Segment2::lengthMm).sum();
    }

    /** Lines anywhere, through corners and along edges, through jagged rings with a hole. */
    @Property(tries = 3000, seed = SEED)
    void lines_areCutAsJtsSays(
            @ForAll("reaches") List<Double> reaches,
            @ForAll("points") Point2 one,
            @ForAll("points") Point2 other,
            @ForAll @IntRange(min = 0, max = 3) int kind,
            @ForAll boolean withHole) {
        List<Point2> ring = ring(reaches, false, new Point2(0, 0));
        Point2 from = kind == 0 ? one : ring.get(0).plus(ring.get(0).minus(ring.get(1)).times(0.5));
        Point2 to = kind == 0 ? other : kind == 1 ? ring.get(1) : other;
        if (kind == 3) {
            from = ring.get(0).times(2).minus(to);
        }
        if (from.distance(to) < 1) {
            return;
        }
        List<List<Point2>> holes =
                withHole
                        ? List.of(ring(List.of(90.0, 60.0, 90.0, 40.0), false, new Point2(0, 0)))
                        : List.of();
        Polygon shape = jts(ring, holes);
        if (!shape.isValid()) {
            return;
        }
        Geometry line =
                JTS.createLineString(
                        new Coordinate[] {
                            new Coordinate(from.u(), from.v()), new Coordinate(to.u(), to.v())
                        });
        Segment2 cut = new Segment2(from, to);
        double inside = OverlayNGRobust.overlay(line, shape, OverlayNG.INTERSECTION).getLength();
        double outside = OverlayNGRobust.overlay(line, shape, OverlayNG.DIFFERENCE).getLength();
        assertThat(length(LineCut.within(cut, shape))).isCloseTo(inside, within(1e-5));
        assertThat(length(LineCut.outside(cut, shape))).isCloseTo(outside, within(1e-5));
        Statistics.label("line").collect(inside > 1 ? outside > 1 ? "both" : "inside" : "outside");
        Statistics.label("line")
                .coverage(
                        found -> {
                            found.check("both").percentage(at -> at > 40);
                            found.check("outside").percentage(at -> at > 2);
                        });
        Statistics.label("way").collect(kind);
    }

    /** A level line along the foot of a notch: inside on both sides, and on its edge between. */
    @Test
    void line_alongTheEdgeOfANotch_isInside() {
        Polygon shape =
                jts(
                        List.of(
                                new Point2(0, 0),
                                new Point2(30, 0),
                                new Point2(30, 20),
                                new Point2(20, 20),
                                new Point2(20, 10),
                                new Point2(10, 10),
                                new Point2(10, 20),
                                new Point2(0, 20)),
                        List.of());
        Segment2 level = new Segment2(new Point2(-5, 10), new Point2(35, 10));
        assertThat(LineCut.within(level, shape))
                .containsExactly(new Segment2(new Point2(0, 10), new Point2(30, 10)));
        assertThat(LineCut.outside(level, shape)).hasSize(2);
        Segment2 beside = new Segment2(new Point2(-5, 20), new Point2(35, 20));
        assertThat(length(LineCut.within(beside, shape))).isCloseTo(20, within(1e-9));
    }

    /** One of them convex, the other jagged or convex too. */
    @Property(tries = 3000, seed = SEED)
    void sharedArea_isAsJtsSays(
            @ForAll("reaches") List<Double> one,
            @ForAll("reaches") List<Double> other,
            @ForAll("points") Point2 apart,
            @ForAll boolean bothRound) {
        List<Point2> jagged = ring(one, bothRound, apart);
        List<Point2> round = ring(other, true, new Point2(0, 0));
        Polygon shape = jts(jagged, List.of());
        if (!shape.isValid() || shape.getArea() < 1) {
            return;
        }
        double byJts =
                OverlayNGRobust.overlay(shape, jts(round, List.of()), OverlayNG.INTERSECTION)
                        .getArea();
        Polygon2 first = Polygon2.of(jagged);
        Polygon2 second = Polygon2.of(round);
        assertThat(first.sharedArea(second)).isCloseTo(byJts, within(1e-2));
        assertThat(second.sharedArea(first)).isCloseTo(byJts, within(1e-2));
        double inPieces = first.shared(second).stream().mapToDouble(Polygon2::area).sum();
        assertThat(inPieces).isCloseTo(byJts, within(1e-2));
        Statistics.collect(byJts > 1);
        Statistics.coverage(found -> found.check(true).percentage(at -> at > 40));
    }
}
