package pteron.core.warmth;

import java.util.ArrayList;
import java.util.List;

/** Breaks of a section along one axis, fine where something thin or near an edge lies. */
final class Grid {

    private Grid() {}

    /**
     * {@return cell widths between breaks, every stretch cut into the same number of cells, narrow at both
     * ends (mm)}
     *
     * @param breaks where the stuff changes, rising (mm)
     * @param cells cells of each stretch, even
     */
    static double[] graded(List<Double> breaks, int cells) {
        List<Double> widths = new ArrayList<>();
        for (int i = 1; i < breaks.size(); i++) {
            double length = breaks.get(i) - breaks.get(i - 1);
            for (int n = 0; n < cells; n++) {
                widths.add(length * (share(n + 1, cells) - share(n, cells)));
            }
        }
        return widths.stream().mapToDouble(Double::doubleValue).toArray();
    }

    /** A half turn of a cosine: the first and last cell are the narrowest. */
    private static double share(int cell, int cells) {
        return (1 - Math.cos(Math.PI * cell / cells)) / 2;
    }

    /** {@return middles of cells (mm)} */
    static double[] middles(double[] widths) {
        double[] middles = new double[widths.length];
        double at = 0;
        for (int i = 0; i < widths.length; i++) {
            middles[i] = at + widths[i] / 2;
            at += widths[i];
        }
        return middles;
    }
}
