package pteron.core.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.edit.BoxEdits;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.Role;
import pteron.core.geometry.Point2;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;
import pteron.core.plan.Assembly;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.PlanArbitraries;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.NumberText;
import pteron.core.shell.PanelKind;

/** The page of a panel: numbers, places, saw settings, plates; by hand from the plan alone. */
class FramePageTest {

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    private static FramePage left(BoxPlan plan) {
        return FramePages.of(model(plan)).getFirst();
    }

    /** A mitre saw turns to 60°; beyond, the other angle along a square block: common practice. */
    @ParameterizedTest
    @CsvSource({
        "0, 0, false, 0", "24.8, 24.8, false, 1", "-24.8, 24.8, false, -1",
        "60, 60, false, 1", "65.2, 24.8, true, 1", "-65.2, 24.8, true, -1"
    })
    void sawSetting(double fromSquare, double degrees, boolean block, int side) {
        SawSetting saw = SawSetting.of(fromSquare);
        assertThat(saw.degrees()).isCloseTo(degrees, within(1e-9));
        assertThat(saw.alongBlock()).isEqualTo(block);
        assertThat(saw.side()).isEqualTo(side);
        assertThat(saw.isSquare()).isEqualTo(side == 0);
    }

    @Test
    void sawSetting_illegalArguments() {
        // a feathered end of a lean piece, found by random edits
        assertThat(SawSetting.of(89.97).degrees()).isCloseTo(0.03, within(1e-9));
        assertThat(SawSetting.of(-90).alongBlock()).isTrue();
        assertThatThrownBy(() -> SawSetting.of(90.1)).hasMessageContaining("angle of a cut");
        assertThatThrownBy(() -> SawSetting.of(Double.NaN)).hasMessageContaining("angle of a cut");
    }

    /** Studs of a bare wall from the plan alone: at most the spacing from centre to centre, the sheets' edges on centres. */
    @Test
    void runningDimensions_ofABareWall_byHand() {
        BoxPlan plan = StartingPlans.square().withOpenings(List.of());
        FramePage page = left(plan);
        double thick = plan.makeUp().walls().framing().section().thicknessMm();
        double spacing = plan.makeUp().walls().framing().spacingMm();
        List<Piece> studs =
                page.pieces().stream().filter(piece -> piece.member().isUpright()).toList();
        assertThat(studs.getFirst().fromZeroMm()).isCloseTo(0, within(1e-9));
        for (int i = 0; i < studs.size(); i++) {
            Piece stud = studs.get(i);
            assertThat(stud.middleMm()).isCloseTo(stud.fromZeroMm() + thick / 2, within(1e-9));
            if (i > 0) {
                double apart = stud.middleMm() - studs.get(i - 1).middleMm();
                assertThat(apart).isLessThanOrEqualTo(spacing + 1e-6);
            }
        }
        double plate = page.pieces().getFirst().longPointMm();
        assertThat(studs.getLast().fromZeroMm() + thick).isCloseTo(plate, within(1e-6));
    }

    /**
     * Set-outs M1 to M3 and M5 of the table of stud set-outs: wall from 0 to its length, inner studs centred at k · spacing − lead,
     * where lead is how far the first sheet begins before the wall; a stud that would reach into the last post is left out. Side walls
     * that run past begin with their sheets (lead 0); others lap over the frame of the front wall, which is as deep as a stud is thick.
     */
    @ParameterizedTest
    @CsvSource({
        "3000, 45, 400, 0, 1200, 0 377.5 777.5 1177.5 1577.5 1977.5 2377.5 2777.5 2955",
        "2400, 38, 600, 0, 1200, 0 581 1181 1781 2362",
        "3657.6, 38.1, 406.4, 0, 1219.2, 0 387.35 793.75 1200.15 1606.55 2012.95 2419.35 2825.75 3232.15 3619.5",
        "4100, 38.1, 406.4, 38.1, 1219.2, 0 349.25 755.65 1162.05 1568.45 1974.85 2381.25 2787.65 3194.05 3600.45 4006.85"
                + " 4061.9"
    })
    void runningMarks_ofATable(
            double wall, double thick, double spacing, double lead, double sheet, String marks) {
        BoxPlan square = StartingPlans.square().withOpenings(List.of());
        MakeUp makeUp = square.makeUp();
        Framed walls =
                makeUp.walls()
                        .withOuterSkin(new Layer("aluminium-as-sold", 1.5))
                        .withInnerSkin(new Layer("ply-as-sold", 5))
                        .withMembers(new Members(new Section(thick, thick), spacing, "c24"))
                        .withInsulation(new Layer("xps", thick));
        Assembly assembly =
                lead > 0
                        ? makeUp.assembly()
                        : makeUp.assembly().withCorners(Assembly.Corners.SIDES_OVER_STRIP);
        BoxPlan built = square.withMakeUp(makeUp.withWalls(walls).withAssembly(assembly));
        // the box is longer by what stands before and behind the wall's frame: outer sheets, and
        // frames where they do
        double beside = 2 * (lead + 1.5);
        FramePage page =
                FramePages.of(BoxModel.of(BoxEdits.withLength(built, wall + beside), sold(sheet)))
                        .getFirst();
        double[] expected = Stream.of(marks.split(" ")).mapToDouble(Double::parseDouble).toArray();
        assertThat(
                        page.pieces().stream()
                                .filter(piece -> piece.member().isUpright())
                                .mapToDouble(Piece::fromZeroMm)
                                .toArray())
                .containsExactly(expected, within(1e-6));
    }

    /** {@return the shop's materials, and aluminium and plywood in sheets of a width} */
    private static MaterialLibrary sold(double widthMm) {
        MaterialLibrary shop = MaterialLibrary.starting();
        return shop.with(
                List.of(
                        inSheets(shop.get("aluminium"), "aluminium-as-sold", widthMm),
                        inSheets(shop.get("poplar-ply"), "ply-as-sold", widthMm)));
    }

    private static Material inSheets(Material like, String id, double widthMm) {
        Map<pteron.core.material.Property, Material.Sourced> values = new EnumMap<>(like.values());
        values.put(
                pteron.core.material.Property.SHEET_WIDTH,
                new Material.Sourced(widthMm, "the table"));
        return new Material(id, like.name(), like.kind(), values);
    }

    /** From the lengths of the plates alone: a wall with level plates and upright rear, its nose raked or not. */
    @ParameterizedTest
    @CsvSource({"SQUARE", "RAKED_NOSE"})
    void diagonals_byPythagoras(OutlineStart start) {
        FramePage page = left(StartingPlans.of(start).withOpenings(List.of()));
        double bottom = lengthOf(page, Role.BOTTOM_PLATE);
        double top = lengthOf(page, Role.TOP_PLATE);
        double high =
                page.pieces().stream()
                                .map(piece -> piece.member().bounds().toV())
                                .reduce(0.0, Math::max)
                        - page.pieces().getFirst().member().bounds().fromV();
        Diagonals square = page.diagonals().orElseThrow();
        assertThat(square.risingMm()).isCloseTo(Math.hypot(bottom, high), within(0.5));
        assertThat(square.fallingMm()).isCloseTo(Math.hypot(top, high), within(0.5));
    }

    /** Both ends chamfered at 45°: the upper corners are those of the level plate, so that both diagonals are equal. */
    @Test
    void diagonals_ofAChamferedWall_reachTheLevelPlate() {
        FramePage page = left(StartingPlans.of(OutlineStart.CHAMFERED).withOpenings(List.of()));
        Diagonals square = page.diagonals().orElseThrow();
        assertThat(square.risingMm()).isCloseTo(square.fallingMm(), within(0.5));
        assertThat(square.upperRight().v()).isCloseTo(square.upperLeft().v(), within(0.5));
        assertThat(square.upperRight().u() - square.upperLeft().u())
                .isLessThan(lengthOf(page, Role.BOTTOM_PLATE) - 100);
    }

    private static double lengthOf(FramePage page, Role role) {
        return page.pieces().stream()
                .filter(piece -> piece.member().role() == role)
                .mapToDouble(Piece::longPointMm)
                .max()
                .orElseThrow();
    }

    /** A bent corner takes no tape. */
    @Test
    void diagonals_ofABentWall_areNotTold() {
        assertThat(left(StartingPlans.of(OutlineStart.ROUND_TAIL)).diagonals()).isEmpty();
    }

    /** Two trimmers a window and a door, a header each, a sill under the window: named by what they frame. */
    @Test
    void piecesRoundAnOpening_bearItsName() {
        BoxPlan plan = StartingPlans.square();
        FramePage page = left(plan);
        for (OpeningHeights opening : page.openings()) {
            assertThat(
                            page.pieces().stream()
                                    .filter(
                                            piece ->
                                                    piece.frames()
                                                            .equals(Optional.of(opening.name())))
                                    .map(piece -> piece.member().role()))
                    .as(opening.name())
                    .containsOnlyOnce(Role.HEADER)
                    .contains(Role.TRIMMER)
                    .hasSizeGreaterThanOrEqualTo(opening.sillMm().isPresent() ? 4 : 3);
        }
        assertThat(page.openings()).isNotEmpty();
    }

    /**
     * Bevels by hand: a front wall and a nose that turn by a half each at a raked nose, the shorter face inside; the page tells the
     * figure of the saw and which face is narrower.
     */
    @Test
    void bevels_tellWhichFaceIsNarrower() {
        BoxModel model = model(StartingPlans.of(OutlineStart.RAKED_NOSE));
        Outline outline = model.get(Outline.class);
        double turn =
                Math.abs(
                        Math.toDegrees(
                                angle(outline.elements().get(0))
                                        - angle(outline.elements().get(1))));
        Member plate =
                model.get(Frame.class).members(Role.TOP_PLATE).stream()
                        .filter(one -> one.panel().kind() == PanelKind.FRONT)
                        .findFirst()
                        .orElseThrow();
        assertThat(Piece.bevel(plate))
                .isEqualTo(NumberText.format(turn / 2, 1) + "°, inner face narrower");
        Member stud = model.get(Frame.class).members(Role.STUD).getFirst();
        assertThat(Piece.bevel(stud)).isEmpty();
    }

    /**
     * Mitres of the plates of a side wall by rotation of two planes: where two straight edges of the outline meet, each plate is cut
     * at half of the turn between them; read as the saw is set.
     */
    @ParameterizedTest
    @EnumSource(names = {"SQUARE", "RAKED_NOSE", "CHAMFERED"})
    void mitres_areHalfTheTurn(OutlineStart start) {
        BoxModel model = model(StartingPlans.of(start).withOpenings(List.of()));
        List<Element> roof = model.get(Outline.class).elements();
        List<String> cuts =
                left(StartingPlans.of(start).withOpenings(List.of())).pieces().stream()
                        .filter(one -> one.member().role() == Role.TOP_PLATE)
                        .flatMap(
                                one ->
                                        Stream.of(
                                                SawSetting.words(one.member().startCut()),
                                                SawSetting.words(one.member().endCut())))
                        .toList();
        int mitres = 0;
        for (int i = 1; i < roof.size(); i++) {
            double turn = Math.toDegrees(Math.abs(angle(roof.get(i)) - angle(roof.get(i - 1))));
            boolean sloping = turn > 1 && turn < 89;
            if (sloping && isSlope(roof.get(i)) != isSlope(roof.get(i - 1)) && turn > 30) {
                String half = NumberText.format(turn / 2, 1) + "°";
                assertThat(cuts).as("turn of %.2f°", turn).contains(half);
                mitres++;
            }
        }
        assertThat(mitres > 0).isEqualTo(start != OutlineStart.SQUARE);
    }

    /** {@return whether an edge is neither level nor upright} */
    private static boolean isSlope(Element element) {
        double degrees = Math.toDegrees(Math.abs(angle(element)));
        return degrees > 5 && degrees < 85;
    }

    private static double angle(Element element) {
        Point2 way = element.curve().to().minus(element.curve().from());
        return Math.atan2(way.v(), way.u());
    }

    @Test
    void titles_areThoseOfTheCutList() {
        assertThat(left(StartingPlans.square()).pieces())
                .extracting(Piece::title)
                .contains("bottom plate 1", "stud 1")
                .doesNotHaveDuplicates();
    }

    /** Sill and head from the top of the bottom plate: the plan counts over the floor, its opening a play larger. */
    @Test
    void sillAndHead_byHand() {
        BoxPlan plan = StartingPlans.square();
        FramePage page = left(plan);
        var window = plan.opening("window-b");
        OpeningHeights told =
                page.openings().stream()
                        .filter(one -> one.name().equals(window.name()))
                        .findFirst()
                        .orElseThrow();
        assertThat(told.headMm() - told.sillMm().orElseThrow())
                .isCloseTo(window.size().heightMm() + 2 * window.playMm(), within(1e-6));
        assertThat(told.widthMm())
                .isCloseTo(window.size().widthMm() + 2 * window.playMm(), within(1e-6));
        Piece sill = of(page, Role.SILL, told.fromZeroMm());
        assertThat(sill.member().bounds().toV() - page.zero().v())
                .isCloseTo(told.sillMm().orElseThrow(), within(1e-6));
        Piece header = of(page, Role.HEADER, told.fromZeroMm());
        assertThat(header.member().bounds().fromV() - page.zero().v())
                .isCloseTo(told.headMm(), within(1e-6));
    }

    private static Piece of(FramePage page, Role role, double fromMm) {
        return page.pieces().stream()
                .filter(piece -> piece.member().role() == role)
                .filter(piece -> Math.abs(piece.fromZeroMm() - fromMm) < 1)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void doorReachesTheFloor_hasNoSill_andCutsThePlate() {
        BoxPlan plan = StartingPlans.square();
        List<FramePage> pages = FramePages.of(model(plan));
        FramePage page =
                pages.stream()
                        .filter(
                                one ->
                                        one.openings().stream()
                                                .anyMatch(door -> door.name().equals("Door")))
                        .findFirst()
                        .orElseThrow();
        OpeningHeights door =
                page.openings().stream()
                        .filter(one -> one.name().equals("Door"))
                        .findFirst()
                        .orElseThrow();
        assertThat(door.sillMm()).isEmpty();
        assertThat(
                        page.plates().stream()
                                .filter(p -> p.plate().member().role() == Role.BOTTOM_PLATE))
                .hasSize(2);
    }

    @Provide
    Arbitrary<BoxPlan> plans() {
        return PlanArbitraries.plans();
    }

    /** Every member stands on exactly one page, its number once; every stud from plate to plate has its line on both. */
    @Property(tries = 60, seed = "20261201")
    void everyMember_hasOneLine(@ForAll("plans") BoxPlan plan) {
        BoxModel model = model(plan);
        if (model.isWeighedByAreas()) {
            return;
        }
        List<FramePage> pages = FramePages.of(model);
        List<Member> told =
                pages.stream().flatMap(page -> page.pieces().stream()).map(Piece::member).toList();
        assertThat(told).containsExactlyInAnyOrderElementsOf(model.members());
        for (FramePage page : pages) {
            Set<Integer> numbers = new HashSet<>();
            for (Piece piece : page.pieces()) {
                assertThat(numbers.add(piece.number())).isTrue();
                assertThat(piece.shortPointMm()).isLessThanOrEqualTo(piece.longPointMm() + 1e-6);
            }
            for (PlateMarks plate : page.plates()) {
                for (PlateMarks.Mark mark : plate.marks()) {
                    assertThat(mark.alongMm()).isBetween(-1.0, plate.plate().longPointMm() + 1);
                }
            }
        }
    }

    /** A square wall: each full stud has a line on the bottom plate and one on the top plate, at the same place. */
    @Test
    void matingMarks_areAtOnePlaceOnBothPlates() {
        FramePage page = left(StartingPlans.square().withOpenings(List.of()));
        PlateMarks bottom = page.plates().get(0);
        PlateMarks top = page.plates().get(1);
        assertThat(bottom.marks()).hasSameSizeAs(top.marks()).hasSizeGreaterThan(5);
        for (int i = 0; i < bottom.marks().size(); i++) {
            assertThat(top.marks().get(i).number()).isEqualTo(bottom.marks().get(i).number());
            assertThat(top.marks().get(i).fromZeroMm())
                    .isCloseTo(bottom.marks().get(i).fromZeroMm(), within(1e-9));
        }
    }
}
