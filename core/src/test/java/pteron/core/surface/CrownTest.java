package pteron.core.surface;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import pteron.core.edit.OutlineTools;
import pteron.core.figure.Finding;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.Role;
import pteron.core.geometry.Point3;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Skin;
import pteron.core.skin.SheetPiece;
import pteron.core.skin.Skins;

/** A roof that rises across the width, by hand from the square starting plan of 4300 by 2050 with a rise of 40. */
class CrownTest {

    private static BoxModel crowned(OutlineStart start, double riseMm) {
        BoxPlan plan = StartingPlans.of(start).withOpenings(List.of());
        return BoxModel.of(
                plan.withBox(plan.box().withDetails(plan.box().details().withCrown(riseMm))),
                MaterialLibrary.starting());
    }

    /** Worked examples: R = 2050² / 320 + 20; the arc by the first terms of its series, c (1 + 8/3 (r/c)²). */
    @Test
    void examples() {
        Crown crown = new Crown(2050, 40);
        assertThat(crown.radiusMm()).isCloseTo(13152.8125, within(1e-6));
        assertThat(crown.arcMm()).isCloseTo(2052.081, within(1e-3));
        assertThat(crown.heightMm(0)).isCloseTo(40, within(1e-9));
        assertThat(crown.heightMm(1025)).isCloseTo(0, within(1e-9));
    }

    /** The length against a polyline of ten thousand pieces through its heights. */
    @Property(tries = 100, seed = "20261127")
    void arc_isAsLongAsAFinePolyline(
            @ForAll @DoubleRange(min = 800, max = 3000) double chord,
            @ForAll @DoubleRange(min = 5, max = 150) double rise) {
        Crown crown = new Crown(chord, rise);
        double length = 0;
        int pieces = 10_000;
        for (int i = 0; i < pieces; i++) {
            double from = -chord / 2 + chord * i / pieces;
            double to = -chord / 2 + chord * (i + 1) / pieces;
            length += Math.hypot(to - from, crown.heightMm(to) - crown.heightMm(from));
        }
        assertThat(crown.arcMm()).isCloseTo(length, within(1e-4));
        assertThat(crown.reachMm(crown.heightMm(chord / 3))).isCloseTo(chord / 3, within(1e-6));
    }

    @Test
    void everyBow_carriesAFirring() {
        Frame frame = crowned(OutlineStart.SQUARE, 40).get(Frame.class);
        List<Member> bows =
                frame.panel(PanelKind.ROOF).members().stream()
                        .filter(one -> one.role() == Role.BOW || one.role() == Role.END_BOW)
                        .toList();
        List<Member> firrings = frame.members(Role.FIRRING);
        assertThat(firrings).hasSameSizeAs(bows);
        for (Member firring : firrings) {
            // the ends are 3 mm thick: 1025 · √(1 − 3/40) to each side, nearly
            assertThat(firring.lengthMm()).isCloseTo(2 * 985.8, within(1.0));
            assertThat(firring.section().thicknessMm()).isCloseTo(40, within(1e-6));
            assertThat(firring.section().depthMm()).isEqualTo(38);
            // two thirds of the rectangle, density of C24 420 by the library
            assertThat(firring.massKg())
                    .isCloseTo(2050 * 40 * 2 / 3.0 * 38 * density() / 1e9, within(0.02));
            assertThat(firring.centre().z()).isBetween(2158.5, 2160 + 40.0);
        }
    }

    private static double density() {
        return MaterialLibrary.starting().get("c24").density();
    }

    @Test
    void skin_isAsWideAsTheArc_andLiesOnIt() {
        BoxModel model = crowned(OutlineStart.SQUARE, 40);
        List<SheetPiece> roof =
                model.get(Skins.class).pieces().stream()
                        .filter(one -> one.panel().kind() == PanelKind.ROOF)
                        .filter(one -> one.skin().face() == Skin.Face.OUTER)
                        .toList();
        double area = roof.stream().mapToDouble(one -> one.cutShape().area()).sum();
        assertThat(area).isCloseTo(4300 * 2052.081, within(10.0));
        SheetPiece whole = roof.getFirst();
        Point3 middle =
                whole.surface()
                        .at(new pteron.core.geometry.Point2(0, 600), whole.skin().fromInwardMm());
        assertThat(middle.z()).isCloseTo(2160 + 40, within(1e-6));
        Point3 edge =
                whole.surface()
                        .at(
                                new pteron.core.geometry.Point2(1025, 600),
                                whole.skin().fromInwardMm());
        assertThat(edge.z()).isCloseTo(2160, within(1e-6));
        // the lining below stays flat
        double lining =
                model.get(Skins.class).pieces().stream()
                        .filter(one -> one.panel().kind() == PanelKind.ROOF)
                        .filter(one -> one.skin().face() == Skin.Face.INNER)
                        .mapToDouble(one -> one.cutShape().area())
                        .sum();
        BoxModel flat = crowned(OutlineStart.SQUARE, 0);
        assertThat(flat.get(Frame.class).members(Role.FIRRING)).isEmpty();
        assertThat(lining)
                .isCloseTo(
                        flat.get(Skins.class).pieces().stream()
                                .filter(one -> one.panel().kind() == PanelKind.ROOF)
                                .filter(one -> one.skin().face() == Skin.Face.INNER)
                                .mapToDouble(one -> one.cutShape().area())
                                .sum(),
                        within(1e-6));
    }

    /** By hand: strip 2160 + 4300 + 2160, of which the roof is 2052.081 wide; two thirds of 2050 · 40 more from ahead. */
    @Test
    void areas_knowIt() {
        BoxModel model = crowned(OutlineStart.SQUARE, 40);
        assertThat(figure(model, "outline.crown-width")).isCloseTo(2052.081, within(1e-3));
        assertThat(figure(model, "outline.strip-area"))
                .isCloseTo((2 * 2160 * 2050 + 4300 * 2052.081) / 1e6, within(1e-5));
        assertThat(figure(model, "outline.frontal-area"))
                .isCloseTo((2050 * 2160 + 2050 * 40 * 2 / 3.0) / 1e6, within(1e-4));
        assertThat(new Crown(2050, 40).areaMm2()).isCloseTo(54683.3, within(0.1));
    }

    @Test
    void heightOverTheGround_knowsIt() {
        assertThat(height(crowned(OutlineStart.SQUARE, 40)))
                .isCloseTo(height(crowned(OutlineStart.SQUARE, 0)) + 40, within(1e-9));
    }

    private static double height(BoxModel model) {
        return figure(model, "carrier.overall-height");
    }

    private static double figure(BoxModel model, String key) {
        return model.figures().stream()
                .filter(figure -> figure.key().equals(key))
                .findFirst()
                .orElseThrow()
                .quantity()
                .value();
    }

    @Test
    void tool_raisesTheRoof_andLevelsItAgain() {
        BoxPlan plan = StartingPlans.square();
        BoxPlan raised = OutlineTools.withCrown(plan);
        assertThat(raised.box().details().crownMm()).isEqualTo(40);
        assertThat(OutlineTools.withCrown(raised)).isEqualTo(plan);
    }

    @Test
    void aRoofThatBends_isNotCrownedToo() {
        BoxModel model = crowned(OutlineStart.ARCHED, 40);
        assertThat(model.findings()).extracting(Finding::code).contains("CROWN_LEFT_OFF_A_BEND");
        assertThat(model.get(Frame.class).members(Role.FIRRING)).isEmpty();
        assertThat(height(model)).isCloseTo(height(crowned(OutlineStart.ARCHED, 0)), within(1e-9));
    }
}
