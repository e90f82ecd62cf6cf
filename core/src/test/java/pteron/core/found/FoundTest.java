package pteron.core.found;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.balance.Balance;
import pteron.core.bought.Damage;
import pteron.core.bought.FoundShell;
import pteron.core.bought.FoundShell.Coating;
import pteron.core.bought.RibRow;
import pteron.core.buildup.Section;
import pteron.core.carrier.CarrierStation;
import pteron.core.drawing.Shape;
import pteron.core.drawing.View;
import pteron.core.edit.FoundEdits;
import pteron.core.figure.Finding;
import pteron.core.frame.Frame;
import pteron.core.frame.FrameStation;
import pteron.core.geometry.Bounds2;
import pteron.core.glue.GlueJoint;
import pteron.core.glue.Glues;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.opening.OpeningStation;
import pteron.core.picture.Drawings;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.UnitSystem;
import pteron.core.sealing.JointKind;
import pteron.core.sealing.Sealing;
import pteron.core.skin.FoamPiece;
import pteron.core.skin.Skins;
import pteron.core.solid.Facet;
import pteron.core.solid.Peel;
import pteron.core.solid.SolidDrawing;
import pteron.core.stage.Part;
import pteron.core.start.CarrierStart;
import pteron.core.start.NewPlan;
import pteron.core.station.Station;

/** A bought shell by hand: what was there is on no list, what goes in is. */
class FoundTest {

    private static final BoxPlan PLAN =
            NewPlan.of(
                    CarrierStart.BOUGHT,
                    CarrierStart.BOUGHT.sizes(UnitSystem.METRIC).getFirst(),
                    OutlineStart.SQUARE,
                    UnitSystem.METRIC);

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    private static BoxPlan with(FoundShell shell) {
        return PLAN.withFound(Optional.of(shell));
    }

    private static FoundShell shell() {
        return PLAN.found().orElseThrow();
    }

    /** 300 + 400 k with offsets 0, 12, −8: 300, 712, 1092; the next at 1500 stands outside of 1200. */
    @Test
    void ribs_standWhereTheTableSays() {
        RibRow row = new RibRow(300, 400, List.of(0.0, 12.0, -8.0));
        assertThat(row.placesMm(1200)).containsExactly(300.0, 712.0, 1092.0);
        assertThat(row.withOffset(3, 5).placesMm(1600)).endsWith(1505.0);
        assertThatThrownBy(() -> new RibRow(300, 100)).hasMessageContaining("ribs apart");
    }

    /**
     * By hand: ribs of 40 at 300, 712, 1092 from 0 to 1200, gap 6. Bays 0 to 280, 320 to 692, 732 to 1072, 1112 to 1200,
     * each 12 less: 268, 360, 328, 76.
     */
    @Test
    void bays_ofAnOffsetTable_byHand() {
        List<double[]> bays = RibBays.between(List.of(300.0, 712.0, 1092.0), 40, 6, 0, 1200);
        assertThat(bays.stream().map(bay -> bay[1] - bay[0]))
                .containsExactly(268.0, 360.0, 328.0, 76.0);
        assertThat(bays.getFirst()[0]).isEqualTo(6);
        assertThat(RibBays.between(List.of(20.0), 40, 0, 0, 65)).isEmpty();
    }

    /** Left and right are measured apart: one post 30 mm off changes one wall's foam, not the other's. */
    @Test
    void leftAndRight_areMeasuredApart() {
        Found even = model(PLAN).get(Found.class);
        Found off =
                model(with(shell().withLeft(shell().left().withOffset(2, 30)))).get(Found.class);
        assertThat(widths(off, "right")).isEqualTo(widths(even, "right"));
        List<Double> before = widths(even, "left");
        List<Double> after = widths(off, "left");
        assertThat(after.get(2) - before.get(2)).isCloseTo(30, within(1e-6));
        assertThat(after.get(3) - before.get(3)).isCloseTo(-30, within(1e-6));
    }

    private static List<Double> widths(Found found, String panel) {
        return found.foam().stream()
                .filter(piece -> piece.panel().id().equals(panel))
                .map(FoamPiece::shape)
                .map(shape -> shape.bounds().width())
                .toList();
    }

    /** Width of all bays and of the ribs and gaps between them is the room. */
    @Test
    void foam_ribsAndGaps_fillTheWall() {
        Found found = model(PLAN).get(Found.class);
        FoamPiece first = found.foam().getFirst();
        Bounds2 room = first.panel().frame().bounds();
        List<Double> widths = widths(found, "left");
        double gap = PLAN.makeUp().walls().fit().gapMm();
        double taken =
                widths.stream().mapToDouble(Double::doubleValue).sum()
                        + 2 * gap * widths.size()
                        + 40 * (widths.size() - 1);
        assertThat(taken).isCloseTo(room.width(), within(1e-6));
    }

    /** Skin, posts and bows weigh with the carrier: no outer sheet, no joint of the shell, no wind on the new studs. */
    @Test
    void whatIsThere_isOnNoList() {
        BoxModel model = model(PLAN);
        assertThat(model.get(Skins.class).pieces())
                .noneMatch(piece -> piece.skin().layer().material().equals("steel-sheet"));
        assertThat(model.get(Sealing.class).lengthMm(JointKind.CORNER)).isZero();
        assertThat(model.figure("strength.stud.bending")).isEmpty();
        double foam =
                model.get(Found.class).foam().stream()
                        .mapToDouble(piece -> piece.shape().area() * 25 * 33 / 1e9)
                        .sum();
        double parts =
                model.get(Found.class).parts().stream().mapToDouble(part -> part.massKg()).sum();
        assertThat(parts).isCloseTo(foam, within(1e-9));
    }

    /** What is there already weighs with the carrier: no mass, no tape; the frame round its hole stays. */
    @Test
    void aDoorThatIsThere_isOnNoList() {
        Opening door = StartingPlans.square().openings().getFirst();
        Opening there = door.withSource(Opening.Source.THERE_ALREADY);
        BoxModel bought = model(PLAN.withOpenings(List.of(door)));
        BoxModel found = model(PLAN.withOpenings(List.of(there)));
        assertThat(bought.figure("openings.mass").orElseThrow().value()).isEqualTo(door.massKg());
        assertThat(found.figure("openings.mass").orElseThrow().value()).isZero();
        double all = bought.figure("balance.box-mass").orElseThrow().value();
        double tape = mass(bought, "tape, ") - mass(found, "tape, ");
        assertThat(tape).isPositive();
        assertThat(found.figure("balance.box-mass").orElseThrow().value())
                .isCloseTo(all - door.massKg() - tape, within(1e-9));
        assertThat(found.get(Sealing.class).lengthMm(JointKind.OPENING_FLANGE)).isZero();
        assertThat(found.get(Frame.class).members())
                .hasSameSizeAs(bought.get(Frame.class).members());
    }

    private static double mass(BoxModel model, String name) {
        return model.get(Balance.class).parts().stream()
                .filter(part -> part.name().startsWith(name))
                .mapToDouble(Part::massKg)
                .sum();
    }

    /** Rot is marked where it is, whatever station is open: on the carrier's own plan too. */
    @ParameterizedTest
    @EnumSource(Damage.Face.class)
    void damage_isMarkedOnItsView(Damage.Face face) {
        Damage rot = new Damage(Damage.Kind.ROT, face, 1200, 100, 220, 180);
        BoxModel model = model(with(shell().withDamages(List.of(rot))));
        View view =
                switch (face) {
                    case LEFT -> View.LEFT;
                    case RIGHT -> View.RIGHT;
                    case ROOF -> View.ROOF;
                    case FLOOR -> View.PLAN;
                };
        for (Station station :
                List.of(CarrierStation.CARRIER, FrameStation.FRAME, OpeningStation.OPENINGS)) {
            assertThat(Drawings.of(model, view, station, "").shapes())
                    .as("%s at %s", face, station.label())
                    .anyMatch(
                            shape ->
                                    shape instanceof Shape.Label label
                                            && label.text().equals("rot"));
        }
    }

    /** Glue only where two solids meet: none to still air; new foam on the skin that is there is glued, not there. */
    @Test
    void glue_endsAtStillAir() {
        List<GlueJoint> walls =
                model(PLAN).get(Glues.class).joints().stream()
                        .filter(joint -> joint.part().equals("walls"))
                        .toList();
        assertThat(walls.getFirst().held()).isEqualTo(GlueJoint.Held.GLUED);
        assertThat(walls.getFirst().litres()).isPositive();
        assertThat(walls)
                .filteredOn(joint -> (joint.outer() + joint.inner()).contains("Still air"))
                .hasSize(2)
                .allMatch(joint -> joint.held() == GlueJoint.Held.OPEN && joint.litres() == 0);
    }

    /** Posts and bows stand in the solid, 40 by 25 behind a skin of 0.8; a bar over each rail where the box is raised. */
    @Test
    void solid_showsRibs_andSubFrame() {
        Peel open = Peel.WHOLE.with(Peel.Coat.OUTER_SKIN, false);
        List<Facet> facets = SolidDrawing.of(model(PLAN), open).facets();
        Found found = model(PLAN).get(Found.class);
        assertThat(facets.stream().filter(one -> one.part().equals("left rib")).count())
                .isGreaterThanOrEqualTo(4L * (widths(found, "left").size() - 1));
        assertThat(facets).anyMatch(one -> one.part().equals("roof rib"));
        assertThat(facets).noneMatch(one -> one.part().equals("sub-frame"));
        BoxPlan raised = PLAN.withBox(PLAN.box().withRaised(60));
        assertThat(SolidDrawing.of(model(raised), Peel.WHOLE).facets())
                .filteredOn(one -> one.part().equals("sub-frame"))
                .isNotEmpty()
                .allMatch(
                        one -> one.corners().stream().allMatch(at -> at.z() >= -60 && at.z() <= 0));
    }

    /** Rot from 3200 to 3420 on a floor over cross-members at 2413, 3002, 3590: a piece from 3002 to 3590, 588 long. */
    @Test
    void newPiece_goesBetweenWhatStays() {
        Damage rot = new Damage(Damage.Kind.ROT, Damage.Face.FLOOR, 3200, 100, 220, 180);
        Repair repair = Repair.of(rot, List.of(2413.0, 3002.0, 3590.0));
        assertThat(repair.fromMm()).isEqualTo(3002);
        assertThat(repair.lengthMm()).isEqualTo(588);
        assertThat(repair.heightMm()).isEqualTo(280);
        Repair atTheEnd = Repair.of(rot.withPlace(3500, 0), List.of(2413.0, 3002.0, 3590.0));
        assertThat(atTheEnd.fromMm() + atTheEnd.lengthMm()).isEqualTo(3770);
    }

    @Test
    void pinholes_areMended_notReplaced() {
        BoxPlan plan = FoundEdits.withDamage(PLAN);
        FoundShell shell = plan.found().orElseThrow();
        BoxPlan holes =
                with(
                        shell.withDamages(
                                List.of(
                                        shell.damages()
                                                .getFirst()
                                                .withKind(Damage.Kind.PINHOLES))));
        assertThat(model(plan).get(Found.class).repairs()).hasSize(1);
        assertThat(model(holes).get(Found.class).repairs()).isEmpty();
        assertThat(codes(holes)).contains("DAMAGE_PINHOLES");
        assertThat(FoundEdits.withoutDamage(plan)).isEqualTo(PLAN);
        assertThatThrownBy(() -> FoundEdits.withDamage(StartingPlans.square()))
                .hasMessageContaining("begin with one that is there");
    }

    private static List<String> codes(BoxPlan plan) {
        return model(plan).findings().stream().map(Finding::code).toList();
    }

    /** A cross-member 6 mm low wants 6 mm under the floor, as wide as the box. */
    @Test
    void lowCrossMember_isPacked() {
        BoxPlan plan = with(shell().withLow(2, 6));
        List<Packing> packings = model(plan).get(Found.class).packings();
        assertThat(packings).hasSize(1);
        assertThat(packings.getFirst().thickMm()).isEqualTo(6);
        assertThat(packings.getFirst().lengthMm()).isEqualTo(PLAN.box().widthMm());
    }

    /** 19 mm of skirting and 6 clear are in 25 + 5 of foam and air; 30 mm are not. */
    @Test
    void skirting_wantsItsRoom() {
        assertThat(codes(PLAN)).doesNotContain("SKIRTING_IN_THE_WAY");
        assertThat(codes(with(shell().withSkirting(30)))).contains("SKIRTING_IN_THE_WAY");
    }

    @Test
    void coating_isPreparedBeforeGlue() {
        for (Coating coating : Coating.values()) {
            String code = "SKIN_IS_" + coating.name();
            assertThat(codes(with(shell().withCoating(coating))).contains(code))
                    .isEqualTo(coating != Coating.BARE);
        }
    }

    @Test
    void deeperRibs_wantADeeperLayer() {
        assertThat(codes(PLAN)).doesNotContain("RIBS_NOT_FILLED");
        assertThat(codes(with(shell().withRib(new Section(40, 38))))).contains("RIBS_NOT_FILLED");
    }
}
