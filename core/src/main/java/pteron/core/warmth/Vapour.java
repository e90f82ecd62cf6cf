package pteron.core.warmth;

import java.util.ArrayList;
import java.util.List;
import pteron.core.plan.Climate;
import pteron.core.quantity.Require;
import pteron.core.quantity.Tolerance;

/**
 * Whether and where vapour condenses between layers in a steady winter month.
 *
 * <p>Over the diffusion resistance of the layers the vapour pressure takes the tightest line from inside to
 * outside that stays under the saturation pressure (the convex line of a taut string); where it touches,
 * water condenses:
 *
 * <pre>  g = d0 · ((pi − pc) / si − (pc − pe) / se)  </pre>
 *
 * d0 = 2e-10 kg/(m·s·Pa), s thickness of still air that holds back as much (m), pc saturation at the place.
 *
 * <p>Holds in the bay, for layers that take up no water; air that leaks in brings far more. Source: ISO 13788,
 * chapter 6 (Glaser). Example: from 1402 Pa over s 1.0 to 400 Pa where it condenses, on over s 10 to 341 Pa:
 * g = 2e-10 · (1002 − 5.9) = 1.992e-7 kg/(m²·s).
 *
 * @param places where water condenses, from the inside; may be none
 * @param pressures vapour pressure between the layers, one more than layers (Pa)
 * @param saturations saturation pressure there (Pa)
 */
public record Vapour(List<Place> places, List<Double> pressures, List<Double> saturations) {

    /** Water below which none gathers (g/m² in a month): what the arithmetic loses. */
    private static final double LEAST_GRAMS = 1e-6;

    /** Permeability of still air (kg/(m·s·Pa)): ISO 13788. */
    public static final double STILL_AIR = 2e-10;

    /** Seconds of a month of thirty days. */
    public static final double MONTH_SECONDS = 30 * 86400.0;

    private static final double LEAST_METRES = 1e-6;

    /**
     * A place where water condenses.
     *
     * @param interfaceIndex between which layers: 1 is behind the first one from the inside
     * @param gramsPerMonth water in a month (g/m²), above 0
     */
    public record Place(int interfaceIndex, double gramsPerMonth) {}

    /** Copies the lists. */
    public Vapour {
        places = List.copyOf(places);
        pressures = List.copyOf(pressures);
        saturations = List.copyOf(saturations);
    }

    /** {@return water that condenses in a month, all places together (g/m²)} */
    public double gramsPerMonth() {
        return places.stream().mapToDouble(Place::gramsPerMonth).sum();
    }

    /** {@return what vapour does in the bay of a wall} */
    public static Vapour of(WarmWall wall, Climate climate) {
        List<Double> saturations =
                wall
                        .temperatures(
                                WarmLayer.Path.BAY,
                                climate.inside().celsius(),
                                climate.outside().celsius())
                        .stream()
                        .map(HumidAir::saturationPressure)
                        .toList();
        double[] metres = new double[saturations.size()];
        for (int i = 1; i < metres.length; i++) {
            double layer = wall.layers().get(i - 1).stillAirMetres();
            metres[i] = metres[i - 1] + Math.max(layer, LEAST_METRES);
        }
        return of(
                metres,
                saturations,
                HumidAir.pressure(climate.inside().celsius(), climate.inside().humidityPercent()),
                HumidAir.pressure(
                        climate.outside().celsius(), climate.outside().humidityPercent()));
    }

    /**
     * {@return the taut line under saturations}
     *
     * @param metres still air from the inner surface to each interface, 0 first, rising (m)
     * @param saturations saturation pressure at each (Pa)
     * @param inside vapour pressure inside (Pa)
     * @param outside vapour pressure outside (Pa)
     */
    static Vapour of(double[] metres, List<Double> saturations, double inside, double outside) {
        Require.positive("vapour pressure inside", inside, "Pa");
        int last = metres.length - 1;
        double[] line = new double[metres.length];
        line[0] = Math.min(inside, saturations.getFirst());
        line[last] = Math.min(outside, saturations.get(last));
        List<Integer> touches = new ArrayList<>(List.of(0));
        int at = 0;
        while (at < last) {
            int next = steepest(metres, saturations, line, at);
            for (int i = at + 1; i <= next; i++) {
                double share = (metres[i] - metres[at]) / (metres[next] - metres[at]);
                double end = next == last ? line[last] : saturations.get(next);
                line[i] = line[at] + share * (end - line[at]);
            }
            touches.add(next);
            at = next;
        }
        return new Vapour(places(metres, line, touches), list(line), saturations);
    }

    /** {@return the next place that a taut line from here touches: that of the least rise} */
    private static int steepest(
            double[] metres, List<Double> saturations, double[] line, int from) {
        int last = metres.length - 1;
        int best = last;
        double least = (line[last] - line[from]) / (metres[last] - metres[from]);
        for (int i = from + 1; i < last; i++) {
            double slope = (saturations.get(i) - line[from]) / (metres[i] - metres[from]);
            if (slope < least - Tolerance.DIRECTION) {
                least = slope;
                best = i;
            }
        }
        return best;
    }

    private static List<Place> places(double[] metres, double[] line, List<Integer> touches) {
        List<Place> places = new ArrayList<>();
        for (int k = 1; k < touches.size() - 1; k++) {
            int before = touches.get(k - 1);
            int here = touches.get(k);
            int after = touches.get(k + 1);
            double in = (line[before] - line[here]) / (metres[here] - metres[before]);
            double out = (line[here] - line[after]) / (metres[after] - metres[here]);
            double grams = STILL_AIR * (in - out) * MONTH_SECONDS * 1000;
            if (grams > LEAST_GRAMS) {
                places.add(new Place(here, grams));
            }
        }
        return places;
    }

    private static List<Double> list(double[] values) {
        List<Double> list = new ArrayList<>();
        for (double value : values) {
            list.add(value);
        }
        return list;
    }
}
