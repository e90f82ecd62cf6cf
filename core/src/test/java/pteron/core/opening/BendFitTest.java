package pteron.core.opening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;
import pteron.core.placing.OpeningEdits;
import pteron.core.placing.ShelfUnit;
import pteron.core.placing.UnitShelf;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.plan.Wall;

/** Flat units on skins that bend, by chord and radius. */
class BendFitTest {

    private static final Wall TAIL = new Wall(Wall.Part.TAIL, 1);
    private static final BoxPlan ROUND =
            StartingPlans.of(OutlineStart.ROUND_TAIL).withOpenings(List.of());

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    private static ShelfUnit unit(String key) {
        return UnitShelf.unit(key).orElseThrow();
    }

    private static double radius() {
        Element tail =
                model(ROUND).get(Outline.class).elements().stream()
                        .filter(element -> !element.isStraight())
                        .findFirst()
                        .orElseThrow();
        return 1 / tail.curve().hardestCurvature();
    }

    private static BoxPlan withHeight(double alongMm) {
        Opening hatch =
                new Opening(
                        "hatch",
                        "Hatch",
                        Opening.Kind.HATCH,
                        TAIL,
                        new Opening.Place(250, 700),
                        new Opening.Size(alongMm, 600),
                        5,
                        6);
        return ROUND.withOpenings(List.of(hatch));
    }

    /** Rise over the chord of the flange: R − √(R² − c²/4), c the chord of an arc of the cut-out and 25 mm on both sides. */
    @Test
    void rise_byItsChord() {
        double radius = radius();
        for (double along : new double[] {150, 220, 300, 400, 500}) {
            // places on a bend are told along the outer face of the frame, which lies a skin
            // further in than the outline
            BoxModel model = model(withHeight(along));
            double skin = 1.5;
            double frameRadius = radius - skin;
            double angle = (along + 50) / frameRadius;
            double chord = 2 * radius * Math.sin(angle / 2);
            double rise = radius - Math.sqrt(radius * radius - chord * chord / 4);
            assertThat(model.figure("openings.rise.hatch").orElseThrow().value())
                    .isCloseTo(rise, withinPercentage(0.3));
        }
    }

    @Test
    void tape_packing_andTooFlat() {
        double radius = radius();
        double tape = Math.sqrt(8 * radius * BendFit.TAPE_MM) - 50;
        double packing = Math.sqrt(8 * radius * BendFit.PACKING_MM) - 50;
        assertThat(codes(withHeight(packing * 0.95)))
                .contains("UNIT_WANTS_PACKING")
                .doesNotContain("UNIT_TOO_FLAT_FOR_BEND");
        BoxModel flat = model(withHeight(packing * 1.1));
        Finding stops =
                flat.findings().stream()
                        .filter(finding -> finding.code().equals("UNIT_TOO_FLAT_FOR_BEND"))
                        .findFirst()
                        .orElseThrow();
        assertThat(stops.severity()).isEqualTo(Severity.STOPS);
        assertThat(stops.margin()).isGreaterThan(1);
        assertThat(tape).isPositive();
        assertThat(codes(withHeight(Math.max(60, tape * 0.7))))
                .doesNotContain("UNIT_WANTS_PACKING", "UNIT_TOO_FLAT_FOR_BEND");
    }

    private static List<String> codes(BoxPlan plan) {
        return model(plan).findings().stream().map(Finding::code).toList();
    }

    /** A rise of 40 mm across 2050 has a radius of 13 153: a vent of 400 with its flange rises 450² / 8 R = 1.9 mm. */
    @Test
    void crownedRoof_byHand() {
        BoxPlan plan = StartingPlans.square().withOpenings(List.of());
        BoxPlan crowned = plan.withBox(plan.box().withDetails(plan.box().details().withCrown(40)));
        BoxPlan vented =
                crowned.withOpenings(
                        List.of(
                                new Opening(
                                        "vent",
                                        "Vent",
                                        Opening.Kind.HATCH,
                                        Wall.ROOF,
                                        new Opening.Place(2000, 825),
                                        new Opening.Size(400, 400),
                                        5,
                                        6)));
        assertThat(model(vented).figure("openings.rise.vent").orElseThrow().value())
                .isCloseTo(450.0 * 450 / 8 / 13153, within(0.02));
        assertThat(model(plan).figure("openings.rise.vent")).isEmpty();
    }

    /** A unit stays as it stood on the shelf: as wide across the box on a bend as along a wall. */
    @Test
    void unit_staysUpright() {
        ShelfUnit wide = unit("window");
        Opening.Size size = wide.size();
        assertThat(size.widthMm()).isNotEqualTo(size.heightMm());
        BoxPlan onBend = OpeningEdits.added(ROUND, wide, TAIL, new Opening.Place(300, 600));
        assertThat(onBend.openings().getFirst().size()).isEqualTo(size.turned());
        BoxPlan anywhere = OpeningEdits.added(ROUND, wide, TAIL);
        assertThat(anywhere.openings().getFirst().size()).isEqualTo(size.turned());
        String id = onBend.openings().getFirst().id();
        BoxPlan onSide = OpeningEdits.onWall(onBend, List.of(id), Wall.LEFT);
        assertThat(onSide.opening(id).size()).isEqualTo(size);
        BoxPlan back = OpeningEdits.onWall(onSide, List.of(id), TAIL);
        assertThat(back.opening(id).size()).isEqualTo(size.turned());
        // what lies in a roof has no upright
        BoxPlan roof = OpeningEdits.added(ROUND, unit("roof-vent"), Wall.ROOF);
        assertThat(roof.openings().getFirst().size()).isEqualTo(unit("roof-vent").size());
    }
}
