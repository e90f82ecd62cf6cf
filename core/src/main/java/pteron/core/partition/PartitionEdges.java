package pteron.core.partition;

import java.util.List;
import java.util.stream.Stream;
import pteron.core.geometry.Segment2;
import pteron.core.plan.Partition;
import pteron.core.quantity.Require;
import pteron.core.shell.Panel;
import pteron.core.shell.Rim;
import pteron.core.shell.RimEdge;

/**
 * The edges of a partition that are held. Immutable.
 *
 * @param floorMm level pieces of its foot (mm)
 * @param wallsMm upright pieces at walls (mm)
 * @param ceilingMm what runs under the ceiling (mm)
 */
public record PartitionEdges(List<Double> floorMm, List<Double> wallsMm, List<Double> ceilingMm) {

    /** Screws along a held edge (mm apart); common practice. */
    public static final double SCREWS_MM = 300;

    /** Tabs along a held edge (mm apart); common practice. */
    public static final double TABS_MM = 600;

    /** Slope up to which an edge is a ceiling, not a wall: run over rise. */
    private static final double CEILING_RUN = 1;

    /** Copies the lists. */
    public PartitionEdges {
        floorMm = List.copyOf(floorMm);
        wallsMm = List.copyOf(wallsMm);
        ceilingMm = List.copyOf(ceilingMm);
    }

    static PartitionEdges of(Panel panel) {
        List<RimEdge> over = panel.rim().edges();
        return new PartitionEdges(
                lengths(panel.rim().lowerEdge().stream().filter(Rim::isLevel)),
                Stream.concat(
                                over.stream()
                                        .filter(edge -> !isCeiling(edge))
                                        .map(edge -> edge.from().distance(edge.to())),
                                panel.rim().lowerEdge().stream()
                                        .filter(piece -> !Rim.isLevel(piece))
                                        .map(Segment2::lengthMm))
                        .toList(),
                over.stream()
                        .filter(PartitionEdges::isCeiling)
                        .map(edge -> edge.line().lengthMm(edge.fromMm(), edge.toMm()))
                        .toList());
    }

    private static List<Double> lengths(Stream<Segment2> pieces) {
        return pieces.map(Segment2::lengthMm).toList();
    }

    private static boolean isCeiling(RimEdge edge) {
        double run = Math.abs(edge.to().u() - edge.from().u());
        return run > CEILING_RUN * Math.abs(edge.to().v() - edge.from().v());
    }

    /** {@return the edges that a way of holding uses (mm)} */
    List<Double> held(Partition.Hold hold) {
        List<Double> above = Stream.concat(floorMm.stream(), ceilingMm.stream()).toList();
        return hold == Partition.Hold.FLOOR_AND_CEILING
                ? above
                : Stream.concat(above.stream(), wallsMm.stream()).toList();
    }

    /**
     * Fixings along an edge.
     *
     * <pre>  n = ceil(L / a) + 1  </pre>
     *
     * L length, a most apart (mm): one at each end. Source: common practice. Example: 1940 mm of screws 300 apart take 8.
     *
     * @param lengthMm length (mm), 0 or above
     * @param apartMm most apart (mm), above 0
     */
    public static int fixings(double lengthMm, double apartMm) {
        Require.notNegative("length of an edge", lengthMm, "mm");
        Require.positive("fixings apart", apartMm, "mm");
        return (int) Math.ceil(lengthMm / apartMm - 1e-9) + 1;
    }
}
