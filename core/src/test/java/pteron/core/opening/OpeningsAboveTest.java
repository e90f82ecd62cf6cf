package pteron.core.opening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.drawing.Grip;
import pteron.core.drawing.View;
import pteron.core.figure.Finding;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.Role;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.picture.Drawings;
import pteron.core.picture.WallPlace;
import pteron.core.picture.WallPlaces;
import pteron.core.placing.OpeningEdits;
import pteron.core.placing.UnitShelf;
import pteron.core.placing.WallRoom;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.plan.Wall;
import pteron.core.skin.Skins;

/** Units in roofs, sloped pieces and bends; numbers by hand from the starting plan: 4300 by 2050, roof 89 deep. */
class OpeningsAboveTest {

    private static final BoxPlan SQUARE = StartingPlans.square().withOpenings(List.of());

    private static BoxPlan vented() {
        BoxPlan plan =
                OpeningEdits.added(
                        SQUARE,
                        UnitShelf.unit("roof-vent").orElseThrow(),
                        Wall.ROOF,
                        new Opening.Place(2000, 825));
        return plan;
    }

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    @Test
    void roofVent_isFramedByHand() {
        BoxModel model = model(vented());
        Opening vent = vented().openings().getFirst();
        assertThat(vent.place()).isEqualTo(new Opening.Place(2000, 825));
        Frame frame = model.get(Frame.class);
        List<Member> own =
                frame.members().stream().filter(m -> m.panel().id().equals("roof")).toList();
        List<Member> headers =
                own.stream().filter(m -> m.role() == Role.HEADER || m.role() == Role.SILL).toList();
        assertThat(headers).hasSize(2);
        for (Member across : headers) {
            // at least the clear width, 400 + 2 · 6; more where an old bow stands farther off
            assertThat(across.lengthMm()).isGreaterThanOrEqualTo(412 - 1e-6);
        }
        // header and sill lie 6 outside of 825 and 1225 from the left side, half the width being
        // 1025
        assertThat(headers)
                .extracting(m -> Math.rint(m.bounds().fromV()))
                .containsExactlyInAnyOrder(1225.0 + 6 - 1025, 825.0 - 6 - 38 - 1025);
        for (Member member : own) {
            boolean cut =
                    member.isUpright()
                            && member.bounds().toU() > 2000
                            && member.bounds().fromU() < 2400;
            assertThat(cut && member.lengthMm() > 1200).as(member.name()).isFalse();
        }
    }

    @Test
    void roofVent_isCutOutOfBothSkins_andWeighsWhereItLies() {
        Skins with = model(vented()).get(Skins.class);
        Skins without = model(SQUARE).get(Skins.class);
        double outer = area(without, "roof", "OUTER") - area(with, "roof", "OUTER");
        double inner = area(without, "roof", "INNER") - area(with, "roof", "INNER");
        assertThat(outer).isCloseTo(400 * 400, within(1.0));
        assertThat(inner).isCloseTo(400 * 400, within(1.0));
        var placed = model(vented()).get(Openings.class).placed().getFirst();
        Point3 middle = placed.middle();
        assertThat(middle.x()).isCloseTo(2200, within(1e-6));
        assertThat(middle.y()).isCloseTo(0, within(1e-6));
        assertThat(middle.z()).isCloseTo(2160 - 1.5 - 89 / 2.0, within(1e-6));
    }

    private static double area(Skins skins, String panel, String face) {
        return skins.pieces().stream()
                .filter(piece -> piece.panel().id().equals(panel))
                .filter(piece -> piece.skin().face().name().equals(face))
                .mapToDouble(piece -> piece.shape().area())
                .sum();
    }

    /** In every wall that an outline has, a drag of some mm in the view moves the opening under the pointer. */
    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void anywhere_liesUnderThePointer(OutlineStart start) {
        BoxPlan bare = StartingPlans.of(start).withOpenings(List.of());
        int seen = 0;
        for (Wall wall : WallRoom.walls(bare)) {
            BoxPlan plan =
                    OpeningEdits.added(bare, UnitShelf.unit("small-roof-vent").orElseThrow(), wall);
            Opening unit = plan.openings().getFirst();
            BoxModel model = model(plan);
            View view = View.of(wall);
            List<Grip> grips =
                    Drawings.of(model, view, OpeningStation.OPENINGS, "").grips().stream()
                            .filter(grip -> grip.part().equals(unit.id()))
                            .toList();
            for (Grip grip : grips) {
                Point2 by = grip.axes().moved(new Point2(30, -20));
                BoxPlan moved = OpeningEdits.moved(plan, List.of(unit.id()), by.u(), by.v());
                Grip after =
                        Drawings.of(model(moved), view, OpeningStation.OPENINGS, "")
                                .grips()
                                .stream()
                                .filter(one -> one.part().equals(unit.id()))
                                .findFirst()
                                .orElseThrow();
                Point2 went = after.area().middle().minus(grip.area().middle());
                assertThat(went.minus(new Point2(30, -20)).length())
                        .as("%s of %s went %s", wall.id(), start, went)
                        .isLessThan(2.5);
                WallPlace found = WallPlaces.under(model, view, grip.area().middle()).orElseThrow();
                Opening.Place place = unit.place();
                Point2 middle =
                        new Point2(
                                place.alongMm() + unit.size().widthMm() / 2,
                                place.sillMm() + unit.size().heightMm() / 2);
                assertThat(found.wall()).isEqualTo(wall);
                // on a bend the middle of what is seen lies a little beside the middle of the unit
                assertThat(found.place().minus(middle).length()).isLessThan(10);
                seen++;
            }
        }
        assertThat(seen).as("%s", start).isGreaterThanOrEqualTo(4);
    }

    @Test
    void wallThatIsNotThere_isSaid() {
        BoxPlan plan =
                vented().withOpening("roof-vent", one -> one.withWall(new Wall(Wall.Part.TAIL, 1)));
        assertThat(model(plan).findings())
                .extracting(Finding::code)
                .contains("OPENING_HAS_NO_WALL");
    }

    @Test
    void ventOverTheWallsTop_isSaid() {
        BoxPlan plan =
                vented().withOpening(
                                "roof-vent", one -> one.withPlace(new Opening.Place(2000, 30)));
        assertThat(model(plan).findings())
                .extracting(Finding::code)
                .contains("OPENING_CUTS_PLATE_OR_POST");
    }

    @Test
    void names_areReadAndWritten() {
        assertThat(Wall.of("roof-2")).contains(new Wall(Wall.Part.ROOF, 2));
        assertThat(Wall.of("roof")).contains(Wall.ROOF);
        assertThat(Wall.of("left-2")).isEmpty();
        assertThat(Wall.of("roof-0")).isEmpty();
        assertThat(Wall.of("ROOF")).isEmpty();
        assertThat(new Wall(Wall.Part.NOSE, 3).label()).isEqualTo("nose 3");
    }
}
