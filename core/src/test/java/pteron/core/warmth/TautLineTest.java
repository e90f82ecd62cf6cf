package pteron.core.warmth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** The taut line of Glaser's method against the lower hull of the same points by JTS. */
class TautLineTest {

    private static final GeometryFactory JTS = new GeometryFactory();

    /** The lower side of a convex hull: at each place the least height that it reaches. */
    private static double lowest(Geometry hull, double at) {
        double low = -1;
        double high = 1e6;
        Coordinate[] upright = {new Coordinate(at, low), new Coordinate(at, high)};
        return hull.intersection(JTS.createLineString(upright)).getEnvelopeInternal().getMinY();
    }

    @Property(tries = 300, seed = "20261126")
    void line_isTheLowerHull(
            @ForAll @Size(min = 3, max = 9) List<@DoubleRange(min = 0.01, max = 20) Double> steps,
            @ForAll @Size(10) List<@DoubleRange(min = 100, max = 3000) Double> heights) {
        double[] metres = new double[steps.size() + 1];
        for (int i = 1; i < metres.length; i++) {
            metres[i] = metres[i - 1] + steps.get(i - 1);
        }
        List<Double> saturations = heights.subList(0, metres.length);
        double inside = 0.9 * saturations.getFirst();
        double outside = 0.8 * saturations.getLast();
        Vapour vapour = Vapour.of(metres, saturations, inside, outside);
        List<Coordinate> points = new ArrayList<>();
        points.add(new Coordinate(0, inside));
        points.add(new Coordinate(metres[metres.length - 1], outside));
        for (int i = 1; i < metres.length - 1; i++) {
            points.add(new Coordinate(metres[i], saturations.get(i)));
        }
        points.add(new Coordinate(0, 1e5));
        points.add(new Coordinate(metres[metres.length - 1], 1e5));
        Geometry hull = new ConvexHull(points.toArray(Coordinate[]::new), JTS).getConvexHull();
        for (int i = 1; i < metres.length - 1; i++) {
            assertThat(vapour.pressures().get(i)).isCloseTo(lowest(hull, metres[i]), within(0.01));
        }
    }

    /** Two places, by hand: from 1000 Pa down to 500 in 1 m, level for 5 m, and 400 Pa in 10 m. */
    @Test
    void twoPlaces_byHand() {
        Vapour vapour =
                Vapour.of(
                        new double[] {0, 1, 6, 16},
                        List.of(2000.0, 500.0, 450.0, 500.0),
                        1000,
                        400);
        assertThat(vapour.places()).extracting(Vapour.Place::interfaceIndex).containsExactly(1, 2);
        double month = 2e-10 * 30 * 86400 * 1000;
        assertThat(vapour.places().get(0).gramsPerMonth())
                .isCloseTo(month * (500 - 10), within(1e-9));
        assertThat(vapour.places().get(1).gramsPerMonth())
                .isCloseTo(month * (10 - 5), within(1e-9));
        assertThat(vapour.gramsPerMonth()).isCloseTo(month * 495, within(1e-9));
    }
}
