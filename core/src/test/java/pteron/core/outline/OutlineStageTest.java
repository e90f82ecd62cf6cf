package pteron.core.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import pteron.core.edit.Cures;
import pteron.core.figure.Figure;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.Box;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.PlanArbitraries;
import pteron.core.plan.SamplePlans;
import pteron.core.plan.StartingPlans;

class OutlineStageTest {

    private static final double EXACT = 1e-6;

    private static Outline outline(double... xz) {
        List<OutlinePoint> points = new ArrayList<>();
        for (int i = 0; i < xz.length; i += 2) {
            points.add(new OutlinePoint(xz[i], xz[i + 1]));
        }
        return OutlineStage.of(new Box(points, 2000, 0));
    }

    private static double figure(Outline outline, String key) {
        return outline.figures().stream()
                .filter(f -> f.key().equals(key))
                .mapToDouble(Figure::value)
                .findFirst()
                .orElseThrow();
    }

    /** 4300 × 2160 less the triangle of the nose, 560 × 1210 / 2: by hand. */
    @Test
    void rakedNose_measures() {
        Outline outline = OutlineStage.of(SamplePlans.rakedNose().box());
        assertThat(outline.usable()).isTrue();
        assertThat(outline.areaMm2()).isCloseTo(4300 * 2160 - 560 * 1210 / 2.0, within(EXACT));
        assertThat(outline.edges())
                .extracting(Edge::kind)
                .containsExactly(EdgeKind.FRONT, EdgeKind.NOSE, EdgeKind.ROOF, EdgeKind.REAR);
        assertThat(figure(outline, "outline.strip.1"))
                .isCloseTo(Math.hypot(560, 1210), within(EXACT));
        assertThat(figure(outline, "outline.strip-total"))
                .isCloseTo(950 + Math.hypot(560, 1210) + 3740 + 2160, within(EXACT));
        assertThat(figure(outline, "outline.volume")).isCloseTo(8.9492 * 2.05, within(1e-4));
    }

    /** Common practice: a 45° slope is closed with 22.5° on each piece. */
    @Test
    void mitre_workedExample() {
        assertThat(Corner.mitre(45)).isEqualTo(22.5);
        Outline chamfered = outline(0, 0, 0, 1000, 500, 1500, 3000, 1500, 3000, 0);
        assertThat(chamfered.corners().get(0).mitreDegrees()).isCloseTo(22.5, within(EXACT));
        assertThat(chamfered.corners().get(1).mitreDegrees()).isCloseTo(22.5, within(EXACT));
        assertThat(chamfered.corners().get(2).mitreDegrees()).isCloseTo(45, within(EXACT));
    }

    @Test
    void turns_addUpToHalfACircle() {
        Outline outline = OutlineStage.of(SamplePlans.slopedTail().box());
        assertThat(outline.corners().stream().mapToDouble(Corner::turnDegrees).sum())
                .isCloseTo(180, within(EXACT));
    }

    @Test
    void upright_workedExample() {
        Upright upright = Upright.under(1200, 38, 30);
        assertThat(upright.rearFaceMm()).isCloseTo(1221.939, within(0.0005));
        assertThat(upright.longSideMm()).isEqualTo(upright.rearFaceMm());
        assertThat(upright.bevelDegrees()).isEqualTo(30);
    }

    @Test
    void upright_onTheNose() {
        Outline outline = OutlineStage.of(SamplePlans.rakedNose().box());
        Upright upright = outline.upright(280, 38).orElseThrow();
        assertThat(upright.frontFaceMm()).isCloseTo(950 + 1210 / 2.0, within(EXACT));
        assertThat(upright.rearFaceMm()).isCloseTo(950 + 1210 * 318 / 560.0, within(EXACT));
        assertThat(outline.upright(4290, 38)).isEmpty();
    }

    @Test
    void notClosed_notOnFloor_crossing_backwards_short() {
        assertThat(codes(outline(0, 0, 0, 1000, 2000, 1000, 2000, 300)))
                .containsExactly("OUTLINE_NOT_CLOSED");
        assertThat(codes(outline(0, 200, 0, 1000, 2000, 1000, 2000, 0)))
                .containsExactly("OUTLINE_NOT_ON_FLOOR");
        assertThat(codes(outline(0, 0, 2000, 1000, 0, 1000, 2000, 0)))
                .containsExactly("OUTLINE_CROSSES_ITSELF");
        assertThat(codes(outline(2000, 0, 2000, 1000, 0, 1000, 0, 0)))
                .containsExactly("OUTLINE_RUNS_BACKWARDS");
        assertThat(codes(outline(0, 0, 0, 1000, 5, 1005, 2000, 1000, 2000, 0)))
                .containsExactly("OUTLINE_EDGE_TOO_SHORT");
    }

    @Test
    void notClosed_cureClosesIt() {
        Outline open = outline(0, 0, 0, 1000, 2000, 1000, 2000, 300);
        var plan = StartingPlans.square();
        Box box =
                plan.box()
                        .withOutline(
                                open.points().stream()
                                        .map(p -> new OutlinePoint(p.u(), p.v()))
                                        .toList());
        var cured = Cures.apply(plan.withBox(box), open.findings().getFirst().cure());
        assertThat(OutlineStage.of(cured.box()).usable()).isTrue();
    }

    /** A length of nothing puts all corners on one line or one point: that is found, and nothing throws. */
    @Test
    void noLength_isFound() {
        for (BoxPlan plan :
                List.of(
                        StartingPlans.square(),
                        SamplePlans.rakedNose(),
                        SamplePlans.slopedTail())) {
            BoxPlan flat =
                    plan.withBox(
                            plan.box()
                                    .withOutline(
                                            plan.box().outline().stream()
                                                    .map(point -> point.at(700, point.zMm()))
                                                    .toList()));
            assertThat(BoxModel.of(flat, MaterialLibrary.starting()).findings()).isNotEmpty();
        }
        assertThat(codes(outline(700, 0, 700, 0, 700, 0, 700, 0)))
                .contains("OUTLINE_EDGE_TOO_SHORT");
    }

    private static List<String> codes(Outline outline) {
        assertThat(outline.usable()).isFalse();
        return outline.findings().stream().map(f -> f.code()).toList();
    }

    @Test
    void mitre_illegalArguments() {
        assertThatThrownBy(() -> Corner.mitre(-1)).hasMessageContaining("turn");
        assertThatThrownBy(() -> Corner.mitre(181)).hasMessageContaining("180");
    }

    @Provide
    Arbitrary<Box> boxes() {
        return PlanArbitraries.boxes();
    }

    @Property(tries = 200, seed = "20261126")
    void mirrored_hasMirroredHeights(
            @ForAll("boxes") Box box, @ForAll @DoubleRange(min = 0.01, max = 0.99) double at) {
        Outline outline = OutlineStage.of(box);
        double length = outline.lengthMm();
        List<OutlinePoint> turned =
                box.outline().reversed().stream()
                        .map(p -> new OutlinePoint(length - p.xMm(), p.zMm()))
                        .toList();
        Outline mirrored = OutlineStage.of(box.withOutline(turned));
        double there = outline.heightAt(at * length).orElseThrow();
        double here = mirrored.heightAt((1 - at) * length).orElseThrow();
        assertThat(here).isCloseTo(there, within(EXACT));
        assertThat(mirrored.areaMm2()).isCloseTo(outline.areaMm2(), within(0.01));
    }

    @Property(tries = 200, seed = "20261126")
    void splittingALine_changesNothing(
            @ForAll("boxes") Box box, @ForAll @DoubleRange(min = 0.2, max = 0.8) double at) {
        List<OutlinePoint> points = new ArrayList<>(box.outline());
        OutlinePoint from = points.get(1);
        OutlinePoint to = points.get(2);
        points.add(
                2,
                new OutlinePoint(
                        from.xMm() + at * (to.xMm() - from.xMm()),
                        from.zMm() + at * (to.zMm() - from.zMm())));
        Outline whole = OutlineStage.of(box);
        Outline split = OutlineStage.of(box.withOutline(points));
        assertThat(split.areaMm2()).isCloseTo(whole.areaMm2(), within(0.01));
        assertThat(figure(split, "outline.strip-total"))
                .isCloseTo(figure(whole, "outline.strip-total"), within(EXACT));
    }
}
