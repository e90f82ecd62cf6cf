package pteron.core.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.cutting.BarCutting;
import pteron.core.frame.Bend;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.Role;
import pteron.core.geometry.Point3;
import pteron.core.material.MaterialLibrary;
import pteron.core.mechanics.BendWay;
import pteron.core.mechanics.KerfBend;
import pteron.core.mechanics.LaminatedBend;
import pteron.core.mechanics.SawnBend;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Skin;
import pteron.core.skin.SheetPiece;
import pteron.core.skin.Skins;

/**
 * The round tail, 4300 × 2160 × 2050, by hand: a quarter of a circle of 1296 mm (six tenths of the height) from
 * the roof into the rear. Walls: skin 1.5, frame 63, lining 5; roof: skin 1.5, frame 89, lining 5.
 */
class BentByHandTest {

    private static final double QUARTER = Math.PI / 2;
    private static final double RADIUS = 1296;

    private static final BoxModel MODEL =
            BoxModel.of(StartingPlans.of(OutlineStart.ROUND_TAIL), MaterialLibrary.starting());

    private static Panel tail() {
        return MODEL.get(Frame.class).panel(PanelKind.TAIL).panel();
    }

    private static double developed(Skin.Face face) {
        return MODEL.get(Skins.class).pieces().stream()
                .filter(piece -> piece.panel().kind() == PanelKind.TAIL)
                .filter(piece -> piece.skin().face() == face)
                .map(SheetPiece::cutShape)
                .mapToDouble(shape -> shape.bounds().toU())
                .max()
                .orElseThrow();
    }

    /** The middle of the outer sheet lies 0.75 inside: π/2 · 1295.25 = 2034.57. */
    @Test
    void outerSheets_areAsLongAsTheirMiddle() {
        assertThat(developed(Skin.Face.OUTER)).isCloseTo(QUARTER * 1295.25, within(1.0));
        assertThat(QUARTER * 1295.25).isCloseTo(2034.57, within(0.01));
    }

    /** The middle of the lining lies 1.5 + 63 + 2.5 inside: π/2 · 1229 = 1930.51, shorter by 104 mm. */
    @Test
    void lining_isShorter() {
        assertThat(developed(Skin.Face.INNER)).isCloseTo(QUARTER * 1229, within(1.0));
        assertThat(QUARTER * 1229).isCloseTo(1930.51, within(0.01));
    }

    /** The plate of a side follows the inside of the tail's frame: π/2 · (1296 − 64.5) = 1934.44 outside. */
    @Test
    void plate_followsTheCurve() {
        Member plate =
                MODEL.get(Frame.class).members(Role.TOP_PLATE).stream()
                        .filter(member -> member.panel().kind() == PanelKind.LEFT)
                        .filter(member -> member.bend().isPresent())
                        .findFirst()
                        .orElseThrow();
        assertThat(plate.lengthMm()).isCloseTo(QUARTER * 1231.5, within(1.0));
        Bend bend = plate.bend().orElseThrow();
        assertThat(bend.leastRadiusMm()).isCloseTo(1231.5 - 38, within(0.5));
        // C24 to EN 338: 2 · 24 · 1193.5 / 11 000 = 5.208 mm, so 8 strips make 38 mm
        assertThat(((LaminatedBend) bend.way().orElseThrow()).strips()).isEqualTo(8);
        assertThat(bend.startDegrees()).isCloseTo(0, within(0.1));
        assertThat(bend.endDegrees()).isCloseTo(0, within(0.1));
    }

    private static BendWay plate(MakeUp.Bends bends) {
        BoxPlan plan = MODEL.plan().withMakeUp(MODEL.plan().makeUp().withBends(bends));
        return MODEL.after(plan).get(Frame.class).members(Role.TOP_PLATE).stream()
                .filter(member -> member.panel().kind() == PanelKind.LEFT)
                .flatMap(member -> member.bend().stream())
                .findFirst()
                .flatMap(Bend::way)
                .orElseThrow();
    }

    /**
     * From a board of 140 a piece may rise by 102: its chord is 2 · √(2 · 1231.5 · 102 − 102²) = 981.47, which goes
     * 1009.5 along the arc of 1934.4: two pieces in one layer, three in the next.
     */
    @Test
    void plate_sawnInPieces() {
        SawnBend sawn = (SawnBend) plate(MakeUp.Bends.SAWN);
        assertThat(sawn.pieces()).isEqualTo(2);
        assertThat(sawn.inTwoLayers()).isEqualTo(5);
        assertThat(sawn.pieceMm()).isCloseTo(981.47, within(0.5));
        BoxPlan plan = MODEL.plan().withMakeUp(MODEL.plan().makeUp().withBends(MakeUp.Bends.SAWN));
        long boards =
                BarCutting.of(MODEL.after(plan).members(), plan.supplies())
                        .kinds()
                        .keySet()
                        .stream()
                        .filter(kind -> kind.section().depthMm() == 140)
                        .count();
        assertThat(boards).isEqualTo(1);
    }

    /**
     * 5.208 stay under a cut, as that bends to 1193.5; 90° close 19 cuts of 3: π/2 · (38 − 2.604) / 3 = 18.53; they
     * lie π/2 · (1231.5 − 2.604) / 19 = 101.6 apart.
     */
    @Test
    void plate_kerfed() {
        KerfBend kerfed = (KerfBend) plate(MakeUp.Bends.KERFED);
        assertThat(kerfed.leftMm()).isCloseTo(5.208, within(0.01));
        assertThat(kerfed.cuts()).isEqualTo(19);
        assertThat(kerfed.apartMm()).isCloseTo(101.6, within(0.1));
    }

    /** A quarter of a ring of 1193.5 to 1231.5: its area times the depth times the density. */
    @Test
    void plate_weighsAQuarterOfARing() {
        Member plate =
                MODEL.get(Frame.class).members(Role.TOP_PLATE).stream()
                        .filter(member -> member.bend().isPresent())
                        .findFirst()
                        .orElseThrow();
        double ring = Math.PI / 4 * (1231.5 * 1231.5 - 1193.5 * 1193.5);
        double density = MaterialLibrary.starting().get("c24").density();
        assertThat(plate.massKg()).isCloseTo(ring * 63 * density / 1e9, within(0.01));
    }

    /** A quarter of a thin ring has its weight at 2 r / π from the middle of its circle, both ways. */
    @Test
    void sheets_weighWhereAnArcDoes() {
        double mass = 0;
        double x = 0;
        double z = 0;
        for (SheetPiece piece : MODEL.get(Skins.class).pieces()) {
            if (piece.panel().kind() == PanelKind.TAIL && piece.skin().face() == Skin.Face.OUTER) {
                Point3 at = piece.centre();
                mass += piece.massKg();
                x += piece.massKg() * at.x();
                z += piece.massKg() * at.z();
            }
        }
        double out = 2 / Math.PI * 1295.25;
        assertThat(x / mass).isCloseTo(4300 - RADIUS + out, within(2.0));
        assertThat(z / mass).isCloseTo(2160 - RADIUS + out, within(2.0));
        double sheet = QUARTER * 1295.25 * 2050 * 1.5 * 2700 / 1e9;
        assertThat(mass).isCloseTo(sheet, within(sheet * 0.02));
    }

    /** Bows run over the whole frame, 2050 less two skins of 1.5, and stand square on the bend. */
    @Test
    void bows_runFromSideToSide_onTheBend() {
        Point3 middle = new Point3(4300 - RADIUS, 0, 2160 - RADIUS);
        for (Member bow : MODEL.get(Frame.class).members(Role.BOW)) {
            if (bow.panel().kind() == PanelKind.TAIL) {
                assertThat(bow.lengthMm()).isCloseTo(2047, within(0.01));
                Point3 at = bow.surface().at(bow.profile().centroid(), 0);
                double away = Math.hypot(at.x() - middle.x(), at.z() - middle.z());
                assertThat(away).isCloseTo(1294.5, within(0.5));
            }
        }
        assertThat(tail().surface().leastRadiusMm(0, 500, 0)).isCloseTo(1294.5, within(0.5));
    }

    /** Where an arc ends plumb over the rear, edges all but coincide: the post once reached five metres into the ground. */
    @Test
    void postUnderAnArc_standsOnTheFloor() {
        BoxPlan plan = StartingPlans.square().withOpenings(List.of());
        OutlinePoint arc =
                new OutlinePoint(4063, 777)
                        .withLink(
                                new OutlinePoint.Arc(
                                        new OutlinePoint.Spot(
                                                3721.7208214385655, 1600.720821438565)));
        List<OutlinePoint> points =
                List.of(
                        new OutlinePoint(0, 0),
                        new OutlinePoint(0, 854),
                        new OutlinePoint(528, 1942),
                        new OutlinePoint(2898, 1942),
                        arc,
                        new OutlinePoint(4063, 0));
        BoxModel model =
                BoxModel.of(
                        plan.withBox(plan.box().withOutline(points)), MaterialLibrary.starting());
        Panel left = model.get(Frame.class).panel(PanelKind.LEFT).panel();
        assertThat(model.get(Frame.class).panel(PanelKind.LEFT).members())
                .allMatch(
                        member ->
                                member.bounds().fromV() > left.frame().bounds().fromV() - 1
                                        && member.lengthMm() < 4000);
    }
}
