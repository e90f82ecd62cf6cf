package pteron.core.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.opening.Openings;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.PlanArbitraries;
import pteron.core.plan.SetOut;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Skin;
import pteron.core.skin.Seam;
import pteron.core.skin.Skins;

/** Nothing overlaps, nothing is missing along a sheet edge: for boxes by chance. */
class FramePropertiesTest {

    private static final int TRIES = 100;

    /** Fixed, so that a run can be repeated; change it to look further. */
    private static final String SEED = "20261125";

    @Provide
    Arbitrary<BoxPlan> plans() {
        return PlanArbitraries.plans();
    }

    /** {@return a plan without the openings that clash with something} */
    private static BoxPlan clear(BoxPlan plan) {
        List<String> clashing =
                BoxModel.of(plan, MaterialLibrary.starting()).findings().stream()
                        .map(finding -> finding.place().part())
                        .toList();
        BoxPlan clear =
                plan.withOpenings(
                        plan.openings().stream()
                                .filter(opening -> !clashing.contains(opening.id()))
                                .toList());
        return clear.equals(plan) ? plan : clear(clear);
    }

    private static BoxModel built(BoxPlan plan) {
        return SetOut.of(BoxModel.of(plan, MaterialLibrary.starting()).built());
    }

    @Property(tries = TRIES, seed = SEED)
    void membersOfAPanel_shareNoRoom(@ForAll("plans") BoxPlan plan) {
        BoxModel built = built(plan);
        for (PanelFrame frame : built.get(Frame.class).panels()) {
            List<Member> members = frame.members();
            for (int i = 0; i < members.size(); i++) {
                for (int j = i + 1; j < members.size(); j++) {
                    assertThat(FrameCheck.sharedMm2(members.get(i), members.get(j)))
                            .as("%s and %s", members.get(i).name(), members.get(j).name())
                            .isLessThan(FrameCheck.SHARED_MM2);
                }
            }
        }
    }

    @Property(tries = TRIES, seed = SEED)
    void members_stayInTheirPanel_andClearOfOpenings(@ForAll("plans") BoxPlan plan) {
        BoxModel built = built(plan);
        for (Member member : built.get(Frame.class).members()) {
            double outside =
                    member.profile().area() - member.profile().sharedArea(member.panel().frame());
            assertThat(outside).as(member.name()).isLessThan(1);
        }
        List<String> stops =
                built.get(Openings.class).findings().stream().map(f -> f.place().part()).toList();
        built.get(Openings.class).placed().stream()
                .filter(one -> !stops.contains(one.opening().id()) && one.isClearOfEdges())
                .forEach(
                        one ->
                                built.get(Frame.class).members().stream()
                                        .filter(m -> m.panel().id().equals(one.panel().id()))
                                        .forEach(
                                                m ->
                                                        assertThat(
                                                                        m.profile()
                                                                                .sharedArea(
                                                                                        Polygon2
                                                                                                .rectangle(
                                                                                                        one
                                                                                                                .clear())))
                                                                .as(
                                                                        "%s in %s",
                                                                        m.name(),
                                                                        one.opening().name())
                                                                .isLessThan(1)));
    }

    /** Members of different panels as bodies: an area in the side elevation and a stretch across. */
    @Property(tries = TRIES, seed = SEED)
    void membersOfDifferentPanels_shareNoRoom(@ForAll("plans") BoxPlan plan) {
        BoxModel built = built(plan);
        List<Body> bodies = built.get(Frame.class).members().stream().map(Body::of).toList();
        for (int i = 0; i < bodies.size(); i++) {
            for (int j = i + 1; j < bodies.size(); j++) {
                Body one = bodies.get(i);
                Body other = bodies.get(j);
                if (!one.member().panel().id().equals(other.member().panel().id())
                        && one.mayTouch(other)) {
                    assertThat(one.side().sharedArea(other.side()))
                            .as("%s and %s", one.member().name(), other.member().name())
                            .isLessThan(3);
                }
            }
        }
    }

    /**
     * Every seam has timber behind it, on both sides of it, but for what openings close to it cut away: there
     * the finding says so.
     */
    @Property(tries = TRIES, seed = SEED)
    void seams_areBackedOrSaid(@ForAll("plans") BoxPlan plan) {
        BoxModel built = built(clear(plan));
        for (Seam seam : built.get(Skins.class).seams()) {
            if (!seam.backed()) {
                assertThat(nearOpening(built, seam))
                        .as("seam of %s at %s", seam.panel().id(), seam.line())
                        .isTrue();
            } else if (seam.skin().face() != Skin.Face.FLOOR_TOP) {
                for (double aside : new double[] {-5, 5}) {
                    assertThat(uncovered(built, seam, aside))
                            .as(
                                    "seam of %s %s at %s",
                                    seam.panel().id(), seam.skin().face(), seam.line())
                            .isLessThan(90);
                }
            }
        }
    }

    private static boolean nearOpening(BoxModel built, Seam seam) {
        return built.get(Openings.class).in(seam.panel()).stream()
                .anyMatch(
                        one ->
                                one.clear()
                                        .grown(200)
                                        .overlaps(
                                                new Bounds2(
                                                        Math.min(
                                                                        seam.line().from().u(),
                                                                        seam.line().to().u())
                                                                - 1,
                                                        Math.max(
                                                                        seam.line().from().u(),
                                                                        seam.line().to().u())
                                                                + 1,
                                                        Math.min(
                                                                        seam.line().from().v(),
                                                                        seam.line().to().v())
                                                                - 1,
                                                        Math.max(
                                                                        seam.line().from().v(),
                                                                        seam.line().to().v())
                                                                + 1)));
    }

    private static double uncovered(BoxModel built, Seam seam, double aside) {
        Point2 way = seam.line().to().minus(seam.line().from()).unit().leftNormal().times(aside);
        Segment2 line = new Segment2(seam.line().from().plus(way), seam.line().to().plus(way));
        PanelFrame frame =
                built.get(Frame.class).panels().stream()
                        .filter(p -> p.panel().id().equals(seam.panel().id()))
                        .findFirst()
                        .orElseThrow();
        boolean outside = seam.skin().isOutside();
        List<Polygon2> timber = new ArrayList<>();
        frame.members().stream()
                .filter(m -> outside ? m.reachesOuterFace() : m.reachesInnerFace())
                .forEach(m -> timber.add(m.profile()));
        // where a seam runs along an opening, its other side is the opening
        built.get(Openings.class)
                .in(seam.panel())
                .forEach(one -> timber.add(Polygon2.rectangle(one.clear())));
        return frame.panel().frame().cut(line).stream()
                .flatMap(inside -> Polygon2.uncovered(inside, timber).stream())
                .mapToDouble(Segment2::lengthMm)
                .max()
                .orElse(0);
    }

    /** Edges of the linings and of the strip's outer skins have timber behind them all round. */
    @Property(tries = TRIES, seed = SEED)
    void outerEdges_areBacked(@ForAll("plans") BoxPlan plan) {
        BoxModel built = built(clear(plan));
        for (PanelFrame frame : built.get(Frame.class).panels()) {
            if (frame.panel().kind() != PanelKind.FLOOR) {
                edgesBacked(built, frame, Skin.Face.INNER);
                if (!frame.panel().kind().isSide()) {
                    edgesBacked(built, frame, Skin.Face.OUTER);
                }
            }
        }
    }

    private static void edgesBacked(BoxModel built, PanelFrame frame, Skin.Face face) {
        Panel panel = frame.panel();
        boolean packed = panel.rips().startPackMm() > 0 || panel.rips().endPackMm() > 0;
        List<Polygon2> backing = new ArrayList<>();
        frame.members().stream()
                .filter(m -> face == Skin.Face.OUTER ? m.reachesOuterFace() : m.reachesInnerFace())
                .forEach(m -> backing.add(m.profile()));
        built.get(Openings.class)
                .in(panel)
                .forEach(one -> backing.add(Polygon2.rectangle(one.clear())));
        Bounds2 area = panel.skin(face).area().bounds();
        Bounds2 room = panel.frame().bounds();
        // 5 mm inside the edge of the sheet, or where the frame begins if that is further in
        double left = Math.max(area.fromU() + 5, room.fromU() + 1);
        double right = Math.min(area.toU() - 5, room.toU() - 1);
        double low = Math.max(area.fromV() + 5, room.fromV() + 1);
        double high = Math.min(area.toV() - 5, room.toV() - 1);
        if (!panel.kind().isSide() && !packed) {
            List<Segment2> edges =
                    List.of(
                            new Segment2(new Point2(left, low), new Point2(left, high)),
                            new Segment2(new Point2(right, low), new Point2(right, high)),
                            new Segment2(new Point2(left, low), new Point2(right, low)),
                            new Segment2(new Point2(left, high), new Point2(right, high)));
            for (Segment2 edge : edges) {
                double open =
                        Polygon2.uncovered(edge, backing).stream()
                                .mapToDouble(Segment2::lengthMm)
                                .max()
                                .orElse(0);
                assertThat(open).as("%s %s edge %s", panel.id(), face, edge).isLessThan(60);
            }
        }
    }
}
