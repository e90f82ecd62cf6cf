package pteron.core.weighing;

import java.util.ArrayList;
import java.util.List;
import pteron.core.quantity.Require;

/**
 * Several readings of one scale. Immutable.
 *
 * <pre>  mean = sum / n,   spread = sqrt(sum of (reading − mean)² / (n − 1))  </pre>
 *
 * A reading jumps when it lies farther from the median than 4.5 times the median distance from it, and than 5 kg.
 *
 * <p>Source: sample mean and standard deviation; median of the distances as a measure that jumps do not spoil,
 * Hampel 1974. Example: 281, 283, 282, 284, 280 have mean 282 and spread 1.581.
 *
 * @param all as they came (kg), five or more
 */
public record Readings(List<Double> all) {

    /** Fewest readings that tell a spread. */
    public static final int FEWEST = 5;

    /** Distances from the median, in median distances, from which a reading jumps. */
    private static final double FAR = 4.5;

    /** Distance that is no jump on any scale (kg); common practice. */
    private static final double STEADY_KG = 5;

    /**
     * Copies the readings.
     *
     * @throws IllegalArgumentException if there are too few or one is not a number
     */
    public Readings {
        all = List.copyOf(all);
        all.forEach(reading -> Require.finite("reading of a scale", reading, "kg"));
        if (all.size() < FEWEST) {
            throw new IllegalArgumentException(
                    "readings: there are [%d] and must be %d or more; read the scale again"
                            .formatted(all.size(), FEWEST));
        }
    }

    private static double median(List<Double> values) {
        List<Double> sorted = values.stream().sorted().toList();
        int half = sorted.size() / 2;
        return sorted.size() % 2 == 1
                ? sorted.get(half)
                : (sorted.get(half - 1) + sorted.get(half)) / 2;
    }

    private double limitKg() {
        double middle = median(all);
        double usual = median(all.stream().map(r -> Math.abs(r - middle)).toList());
        return Math.max(STEADY_KG, FAR * usual);
    }

    /** {@return readings that jump, as they came (kg)} */
    public List<Double> jumps() {
        double middle = median(all);
        double limit = limitKg();
        return all.stream().filter(reading -> Math.abs(reading - middle) > limit).toList();
    }

    /** {@return readings that do not jump (kg)} */
    public List<Double> good() {
        List<Double> good = new ArrayList<>(all);
        good.removeAll(jumps());
        return good;
    }

    /** {@return mean of those that do not jump (kg)} */
    public double meanKg() {
        return good().stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }

    /** {@return standard deviation of those that do not jump (kg)} */
    public double spreadKg() {
        double mean = meanKg();
        List<Double> good = good();
        double squares = good.stream().mapToDouble(r -> (r - mean) * (r - mean)).sum();
        return Math.sqrt(squares / Math.max(1, good.size() - 1));
    }
}
