package pteron.core.warmth;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pteron.core.plan.Climate;
import pteron.core.warmth.WarmLayer.Path;

/**
 * A floor, wall or roof as heat sees it. Immutable.
 *
 * @param part {@code floor}, {@code walls} or {@code roof}
 * @param layers from the inside to the outside
 * @param memberShare share of the area that members take, 0 to 1
 * @param gapShare share that gaps round the foam take, 0 to 1
 * @param surfaces resistance of the air
 * @param metal the members where they are of metal, else empty
 */
public record WarmWall(
        String part,
        List<WarmLayer> layers,
        double memberShare,
        double gapShare,
        Surfaces surfaces,
        Optional<MetalBar> metal) {

    /** Copies the layers. */
    public WarmWall {
        layers = List.copyOf(layers);
    }

    /** {@return whether the members are of metal} */
    public boolean metalFrame() {
        return metal.isPresent();
    }

    /** {@return its layers with the shares of members and gaps} */
    WarmBay bay() {
        return new WarmBay(layers, memberShare, gapShare, surfaces);
    }

    private Map<Path, Double> shares() {
        Map<Path, Double> shares = new EnumMap<>(Path.class);
        shares.put(Path.BAY, 1 - memberShare - gapShare);
        shares.put(Path.MEMBER, memberShare);
        shares.put(Path.GAP, gapShare);
        return shares;
    }

    /** {@return resistance from air to air on one path (m²·K/W)} */
    public double resistance(Path path) {
        double layer = layers.stream().mapToDouble(one -> one.resistance(path)).sum();
        return surfaces.inside() + layer + surfaces.outside();
    }

    /**
     * Upper limit of the resistance: paths side by side from air to air.
     *
     * <pre>  1/R' = fa/Ra + fb/Rb + …  </pre>
     *
     * <p>Source: ISO 6946:2017, 6.7.2.3. Example: two paths of R 2.5 (80 %) and 1.0 (20 %) give 1/(0.32 + 0.2) =
     * 1.923.
     *
     * @return R' (m²·K/W)
     */
    public double upperLimit() {
        double sum = 0;
        for (Map.Entry<Path, Double> share : shares().entrySet()) {
            sum += share.getValue() / resistance(share.getKey());
        }
        return 1 / sum;
    }

    /**
     * Lower limit of the resistance: every layer levels its temperatures out.
     *
     * <pre>  R'' = Rsi + R1 + R2 + … + Rse,   1/Rj = fa/Raj + fb/Rbj + …  </pre>
     *
     * <p>Source: ISO 6946:2017, 6.7.2.4. Example: a layer of R 2.0 (80 %) and 0.5 (20 %) counts 1/(0.4 + 0.4) = 1.25.
     *
     * @return R'' (m²·K/W)
     */
    public double lowerLimit() {
        double sum = surfaces.inside() + surfaces.outside();
        for (WarmLayer layer : layers) {
            double inverse = 0;
            for (Map.Entry<Path, Double> share : shares().entrySet()) {
                inverse += share.getValue() / layer.resistance(share.getKey());
            }
            sum += 1 / inverse;
        }
        return sum;
    }

    /**
     * Resistance from air to air.
     *
     * <pre>  R = (R' + R'') / 2;   with a metal frame R = ΔT / q of the two-dimensional section  </pre>
     *
     * The mean of the limits does not hold where metal goes through the foam; there the section is solved.
     *
     * <p>Source: ISO 6946:2017, 6.7.2.2; with metal the method of ISO 10211, from memory.
     * Example: the mean of 1.923 and 1.7 is 1.812.
     *
     * @return R (m²·K/W)
     */
    public double resistance() {
        return metal.filter(bar -> memberShare > 0 && memberShare < 1)
                .filter(bar -> layers.stream().anyMatch(bar::standsIn))
                .map(bar -> 1 / MetalSection.transmittance(bay(), bar, MetalSection.CELLS))
                .orElseGet(() -> (upperLimit() + lowerLimit()) / 2);
    }

    /** {@return the coldest place on its inner surface (°C)} */
    public double coldest(Climate climate) {
        double inside = climate.inside().celsius();
        double outside = climate.outside().celsius();
        double coldest = Double.POSITIVE_INFINITY;
        for (Path path : memberShare > 0 ? Path.values() : new Path[] {Path.BAY}) {
            coldest = Math.min(coldest, temperatures(path, inside, outside).getFirst());
        }
        return coldest;
    }

    /** {@return heat that goes through for a degree and a square metre (W/(m²·K))} */
    public double transmittance() {
        return 1 / resistance();
    }

    /**
     * {@return temperatures on a path: of the inner surface, between the layers, of the outer surface; one
     * more than layers (°C)}
     *
     * @param path the path
     * @param insideC air inside (°C)
     * @param outsideC air outside (°C)
     */
    public List<Double> temperatures(Path path, double insideC, double outsideC) {
        double flow = (insideC - outsideC) / resistance(path);
        double here = insideC - flow * surfaces.inside();
        List<Double> temperatures = new ArrayList<>(List.of(here));
        for (WarmLayer layer : layers) {
            here -= flow * layer.resistance(path);
            temperatures.add(here);
        }
        return temperatures;
    }
}
