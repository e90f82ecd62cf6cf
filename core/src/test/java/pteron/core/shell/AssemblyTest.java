package pteron.core.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.UnaryOperator;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import pteron.core.edit.OutlineTools;
import pteron.core.figure.Finding;
import pteron.core.frame.Frame;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.Role;
import pteron.core.geometry.Bounds2;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.opening.Openings;
import pteron.core.opening.PlacedOpening;
import pteron.core.placing.OpeningEdits;
import pteron.core.placing.UnitShelf;
import pteron.core.plan.Assembly;
import pteron.core.plan.BoxDetails.Wings;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.plan.Wall;
import pteron.core.skin.OnePiece;
import pteron.core.skin.Seam;
import pteron.core.skin.SheetOrder;
import pteron.core.skin.SheetPiece;
import pteron.core.skin.Skins;

/**
 * Schools in which a box is put together, by hand from the square starting plan: 4300 by 2050 by 2160; walls
 * 1.5 + 63 + 5, roof 1.5 + 89 + 5, floor 108.5, studs 38 thick.
 */
class AssemblyTest {

    private static final BoxPlan SQUARE = StartingPlans.square().withOpenings(List.of());
    private static final Offset<Double> EXACT = within(1e-5);

    private static BoxPlan put(BoxPlan plan, UnaryOperator<Assembly> change) {
        return plan.withMakeUp(plan.makeUp().withAssembly(change.apply(plan.makeUp().assembly())));
    }

    private static BoxPlan put(UnaryOperator<Assembly> change) {
        return put(SQUARE, change);
    }

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    private static PanelFrame panel(BoxModel model, String id) {
        return model.get(Frame.class).panels().stream()
                .filter(one -> one.panel().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static double length(BoxModel model, String panel, Role role) {
        return panel(model, panel).members().stream()
                .filter(member -> member.role() == role)
                .findFirst()
                .orElseThrow()
                .lengthMm();
    }

    private static Bounds2 face(BoxModel model, String panel, Skin.Face face) {
        return panel(model, panel).panel().skin(face).area().bounds();
    }

    @Test
    void usual_stripLiesOverSides() {
        BoxModel model = model(SQUARE);
        assertThat(length(model, "roof", Role.BOW)).isCloseTo(2050 - 3, EXACT);
        assertThat(length(model, "left", Role.STUD))
                .isCloseTo(2160 - 1.5 - 89 - 38 - 108.5 - 38, EXACT);
        assertThat(length(model, "left", Role.BOTTOM_PLATE)).isCloseTo(4300 - 2 * 64.5, EXACT);
    }

    @Test
    void sidesThatRunPast_areWholePanels_andTheRestHangsBetween() {
        BoxModel model = model(put(a -> a.withCorners(Assembly.Corners.SIDES_OVER_STRIP)));
        assertThat(length(model, "roof", Role.BOW)).isCloseTo(2050 - 2 * 69.5, EXACT);
        assertThat(length(model, "left", Role.STUD)).isCloseTo(2160 - 1.5 - 38 - 108.5 - 38, EXACT);
        assertThat(length(model, "left", Role.BOTTOM_PLATE)).isCloseTo(4300 - 3, EXACT);
        // the lining of the side goes as far as its frame, that of the roof from lining to lining
        assertThat(face(model, "left", Skin.Face.INNER).toV()).isCloseTo(2158.5, EXACT);
        assertThat(face(model, "roof", Skin.Face.INNER).height()).isCloseTo(1911, EXACT);
        // outside the strip's skin still covers the edges of the sides' skins
        assertThat(face(model, "roof", Skin.Face.OUTER).height()).isCloseTo(2050, EXACT);
    }

    /** A bow that hangs between the sides spans its whole length: of a bow on plates a plate's depth is less. */
    @Test
    void bowsBetweenSides_spanTheirLength() {
        BoxModel over = model(SQUARE);
        BoxModel between = model(put(a -> a.withCorners(Assembly.Corners.SIDES_OVER_STRIP)));
        assertThat(span(over)).isCloseTo(2047 - 63, EXACT);
        assertThat(span(between)).isCloseTo(1911, EXACT);
    }

    private static double span(BoxModel model) {
        return model.figures().stream()
                .filter(figure -> figure.key().equals("strength.bow.bending"))
                .findFirst()
                .orElseThrow()
                .working()
                .terms()
                .stream()
                .filter(term -> term.symbol().equals("L"))
                .findFirst()
                .orElseThrow()
                .quantity()
                .value();
    }

    @Test
    void floorBetweenWalls_wallsStandOnTheDeck() {
        BoxModel model = model(put(a -> a.withFeet(Assembly.Feet.BESIDE_THE_FLOOR)));
        Bounds2 floor = panel(model, "floor").panel().frame().bounds();
        assertThat(floor.width()).isCloseTo(2050 - 2 * 69.5, EXACT);
        assertThat(floor.height()).isCloseTo(4300 - 2 * 69.5, EXACT);
        assertThat(length(model, "left", Role.STUD)).isCloseTo(2160 - 90.5 - 38 - 38, EXACT);
        assertThat(panel(model, "front").panel().frame().bounds().fromV()).isCloseTo(0, EXACT);
        assertThat(face(model, "left", Skin.Face.INNER).fromV()).isCloseTo(0, EXACT);
    }

    /** The floor's top is where sills are counted from, in whichever school. */
    @Test
    void openings_stayWhereTheyAre() {
        for (Wall wall : List.of(Wall.LEFT, Wall.REAR)) {
            BoxPlan plan = OpeningEdits.added(SQUARE, UnitShelf.UNITS.get(5), wall);
            double usual = low(plan);
            assertThat(low(put(plan, a -> a.withFeet(Assembly.Feet.BESIDE_THE_FLOOR))))
                    .isCloseTo(usual, EXACT);
            assertThat(low(put(plan, a -> a.withCorners(Assembly.Corners.SIDES_OVER_STRIP))))
                    .isCloseTo(usual, EXACT);
        }
    }

    private static double low(BoxPlan plan) {
        PlacedOpening placed = model(plan).get(Openings.class).placed().getFirst();
        assertThat(placed.isClearOfEdges()).isTrue();
        return placed.middle().z();
    }

    @Test
    void doors_areFramedBesideAFloorBetweenWalls() {
        BoxPlan plan = OpeningEdits.added(SQUARE, UnitShelf.UNITS.getFirst(), Wall.LEFT);
        BoxModel model = model(put(plan, a -> a.withFeet(Assembly.Feet.BESIDE_THE_FLOOR)));
        assertThat(model.findings()).extracting(Finding::code).doesNotContain("OPENING_OUTSIDE");
        assertThat(panel(model, "left").members())
                .anyMatch(member -> member.role() == Role.HEADER)
                .anyMatch(member -> member.role() == Role.TRIMMER);
    }

    @Test
    void roofFromInsideOut_itsLiningLiesOnTheWalls() {
        BoxModel model = model(put(a -> a.withCeiling(Assembly.Ceiling.FROM_INSIDE_OUT)));
        assertThat(face(model(SQUARE), "roof", Skin.Face.INNER).height())
                .isCloseTo(2050 - 2 * 64.5, EXACT);
        assertThat(face(model, "roof", Skin.Face.INNER).height()).isCloseTo(2050 - 3, EXACT);
        assertThat(length(model, "left", Role.STUD)).isCloseTo(1885 - 5, EXACT);
    }

    @Test
    void halves_meetHalfWayUp_onBlocks() {
        BoxModel model = model(put(a -> a.withLining(Assembly.Lining.IN_HALVES)));
        Bounds2 lining = face(model, "left", Skin.Face.INNER);
        List<Seam> level =
                model.get(Skins.class).seams().stream()
                        .filter(seam -> seam.panel().id().equals("left"))
                        .filter(seam -> seam.skin().face() == Skin.Face.INNER)
                        .filter(seam -> seam.line().from().v() == seam.line().to().v())
                        .toList();
        assertThat(level).isNotEmpty();
        assertThat(level)
                .allSatisfy(
                        seam -> {
                            assertThat(seam.line().from().v())
                                    .isCloseTo((lining.fromV() + lining.toV()) / 2, EXACT);
                            assertThat(seam.backed()).isTrue();
                        });
    }

    @Test
    void liningInOnePiece_tellsHowManySheetsItTakes() {
        BoxModel model = model(put(a -> a.withLining(Assembly.Lining.IN_ONE_PIECE)));
        assertThat(pieces(model, "left", Skin.Face.INNER)).hasSize(1);
        // 4161 by 1956 out of 1220 by 2520: two along by two up
        Finding glued =
                model.findings().stream()
                        .filter(finding -> finding.code().equals("LINING_GLUED_UP"))
                        .filter(finding -> finding.place().part().equals("left"))
                        .findFirst()
                        .orElseThrow();
        assertThat(glued.demand().value()).isEqualTo(4);
    }

    private static List<SheetPiece> pieces(BoxModel model, String panel, Skin.Face face) {
        return model.get(Skins.class).pieces().stream()
                .filter(piece -> piece.panel().id().equals(panel) && piece.skin().face() == face)
                .toList();
    }

    @Test
    void roofOffARoll_isOnePiece_boughtByLength() {
        BoxModel model = model(put(a -> a.withStrip(Assembly.Strip.OFF_A_ROLL)));
        assertThat(pieces(model, "roof", Skin.Face.OUTER)).hasSize(1);
        SheetOrder roll =
                model.get(Skins.class).orders().stream()
                        .filter(order -> order.form() == SheetOrder.Form.ROLL)
                        .findFirst()
                        .orElseThrow();
        assertThat(roll.widthMm()).isEqualTo(2600);
        assertThat(roll.lengthMm()).isCloseTo(4300, EXACT);
        assertThat(model.findings()).extracting(Finding::code).doesNotContain("STRIP_OFF_NO_ROLL");
        BoxPlan wide = SQUARE.withBox(SQUARE.box().withWidth(2610));
        assertThat(model(put(wide, a -> a.withStrip(Assembly.Strip.OFF_A_ROLL))).findings())
                .extracting(Finding::code)
                .contains("STRIP_OFF_NO_ROLL");
    }

    /**
     * The round tail goes on from the roof without a corner: one sheet, as long as the straight roof of 3004 − 559 = 2445 and
     * a quarter round 1295.25, the middle of its skin, 2034.57. The raked nose before it, 559 by 1210, is another: 1332.9.
     */
    @Test
    void roofAndTail_areOneSheet_whereTheyGoOnSmoothly() {
        BoxPlan round = StartingPlans.of(OutlineStart.ROUND_TAIL).withOpenings(List.of());
        BoxModel model = model(put(round, a -> a.withStrip(Assembly.Strip.OFF_A_ROLL)));
        SheetOrder roll =
                model.get(Skins.class).orders().stream()
                        .filter(order -> order.form() == SheetOrder.Form.ROLL)
                        .findFirst()
                        .orElseThrow();
        assertThat(roll.pieces()).isEqualTo(2);
        assertThat(roll.lengthMm()).isCloseTo(1332.9 + 2445 + 2034.57, within(1.0));
        assertThat(OnePiece.with(model.get(Skins.class).pieces(), model.library()))
                .containsOnlyKeys("roof outer 1", "tail outer 1");
    }

    /** Over a corner the sheet is cut: a chamfered box has as many sheets as pieces. */
    @Test
    void corners_cutTheSheet() {
        BoxPlan sharp = StartingPlans.of(OutlineStart.CHAMFERED).withOpenings(List.of());
        BoxModel model = model(put(sharp, a -> a.withStrip(Assembly.Strip.OFF_A_ROLL)));
        assertThat(OnePiece.with(model.get(Skins.class).pieces(), model.library())).isEmpty();
    }

    @Test
    void floorInPieces_leavesByTheDoor_orSaysThatItStays() {
        BoxPlan plan = OpeningEdits.added(SQUARE, UnitShelf.UNITS.getFirst(), Wall.LEFT);
        // two pieces of 2047 by 2148.5 do not pass a door of 1850, four of about 1024 do
        assertThat(model(put(plan, a -> a.withFloor(2, 1))).findings())
                .extracting(Finding::code)
                .contains("FLOOR_PIECE_STAYS");
        BoxModel four = model(put(plan, a -> a.withFloor(2, 2)));
        assertThat(four.findings()).extracting(Finding::code).doesNotContain("FLOOR_PIECE_STAYS");
        for (Skin.Face face : List.of(Skin.Face.FLOOR_TOP, Skin.Face.FLOOR_BOTTOM)) {
            assertThat(pieces(four, "floor", face))
                    .as("no sheet lies over the joint of the pieces")
                    .allMatch(
                            piece ->
                                    piece.shape().bounds().toV() < 1.5 + 4297 / 2.0 + 1e-5
                                            || piece.shape().bounds().fromV()
                                                    > 1.5 + 4297 / 2.0 - 1e-5);
        }
    }

    @Test
    void whatCannotBeSetOut_saysSoOnce() {
        BoxPlan winged =
                SQUARE.withBox(
                        SQUARE.box()
                                .withDetails(
                                        SQUARE.box().details().withWings(new Wings(1450, 600))));
        assertThat(
                        model(put(winged, a -> a.withCorners(Assembly.Corners.SIDES_OVER_STRIP)))
                                .findings())
                .extracting(Finding::code)
                .contains("WINGS_AND_CORNERS");
        BoxPlan dropped = OutlineTools.withDropFloor(SQUARE);
        assertThat(model(put(dropped, a -> a.withFeet(Assembly.Feet.BESIDE_THE_FLOOR))).findings())
                .extracting(Finding::code)
                .contains("FLOOR_BETWEEN_STEPS");
    }
}
