package pteron.core.curve;

import java.util.List;
import java.util.function.DoubleUnaryOperator;

/** Integrals by Gauss and Legendre's rule. Pure functions. */
final class GaussSum {

    /** Places and weights of Gauss and Legendre's rule of eight points on −1 to 1, positive half. */
    private static final double[] PLACES = {
        0.1834346424956498, 0.5255324099163290, 0.7966664774136267, 0.9602898564975363
    };

    private static final double[] WEIGHTS = {
        0.3626837833783620, 0.3137066458778873, 0.2223810344533745, 0.1012285362903763
    };

    private GaussSum() {}

    /** {@return the integral of a function over stations in rising order, by eight points between two of them} */
    static double over(List<Double> stations, DoubleUnaryOperator function) {
        double sum = 0;
        for (int i = 1; i < stations.size(); i++) {
            double half = (stations.get(i) - stations.get(i - 1)) / 2;
            double middle = stations.get(i - 1) + half;
            for (int k = 0; k < PLACES.length; k++) {
                double step = half * PLACES[k];
                sum +=
                        half
                                * WEIGHTS[k]
                                * (function.applyAsDouble(middle - step)
                                        + function.applyAsDouble(middle + step));
            }
        }
        return sum;
    }
}
