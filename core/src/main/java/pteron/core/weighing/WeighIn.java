package pteron.core.weighing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pteron.core.vehicle.RunningGear;
import pteron.core.vehicle.RunningGear.Axle;
import pteron.core.vehicle.RunningGear.Weighed;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Vehicle;

/**
 * A vehicle on its scales. Immutable.
 *
 * @param wheels readings of every place, front to rear
 */
public record WeighIn(Map<ScalePlace, Readings> wheels) {

    /** Copies the map, its order kept. */
    public WeighIn {
        wheels = Collections.unmodifiableMap(new LinkedHashMap<>(wheels));
    }

    /** {@return several readings of every place of a vehicle} */
    public static WeighIn of(Vehicle vehicle, WheelScale scale, int count) {
        Map<ScalePlace, Readings> wheels = new LinkedHashMap<>();
        for (ScalePlace place : ScalePlace.of(vehicle)) {
            List<Double> readings = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                readings.add(scale.read(place));
            }
            wheels.put(place, new Readings(readings));
        }
        return new WeighIn(wheels);
    }

    /** {@return whether no reading had to be refused} */
    public boolean isSteady() {
        return wheels.values().stream().allMatch(readings -> readings.jumps().isEmpty());
    }

    /** {@return mean load on an axle (kg), −1 for the coupler} */
    public double meanKg(int axle) {
        return wheels.entrySet().stream()
                .filter(entry -> entry.getKey().axle() == axle)
                .mapToDouble(entry -> entry.getValue().meanKg())
                .sum();
    }

    /** {@return mean of everything (kg)} */
    public double totalKg() {
        return wheels.values().stream().mapToDouble(Readings::meanKg).sum();
    }

    /** {@return share of the axles' load on the right wheels, 0 to 1} */
    public double rightShare() {
        double right = sum(ScalePlace.Side.RIGHT);
        return right / (right + sum(ScalePlace.Side.LEFT));
    }

    private double sum(ScalePlace.Side side) {
        return wheels.entrySet().stream()
                .filter(entry -> entry.getKey().side() == side)
                .mapToDouble(entry -> entry.getValue().meanKg())
                .sum();
    }

    private static double read(double kg) {
        return Math.rint(kg * 10) / 10;
    }

    /**
     * {@return the vehicle with these empty loads, as they were read, to the hectogram}
     *
     * @param vehicle the vehicle that stood on the scales
     * @param fuelPercent fill of its tank (percent)
     * @param driverAboard whether somebody sat in the cab
     * @throws IllegalArgumentException if a mean is out of the range of empty loads
     */
    public Vehicle in(Vehicle vehicle, double fuelPercent, boolean driverAboard) {
        List<Axle> axles = new ArrayList<>();
        for (int i = 0; i < vehicle.gear().axles().size(); i++) {
            axles.add(vehicle.gear().axles().get(i).withEmpty(read(meanKg(i))));
        }
        RunningGear gear =
                vehicle.gear()
                        .withAxles(axles)
                        .withWeighed(new Weighed(Weighed.Source.SCALES, fuelPercent, driverAboard));
        Vehicle weighed = vehicle.withGear(gear);
        return weighed instanceof Trailer trailer
                ? trailer.withDrawbar(trailer.drawbar().withEmpty(read(meanKg(-1))))
                : weighed;
    }
}
