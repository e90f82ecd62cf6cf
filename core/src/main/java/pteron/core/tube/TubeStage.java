package pteron.core.tube;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.frame.Bend;
import pteron.core.frame.Frame;
import pteron.core.frame.FrameStation;
import pteron.core.frame.Member;
import pteron.core.frame.Role;
import pteron.core.mechanics.KerfBend;
import pteron.core.plan.Joining;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.shell.PanelKind;
import pteron.core.stage.Stage;

/** Counts what joins the tubes. */
public final class TubeStage {

    /** Walls whose posts stand on the floor, a plate under each. */
    private static final Set<PanelKind> WALLS =
            Set.of(
                    PanelKind.LEFT,
                    PanelKind.RIGHT,
                    PanelKind.LOWER_LEFT,
                    PanelKind.LOWER_RIGHT,
                    PanelKind.FRONT,
                    PanelKind.REAR);

    /**
     * What the joints read.
     *
     * @param joining how tubes are joined
     * @param frame the frame
     */
    public record Input(Joining joining, Frame frame) {}

    /** The stage. */
    public static final Stage<Input, Tubes> STAGE =
            new Stage<>(
                    Tubes.class,
                    given ->
                            given.find(Frame.class)
                                    .map(
                                            frame ->
                                                    new Input(
                                                            given.plan().makeUp().joining(),
                                                            frame)),
                    TubeStage::of);

    private TubeStage() {}

    /** {@return the ends of a frame's tubes and what joins them} */
    public static Tubes of(Input input) {
        List<TubeEnd> ends =
                input.frame.panels().parallelStream()
                        .map(TubeEnds::of)
                        .flatMap(List::stream)
                        .toList();
        Tubes bare = new Tubes(ends, List.of());
        return ends.isEmpty() ? bare : new Tubes(ends, figures(input, bare));
    }

    private static List<Figure> figures(Input input, Tubes tubes) {
        List<Figure> figures = new ArrayList<>();
        switch (input.joining.tubes()) {
            case WELDED -> figures.add(welds(tubes, notches(input.frame)));
            case SLEEVED -> figures.add(joints("sleeves", "Sleeves in the tubes", tubes));
            case BRACKETED -> figures.add(joints("brackets", "Brackets of the tubes", tubes));
        }
        figures.add(
                Figure.of(
                        FrameStation.FRAME.figure("end-caps"),
                        "Caps on open ends of tubes",
                        Quantity.count(tubes.caps()),
                        () -> counted(tubes)));
        long feet = feet(input.frame);
        figures.add(
                Figure.of(
                        FrameStation.FRAME.figure("foot-plates"),
                        "Plates under the posts",
                        Quantity.count(feet),
                        () ->
                                Working.of("n = corner posts of the walls that stand on the floor")
                                        .plan("n", "posts", Quantity.count(feet))
                                        .source("counted")));
        return figures;
    }

    private static long feet(Frame frame) {
        return frame.panels().stream()
                .filter(panel -> WALLS.contains(panel.panel().kind()))
                .flatMap(panel -> panel.members().stream())
                .filter(member -> member.role() == Role.CORNER_POST && member.section().isTube())
                .count();
    }

    /**
     * Welds that close the cuts of tubes bent over notches: each is welded across the outer wall and down both sides.
     *
     * <pre>  L = n · (d + 2 · t)  </pre>
     *
     * n cuts, t thickness in the plane of the bend, d depth (mm). Source: geometry. Example: 21 cuts in a tube of 25.4 ×
     * 50.8 mm give 2134 mm.
     */
    static double notchesMm(Member member) {
        return member.bend().flatMap(Bend::way).orElse(null) instanceof KerfBend notched
                ? notched.cuts() * (member.section().depthMm() + 2 * member.section().thicknessMm())
                : 0;
    }

    private static double notches(Frame frame) {
        return frame.members().stream()
                .filter(member -> member.section().isTube())
                .mapToDouble(TubeStage::notchesMm)
                .sum();
    }

    private static Figure welds(Tubes tubes, double notchesMm) {
        return Figure.of(
                FrameStation.FRAME.figure("welds"),
                "Weld length",
                metres(tubes.weldMm() + notchesMm),
                () ->
                        Working.of("L = all round each end that meets another tube + cuts of bends")
                                .worked(
                                        "L1",
                                        "at the ends, a mitre welded once for two",
                                        metres(tubes.weldMm()),
                                        () -> byPanel(tubes))
                                .plan("L2", "cuts that are closed", metres(notchesMm))
                                .source("geometry; welding is for a trained hand"));
    }

    private static Figure joints(String key, String name, Tubes tubes) {
        return Figure.of(
                FrameStation.FRAME.figure(key),
                name,
                Quantity.count(tubes.joints()),
                () -> counted(tubes));
    }

    private static Working counted(Tubes tubes) {
        Working.Builder working = Working.of("n = butts + mitres / 2; open ends want a cap");
        for (TubeEnd.Kind kind : TubeEnd.Kind.values()) {
            long count = tubes.ends().stream().filter(end -> end.kind() == kind).count();
            working.plan("n", "ends, " + kind.label(), Quantity.count(count));
        }
        return working.source("counted");
    }

    private static Working byPanel(Tubes tubes) {
        Map<String, Double> welds =
                tubes.ends().stream()
                        .collect(
                                Collectors.groupingBy(
                                        end -> end.member().panel().id(),
                                        TreeMap::new,
                                        Collectors.summingDouble(TubeEnd::weldMm)));
        Working.Builder working = Working.of("L = sum of the panels");
        welds.forEach((panel, mm) -> working.plan("L", panel, metres(mm)));
        return working.source("geometry");
    }

    private static Quantity metres(double mm) {
        return new Quantity(mm / 1000, Unit.METRE);
    }
}
