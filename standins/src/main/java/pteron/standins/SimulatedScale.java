package pteron.standins;

import java.util.SplittableRandom;
import pteron.core.vehicle.RunningGear.Axle;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Vehicle;
import pteron.core.weighing.ScalePlace;
import pteron.core.weighing.WheelScale;

/**
 * Simulated scales under a vehicle: noise of a small workshop scale, one side a little heavier, now and then
 * somebody leans on it. Not thread-safe.
 */
public final class SimulatedScale implements WheelScale {

    /** Scatter of a reading (kg). */
    private static final double NOISE_KG = 1.2;

    /** Share of readings that are disturbed. */
    private static final double DISTURBED = 0.06;

    /** What a disturbance adds at the most (kg). */
    private static final double LEANING_KG = 70;

    /** Share of an axle's load on its left wheel. */
    private static final double LEFT_SHARE = 0.51;

    private final Vehicle vehicle;
    private final SplittableRandom random;
    private final double off;

    /**
     * Scales under a vehicle.
     *
     * @param vehicle the vehicle, whose typed empty loads are taken for nearly true
     * @param seed what the noise follows from
     */
    public SimulatedScale(Vehicle vehicle, long seed) {
        this.vehicle = vehicle;
        this.random = new SplittableRandom(seed);
        // a plate is rarely right: the real vehicle weighs up to four percent more
        this.off = 1 + 0.04 * random.nextDouble();
    }

    @Override
    public String name() {
        return "simulated scales";
    }

    @Override
    public double read(ScalePlace place) {
        double noise = random.nextGaussian() * NOISE_KG;
        boolean disturbed = random.nextDouble() < DISTURBED;
        double leaning = disturbed ? LEANING_KG * (0.4 + 0.6 * random.nextDouble()) : 0;
        double reading = trueKg(place) * off + noise + leaning;
        return Math.rint(reading * 2) / 2;
    }

    private double trueKg(ScalePlace place) {
        if (place.isCoupler()) {
            return vehicle instanceof Trailer trailer ? trailer.drawbar().emptyKg() : 0;
        }
        Axle axle = vehicle.gear().axles().get(place.axle());
        boolean left = place.side() == ScalePlace.Side.LEFT;
        return axle.emptyKg() * (left ? LEFT_SHARE : 1 - LEFT_SHARE);
    }
}
