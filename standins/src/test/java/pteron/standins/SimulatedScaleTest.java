package pteron.standins;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import pteron.core.plan.StartingVehicles;
import pteron.core.vehicle.RunningGear.Weighed;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Vehicle;
import pteron.core.weighing.ScalePlace;
import pteron.core.weighing.WeighIn;

/** The simulated scales behave like scales: they scatter, jump, and can be told again. */
class SimulatedScaleTest {

    private static final Trailer TRAILER = StartingVehicles.trailer();

    @Test
    void readings_scatter_andFollowFromTheSeed() {
        WeighIn one = WeighIn.of(TRAILER, new SimulatedScale(TRAILER, 7), 12);
        WeighIn again = WeighIn.of(TRAILER, new SimulatedScale(TRAILER, 7), 12);
        WeighIn other = WeighIn.of(TRAILER, new SimulatedScale(TRAILER, 8), 12);
        assertThat(one).isEqualTo(again).isNotEqualTo(other);
        assertThat(one.wheels()).hasSize(5);
        assertThat(one.wheels().values())
                .allSatisfy(readings -> assertThat(readings.spreadKg()).isBetween(0.2, 4.0));
    }

    @Test
    void mean_isNearTheTruth_thoughSomebodyLeans() {
        int jumps = 0;
        for (long seed = 0; seed < 40; seed++) {
            WeighIn in = WeighIn.of(TRAILER, new SimulatedScale(TRAILER, seed), 15);
            assertThat(in.totalKg()).isBetween(640 * 0.99, 640 * 1.055);
            jumps += in.isSteady() ? 0 : 1;
        }
        assertThat(jumps).as("weigh-ins with a refused reading").isPositive();
    }

    @Test
    void pickup_hasNoCoupler_andIsWeighedInItsState() {
        Vehicle pickup = StartingVehicles.pickup();
        SimulatedScale scale = new SimulatedScale(pickup, 3);
        assertThat(scale.name()).contains("simulated");
        WeighIn in = WeighIn.of(pickup, scale, 15);
        assertThat(in.wheels().keySet()).noneMatch(ScalePlace::isCoupler);
        Vehicle weighed = in.in(pickup, 50, true);
        assertThat(weighed.gear().weighed())
                .isEqualTo(new Weighed(Weighed.Source.SCALES, 50, true));
        assertThat(weighed.emptyKg()).isCloseTo(in.totalKg(), within(1.5));
        assertThat(in.rightShare()).isCloseTo(0.49, within(0.01));
    }
}
