package pteron.core.partition;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pteron.core.carrier.Carrier;
import pteron.core.figure.Cure;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.figure.Working;
import pteron.core.frame.FrameStation;
import pteron.core.plan.Partition;
import pteron.core.plan.Partition.Hold;
import pteron.core.plan.Wall;
import pteron.core.quantity.Quantity;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Shell;
import pteron.core.stage.Given;
import pteron.core.stage.Stage;

/** What holds the walls inside, and whether a cross-member lies under them. */
public final class PartitionStage {

    /** As far a partition is worth moving onto a cross-member (mm); common practice: a hand and a half. */
    private static final double NEAR_MM = 150;

    /**
     * What it reads.
     *
     * @param partitions as planned
     * @param panels as they find room, in that order
     * @param crossMembersMm middles of the carrier's cross-members behind the box's front face (mm)
     */
    public record Input(
            List<Partition> partitions, List<Panel> panels, List<Double> crossMembersMm) {

        /** Copies the lists. */
        public Input {
            partitions = List.copyOf(partitions);
            panels = List.copyOf(panels);
            crossMembersMm = List.copyOf(crossMembersMm);
        }
    }

    /** The stage. */
    public static final Stage<Input, Partitions> STAGE =
            new Stage<>(
                    Partitions.class,
                    given ->
                            given.find(Shell.class)
                                    .filter(Shell::usable)
                                    .map(shell -> reads(given, shell)),
                    PartitionStage::of);

    private PartitionStage() {}

    private static Input reads(Given given, Shell shell) {
        List<Partition> partitions = given.plan().partitions();
        return new Input(
                partitions,
                shell.panels().stream()
                        .filter(panel -> panel.kind() == PanelKind.PARTITION)
                        .toList(),
                partitions.isEmpty() ? List.of() : given.get(Carrier.class).crossMembersMm());
    }

    /** {@return what holds the partitions that find room} */
    public static Partitions of(Input input) {
        List<Held> all = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < input.partitions.size(); i++) {
            Partition one = input.partitions.get(i);
            String id = new Wall(Wall.Part.PARTITION, i + 1).id();
            input.panels.stream()
                    .filter(panel -> panel.id().equals(id))
                    .map(panel -> new Held(one, PartitionEdges.of(panel)))
                    .forEach(all::add);
            beside(one, input.crossMembersMm)
                    .ifPresent(shift -> findings.add(beside(id, one, shift)));
        }
        return new Partitions(figures(all), findings);
    }

    private record Held(Partition one, PartitionEdges edges) {
        int fixings(double apartMm) {
            return edges.held(one.hold()).stream()
                    .mapToInt(length -> PartitionEdges.fixings(length, apartMm))
                    .sum();
        }
    }

    private static List<Figure> figures(List<Held> all) {
        List<Figure> figures = new ArrayList<>();
        List<Held> tabbed = all.stream().filter(held -> held.one.hold() == Hold.TABS).toList();
        List<Held> screwed = all.stream().filter(held -> held.one.hold() != Hold.TABS).toList();
        if (!screwed.isEmpty()) {
            figures.add(
                    fixings(
                            "partition-screws",
                            "Screws that hold partitions",
                            screwed,
                            PartitionEdges.SCREWS_MM));
        }
        if (!tabbed.isEmpty()) {
            figures.add(
                    fixings(
                            "partition-tabs",
                            "Tabs of partitions, each in a pocket",
                            tabbed,
                            PartitionEdges.TABS_MM));
        }
        return figures;
    }

    private static Figure fixings(String key, String name, List<Held> held, double apartMm) {
        return Figure.of(
                FrameStation.FRAME.figure(key),
                name,
                Quantity.count(held.stream().mapToInt(one -> one.fixings(apartMm)).sum()),
                () -> {
                    Working.Builder working =
                            Working.of("n = sum of L / a rounded up, and one, of each held edge")
                                    .standard("a", "most apart", Quantity.mm(apartMm));
                    held.forEach(
                            one ->
                                    one.edges
                                            .held(one.one.hold())
                                            .forEach(
                                                    length ->
                                                            working.plan(
                                                                    "L",
                                                                    one.one.name() + ", an edge",
                                                                    Quantity.mm(length))));
                    return working.source("common practice");
                });
    }

    /** {@return how far back a near cross-member lies that a partition across does not stand on (mm)} */
    private static Optional<Double> beside(Partition one, List<Double> crossMembersMm) {
        double middle = one.placeMm() + one.thicknessMm() / 2;
        return crossMembersMm.stream()
                .filter(member -> one.run() == Partition.Run.ACROSS)
                .map(member -> member - middle)
                .min(Comparator.comparingDouble(Math::abs))
                .filter(shift -> Math.abs(shift) > one.thicknessMm() / 2)
                .filter(shift -> Math.abs(shift) <= NEAR_MM);
    }

    private static Finding beside(String id, Partition one, double shiftMm) {
        String kind = shiftMm > 0 ? "MOVE_PARTITION_BACK" : "MOVE_PARTITION_AHEAD";
        return new Finding(
                "PARTITION_BESIDE_CROSS_MEMBER",
                Severity.NOTE,
                Place.of(FrameStation.FRAME, id).at(one.placeMm(), 0),
                Quantity.mm(Math.abs(shiftMm)),
                Limit.atMost(Quantity.mm(one.thicknessMm() / 2)),
                Cure.press(kind, Quantity.mm(Math.abs(shiftMm)), id, shiftMm));
    }
}
