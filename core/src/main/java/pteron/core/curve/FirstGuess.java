package pteron.core.curve;

import java.util.List;
import org.ejml.data.DMatrixRMaj;
import pteron.core.geometry.Point2;

/** The natural cubic spline over the chords of points, from which a batten is sought. */
final class FirstGuess {

    private FirstGuess() {}

    /** {@return for each stretch direction, curvature, slope of the curvature and length} */
    static DMatrixRMaj of(List<Point2> points) {
        int stretches = points.size() - 1;
        double[] chords = new double[stretches];
        for (int i = 0; i < stretches; i++) {
            chords[i] = points.get(i).distance(points.get(i + 1));
        }
        double[] u = second(points.stream().mapToDouble(Point2::u).toArray(), chords);
        double[] v = second(points.stream().mapToDouble(Point2::v).toArray(), chords);
        double[] angles = new double[points.size()];
        double[] bends = new double[points.size()];
        for (int i = 0; i < points.size(); i++) {
            Point2 way = way(points, chords, u, v, i);
            double angle = Math.atan2(way.v(), way.u());
            // directions follow each other without a jump of a whole turn
            double before = i == 0 ? angle : angles[i - 1];
            angles[i] = before + Math.IEEEremainder(angle - before, 2 * Math.PI);
            bends[i] = way.cross(new Point2(u[i], v[i])) / Math.pow(way.length(), 3);
        }
        DMatrixRMaj guess = new DMatrixRMaj(4 * stretches, 1);
        for (int i = 0; i < stretches; i++) {
            guess.set(4 * i, angles[i]);
            guess.set(4 * i + 1, bends[i]);
            guess.set(4 * i + 2, (bends[i + 1] - bends[i]) / chords[i]);
            guess.set(4 * i + 3, chords[i]);
        }
        return guess;
    }

    private static Point2 way(List<Point2> points, double[] chords, double[] u, double[] v, int i) {
        boolean last = i == chords.length;
        int j = last ? i - 1 : i;
        double h = chords[j];
        Point2 chord = points.get(j + 1).minus(points.get(j)).times(1 / h);
        Point2 here = new Point2(u[j], v[j]);
        Point2 next = new Point2(u[j + 1], v[j + 1]);
        return last
                ? chord.plus(here.plus(next.times(2)).times(h / 6))
                : chord.minus(here.times(2).plus(next).times(h / 6));
    }

    /** {@return second derivatives of the natural spline; tridiagonal, solved from front to back} */
    private static double[] second(double[] values, double[] chords) {
        int n = values.length;
        double[] diagonal = new double[n];
        double[] right = new double[n];
        for (int i = 1; i < n - 1; i++) {
            double h = chords[i - 1];
            double k = chords[i];
            diagonal[i] = 2 * (h + k);
            right[i] = 6 * ((values[i + 1] - values[i]) / k - (values[i] - values[i - 1]) / h);
            if (i > 1) {
                double factor = h / diagonal[i - 1];
                diagonal[i] -= factor * h;
                right[i] -= factor * right[i - 1];
            }
        }
        double[] second = new double[n];
        for (int i = n - 2; i > 0; i--) {
            second[i] = (right[i] - chords[i] * second[i + 1]) / diagonal[i];
        }
        return second;
    }
}
