package pteron.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** Polygons cut, joined and offset. */
class PolygonSetsTest {

    private static final double EXACT = 1e-6;

    private static Polygon2 rectangle(double fromU, double toU, double fromV, double toV) {
        return Polygon2.rectangle(new Bounds2(fromU, toU, fromV, toV));
    }

    @Provide
    Arbitrary<Bounds2> rectangles() {
        Arbitrary<Double> at = Arbitraries.doubles().between(0, 900);
        Arbitrary<Double> size = Arbitraries.doubles().between(10, 400);
        return Combinators.combine(at, at, size, size)
                .as((u, v, w, h) -> new Bounds2(u, u + w, v, v + h));
    }

    @Property(seed = "20261126")
    void sharedAndRest_makeTheWhole(
            @ForAll("rectangles") Bounds2 one, @ForAll("rectangles") Bounds2 other) {
        Polygon2 a = Polygon2.rectangle(one);
        Polygon2 b = Polygon2.rectangle(other);
        double rest = a.without(b).stream().mapToDouble(Polygon2::area).sum();
        assertThat(rest + a.sharedArea(b)).isCloseTo(a.area(), within(0.01));
    }

    @Property(seed = "20261126")
    void inset_rectangle(@ForAll("rectangles") Bounds2 one) {
        double margin = Math.min(one.width(), one.height()) / 4;
        Bounds2 inside = Polygon2.rectangle(one).inset(margin).getFirst().bounds();
        assertThat(inside.width()).isCloseTo(one.width() - 2 * margin, within(EXACT));
        assertThat(inside.height()).isCloseTo(one.height() - 2 * margin, within(EXACT));
    }

    /** The quick way for rectangles against the library's: a rectangle with one corner shaved. */
    @Property(seed = "20261126")
    void lines_quickWayAndLibrary_agree(
            @ForAll("rectangles") Bounds2 area, @ForAll("rectangles") Bounds2 ends) {
        Segment2 line =
                new Segment2(
                        new Point2(ends.fromU(), ends.fromV()), new Point2(ends.toU(), ends.toV()));
        Polygon2 shaved =
                Polygon2.of(
                        List.of(
                                new Point2(area.fromU(), area.fromV()),
                                new Point2(area.toU(), area.fromV()),
                                new Point2(area.toU(), area.toV()),
                                new Point2(area.fromU() + 1e-6, area.toV()),
                                new Point2(area.fromU(), area.toV() - 1e-6)));
        double quick =
                Polygon2.rectangle(area).cut(line).stream().mapToDouble(Segment2::lengthMm).sum();
        double library = shaved.cut(line).stream().mapToDouble(Segment2::lengthMm).sum();
        assertThat(quick).isCloseTo(library, within(1e-3));
        double rest =
                Polygon2.uncovered(line, List.of(Polygon2.rectangle(area))).stream()
                        .mapToDouble(Segment2::lengthMm)
                        .sum();
        assertThat(quick + rest).isCloseTo(line.lengthMm(), within(1e-6));
    }

    @Test
    void inset_nothingLeft() {
        assertThat(rectangle(0, 10, 0, 10).inset(5.1)).isEmpty();
    }

    @Test
    void without_cutThrough_twoPiecesFromLowToHigh() {
        List<Polygon2> pieces = rectangle(0, 100, 0, 10).without(rectangle(40, 60, -5, 15));
        assertThat(pieces).hasSize(2);
        assertThat(pieces.get(0).bounds().toU()).isEqualTo(40);
        assertThat(pieces.get(1).bounds().fromU()).isEqualTo(60);
    }

    /** Many pieces cut away at once leave what is left when each is cut away after the other. */
    @Property(tries = 200, seed = "20261126")
    void without_many_isAsOneByOne(
            @ForAll @Size(min = 7, max = 30) List<@DoubleRange(min = -20, max = 120) Double> places,
            @ForAll @DoubleRange(min = 1, max = 30) double size,
            @ForAll @DoubleRange(min = 0, max = 40) double lean) {
        Polygon2 whole =
                Polygon2.of(
                        List.of(
                                new Point2(0, 0),
                                new Point2(100, 0),
                                new Point2(100, 80 + (lean > 20 ? lean : 0)),
                                new Point2(0, 80)));
        List<Polygon2> cut = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            double u = places.get(i);
            double v = places.get((i * 7 + 3) % places.size());
            cut.add(rectangle(u, u + size, v, v + size * 0.7));
        }
        List<Polygon2> one = List.of(whole);
        for (Polygon2 piece : cut) {
            one = one.stream().flatMap(left -> left.without(piece).stream()).toList();
        }
        List<Polygon2> many = whole.without(cut);
        assertThat(many.stream().mapToDouble(Polygon2::area).sum())
                .isCloseTo(one.stream().mapToDouble(Polygon2::area).sum(), within(0.05));
        for (Polygon2 piece : many) {
            assertThat(cut.stream().mapToDouble(piece::sharedArea).sum()).isLessThan(0.01);
            assertThat(one.stream().mapToDouble(piece::sharedArea).sum())
                    .isCloseTo(piece.area(), within(0.05));
        }
    }

    /** Windows that lie apart in one sheet are holes in it. */
    @Test
    void without_manyApart_areHoles() {
        List<Polygon2> windows = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            windows.add(rectangle(5 + 8 * i, 10 + 8 * i, 20, 30));
        }
        windows.add(rectangle(-5, 2, 0, 100));
        List<Polygon2> left = rectangle(0, 110, 0, 50).without(windows);
        assertThat(left).hasSize(1);
        assertThat(left.getFirst().holes()).hasSize(12);
        assertThat(left.getFirst().area()).isCloseTo(110 * 50 - 12 * 50 - 2 * 50, within(1e-6));
    }

    @Test
    void without_several() {
        List<Polygon2> left =
                rectangle(0, 100, 0, 10)
                        .without(List.of(rectangle(10, 20, 0, 10), rectangle(80, 90, 0, 10)));
        assertThat(left).hasSize(3);
        assertThat(left.stream().mapToDouble(Polygon2::area).sum()).isCloseTo(800, within(EXACT));
    }

    @Test
    void corners_runAnticlockwise_withoutFlatOnes() {
        Polygon2 polygon =
                Polygon2.of(
                        List.of(
                                new Point2(0, 0),
                                new Point2(0, 10),
                                new Point2(5, 10),
                                new Point2(10, 10),
                                new Point2(10, 0)));
        assertThat(polygon.corners()).hasSize(4);
        assertThat(Polygon2.signedArea(polygon.corners())).isPositive();
    }

    @Test
    void isSimple_bowTieIsNot() {
        Polygon2 tie =
                Polygon2.of(
                        List.of(
                                new Point2(0, 0),
                                new Point2(10, 10),
                                new Point2(10, 0),
                                new Point2(0, 10)));
        assertThat(tie.isSimple()).isFalse();
        assertThat(rectangle(0, 1, 0, 1).isSimple()).isTrue();
    }

    @Test
    void contains_withTolerance() {
        Polygon2 wall = rectangle(0, 100, 0, 100);
        assertThat(wall.contains(rectangle(10, 90, 10, 90), 0.01)).isTrue();
        assertThat(wall.contains(rectangle(10, 100.5, 0, 10), 0.01)).isFalse();
        assertThat(wall.contains(rectangle(10, 100.5, 0, 10), 5.1)).isTrue();
    }

    @Test
    void slivers_areLeftOut() {
        assertThat(rectangle(0, 10, 0, 10).without(rectangle(0, 9.99999, -1, 11))).isEmpty();
    }
}
