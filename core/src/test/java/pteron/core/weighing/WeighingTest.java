package pteron.core.weighing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.apache.commons.math3.stat.descriptive.DescriptiveStatistics;
import org.junit.jupiter.api.Test;
import pteron.core.plan.StartingVehicles;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Vehicle;

/** Readings of scales: mean, spread, jumps; put into a vehicle. */
class WeighingTest {

    /** By hand: mean 282, squares 1, 1, 0, 4, 4: spread sqrt(10/4). */
    @Test
    void readings_workedExample() {
        Readings readings = new Readings(List.of(281.0, 283.0, 282.0, 284.0, 280.0));
        assertThat(readings.meanKg()).isCloseTo(282, within(1e-12));
        assertThat(readings.spreadKg()).isCloseTo(1.581, within(0.0005));
        assertThat(readings.jumps()).isEmpty();
    }

    @Test
    void aJump_isRefused_andNotInTheMean() {
        Readings readings = new Readings(List.of(281.0, 283.0, 345.0, 282.0, 284.0, 280.0));
        assertThat(readings.jumps()).containsExactly(345.0);
        assertThat(readings.meanKg()).isCloseTo(282, within(1e-12));
        assertThatThrownBy(() -> new Readings(List.of(1.0, 2.0)))
                .hasMessageContaining("[2]")
                .hasMessageContaining("read the scale again");
        assertThatThrownBy(() -> new Readings(List.of(1.0, 2.0, Double.NaN, 1.0, 1.0)))
                .hasMessageContaining("enter a number");
    }

    /** Outside check: mean and standard deviation of Commons Math. */
    @Property(seed = "20261126")
    void meanAndSpread_againstCommonsMath(
            @ForAll @DoubleRange(min = 100, max = 900) double base,
            @ForAll @DoubleRange(min = 0, max = 1) double a,
            @ForAll @DoubleRange(min = 0, max = 1) double b) {
        List<Double> all =
                List.of(base, base + a, base - b, base + b / 2, base - a / 3, base + 0.1);
        DescriptiveStatistics statistics = new DescriptiveStatistics();
        all.forEach(statistics::addValue);
        Readings readings = new Readings(all);
        assertThat(readings.meanKg()).isCloseTo(statistics.getMean(), within(1e-9));
        assertThat(readings.spreadKg()).isCloseTo(statistics.getStandardDeviation(), within(1e-9));
    }

    @Test
    void weighIn_goesIntoTheVehicle() {
        Trailer trailer = StartingVehicles.trailer();
        WheelScale scale =
                new WheelScale() {
                    @Override
                    public double read(ScalePlace place) {
                        return place.isCoupler()
                                ? 81
                                : place.side() == ScalePlace.Side.LEFT ? 150 : 140;
                    }

                    @Override
                    public String name() {
                        return "five fingers";
                    }
                };
        WeighIn in = WeighIn.of(trailer, scale, 5);
        assertThat(in.isSteady()).isTrue();
        assertThat(in.totalKg()).isCloseTo(81 + 4 * 145, within(1e-9));
        assertThat(in.rightShare()).isCloseTo(280 / 580.0, within(1e-9));
        Trailer weighed = (Trailer) in.in(trailer, 0, false);
        assertThat(weighed.drawbar().emptyKg()).isEqualTo(81);
        assertThat(weighed.gear().axles()).allMatch(axle -> axle.emptyKg() == 290);
        assertThat(weighed.emptyKg()).isEqualTo(661);
    }

    @Test
    void tooLight_isRefusedWithASentence() {
        Vehicle pickup = StartingVehicles.pickup();
        Readings none = new Readings(List.of(0.0, 0.0, 0.0, 0.0, 0.0));
        WeighIn in = new WeighIn(Map.of(new ScalePlace(0, ScalePlace.Side.LEFT), none));
        assertThatThrownBy(() -> in.in(pickup, 100, true))
                .hasMessageContaining("empty load of an axle");
    }
}
