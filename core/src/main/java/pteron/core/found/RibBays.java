package pteron.core.found;

import java.util.ArrayList;
import java.util.List;
import pteron.core.quantity.Require;

/** Room for foam between the ribs of a shell that is there. */
public final class RibBays {

    /** Narrowest piece that is worth cutting (mm); common practice: what is left is foamed. */
    private static final double NARROWEST_MM = 30;

    private RibBays() {}

    /**
     * Bays between ribs.
     *
     * <pre>  w = x(k+1) − x(k) − b − 2 g  </pre>
     *
     * x middles of ribs and ends of the room, b width of a rib, g gap for expanding foam (mm). Source: geometry. Example: ribs
     * of 40 at 300 and 712, a gap of 6: 360 mm.
     *
     * @param ribsMm middles, rising (mm)
     * @param ribMm width of a rib (mm), above 0
     * @param gapMm gap at each side (mm), 0 or above
     * @param fromMm where the room begins (mm)
     * @param toMm where it ends (mm)
     * @return where each piece begins and ends (mm)
     */
    public static List<double[]> between(
            List<Double> ribsMm, double ribMm, double gapMm, double fromMm, double toMm) {
        Require.positive("width of a rib", ribMm, "mm");
        Require.notNegative("gap round the foam", gapMm, "mm");
        List<double[]> bays = new ArrayList<>();
        double from = fromMm;
        for (double rib : ribsMm) {
            bay(from + gapMm, Math.min(rib - ribMm / 2, toMm) - gapMm, bays);
            from = Math.max(from, rib + ribMm / 2);
        }
        bay(from + gapMm, toMm - gapMm, bays);
        return bays;
    }

    private static void bay(double from, double to, List<double[]> bays) {
        if (to - from >= NARROWEST_MM) {
            bays.add(new double[] {from, to});
        }
    }
}
