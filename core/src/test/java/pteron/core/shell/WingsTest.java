package pteron.core.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.carrier.Carrier;
import pteron.core.edit.OutlineTools;
import pteron.core.extent.Areas;
import pteron.core.figure.Finding;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.Role;
import pteron.core.geometry.Polygon2;
import pteron.core.inside.Inside;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxDetails.Wings;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.StartingPlans;
import pteron.core.plan.Wall;
import pteron.core.skin.SheetPiece;
import pteron.core.skin.Skins;

/**
 * A box 2050 wide above and 1450 below 600, by hand: the square starting plan, 4300 long, 2160 high; walls 1.5 + 63 +
 * 5 = 69.5, floor 108.5. So the wings reach 300 out; their frame lies from 601.5 to 664.5, their top at 669.5.
 */
class WingsTest {

    private static final BoxPlan SQUARE = StartingPlans.square().withOpenings(List.of());

    private static BoxPlan winged(double lower, double from) {
        return SQUARE.withBox(
                SQUARE.box().withDetails(SQUARE.box().details().withWings(new Wings(lower, from))));
    }

    private static final BoxModel MODEL =
            BoxModel.of(winged(1450, 600), MaterialLibrary.starting());

    private static PanelFrame panel(String id) {
        return MODEL.get(Frame.class).panels().stream()
                .filter(one -> one.panel().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static double area(String panel, String face) {
        return MODEL.get(Skins.class).pieces().stream()
                .filter(piece -> piece.panel().id().equals(panel))
                .filter(piece -> piece.skin().face().name().equals(face))
                .map(SheetPiece::shape)
                .mapToDouble(Polygon2::area)
                .sum();
    }

    @Test
    void floorLiesBetweenTheLowerWalls() {
        var floor = panel("floor").panel().frame().bounds();
        assertThat(floor.width()).isCloseTo(1450 - 2 * 1.5, within(1e-6));
    }

    @Test
    void upperWallsStandOnTheWings() {
        List<Member> plates =
                panel("left").members().stream()
                        .filter(m -> m.role() == Role.BOTTOM_PLATE)
                        .toList();
        assertThat(plates)
                .isNotEmpty()
                .allSatisfy(m -> assertThat(m.bounds().fromV()).isCloseTo(664.5, within(1e-6)));
        // the skin comes down to the wings' underside: 2160 − 1.5 − 600 high, 4300 − 2 · 1.5 long
        assertThat(area("left", "OUTER")).isCloseTo(1558.5 * 4297, within(1.0));
        assertThat(area("lower-left", "OUTER")).isCloseTo(600.0 * 4297, within(1.0));
    }

    @Test
    void lowerStudsReachFromFloorToWing() {
        List<Member> studs =
                panel("lower-right").members().stream().filter(m -> m.role() == Role.STUD).toList();
        // 601.5 − 108.5 less two plates of 38
        assertThat(studs).hasSizeGreaterThan(3);
        assertThat(studs).allSatisfy(m -> assertThat(m.lengthMm()).isCloseTo(417, within(1e-6)));
    }

    @Test
    void wings_reachFromWallToWall() {
        var wing = panel("wing-2").panel();
        // from the inner face of the lower wall's frame to the back of the upper skin
        assertThat(wing.frame().bounds().fromV()).isCloseTo(725 - 64.5, within(1e-6));
        assertThat(wing.frame().bounds().toV()).isCloseTo(1025 - 1.5, within(1e-6));
        // length between the frames of front and rear: 4300 − 2 · 64.5
        assertThat(wing.frame().bounds().width()).isCloseTo(4171, within(1e-6));
        assertThat(area("wing", "OUTER")).isCloseTo(300.0 * 4297, within(1.0));
    }

    @Test
    void frontIsCutLikeA_T() {
        // 2050 wide, 2160 high; 300 by 600 are missing on both sides
        assertThat(area("front", "OUTER")).isCloseTo(2050.0 * 2160 - 2 * 300 * 600, within(1.0));
        for (Member member : panel("front").members()) {
            boolean aside = member.bounds().toU() > 723.5 + 0.1;
            if (aside) {
                assertThat(member.bounds().fromV()).as(member.name()).isGreaterThan(601.4);
            }
        }
    }

    @Test
    void areasRoomAndVolume_knowBothWidths() {
        Areas areas = MODEL.get(Areas.class);
        assertThat(areas.floorM2()).isCloseTo(4.3 * 1.45, within(1e-6));
        // two sides, front and rear less what is missing, two wings
        double walls = 2 * 4.3 * 2.16 + 2 * (2.05 * 2.16 - 0.6 * 0.6) + 2 * 0.3 * 4.3;
        assertThat(areas.wallsM2()).isCloseTo(walls, within(1e-6));
        assertThat(MODEL.figure("outline.volume").orElseThrow().value())
                .isCloseTo(4.3 * 2.16 * 2.05 - 2 * 0.3 * 0.6 * 4.3, within(1e-6));
        assertThat(MODEL.figure("outline.frontal-area").orElseThrow().value())
                .isCloseTo(2.05 * 2.16 - 2 * 0.3 * 0.6, within(1e-6));
        Inside inside = MODEL.get(Inside.class);
        assertThat(inside.below().orElseThrow().widthMm()).isCloseTo(1450 - 139, within(1e-6));
        double wide = 2050 - 139;
        double length = 4300 - 139;
        double high = 2160 - 1.5 - 89 - 5 - 108.5;
        double lost = (669.5 - 108.5) * length * 600;
        assertThat(inside.volumeM3()).isCloseTo((wide * length * high - lost) / 1e9, within(1e-3));
    }

    /** Wheels 1500 apart, 500 high over the deck, stand in a box 2050 wide and beside one with wings. */
    @Test
    void clearance_isThatOfTheNearestWidth() {
        BoxModel plain = BoxModel.of(SQUARE, MaterialLibrary.starting());
        double before = least(plain);
        double with = least(MODEL);
        assertThat(with).isGreaterThanOrEqualTo(before);
    }

    private static double least(BoxModel model) {
        return model.get(Carrier.class).clearances().stream()
                .mapToDouble(one -> one.gapMm())
                .min()
                .orElse(0);
    }

    /** On a box of 2050 with a window 625 from the left of its front, that is in the middle if 800 wide. */
    @Test
    void tool_putsThemOnAndOff_openingsStayInTheMiddle() {
        BoxPlan plan =
                SQUARE.withOpenings(
                        List.of(
                                new Opening(
                                        "w",
                                        "Window",
                                        Opening.Kind.WINDOW,
                                        Wall.FRONT,
                                        new Opening.Place(625, 900),
                                        new Opening.Size(800, 450),
                                        6,
                                        7)));
        BoxPlan wide = OutlineTools.withWings(plan);
        assertThat(wide.box().lowerWidthMm()).isEqualTo(2050);
        double width = wide.box().widthMm();
        assertThat(width).isGreaterThan(2050 + 239);
        assertThat(wide.opening("w").place().alongMm()).isCloseTo(width / 2 - 400, within(1e-9));
        assertThat(OutlineTools.withWings(wide)).isEqualTo(plan);
    }

    @Test
    void withoutRoom_itIsSaid() {
        assertThat(codes(winged(1990, 600))).contains("WINGS_TOO_NARROW");
        assertThat(codes(winged(1450, 150))).contains("WINGS_TOO_LOW");
        assertThat(codes(winged(1450, 2000))).contains("WINGS_MEET_THE_ROOF");
    }

    private static List<String> codes(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting()).findings().stream()
                .map(Finding::code)
                .toList();
    }
}
