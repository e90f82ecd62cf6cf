package pteron.core.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static pteron.core.quantity.Tolerance.TOUCH;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Layer.Grain;
import pteron.core.frame.Boarding;
import pteron.core.frame.Frame;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.Role;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.plan.StartingPlans;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Skin;

/** Solid boards over a light frame: larch of 145 with a lap of 25, so that each covers 120. */
class BoardsTest {

    private static BoxModel model(Grain grain) {
        BoxPlan plan = StartingPlans.square().withOpenings(List.of());
        MakeUp makeUp = plan.makeUp();
        Framed walls =
                makeUp.walls()
                        .withScheme(Framed.Scheme.BOARDS)
                        .withOuterSkin(new Layer("larch-boards", 20, grain, Layer.SCREWED));
        return BoxModel.of(plan.withMakeUp(makeUp.withWalls(walls)), MaterialLibrary.starting());
    }

    private static List<SheetPiece> boards(BoxModel model) {
        return model.get(Skins.class).pieces().stream()
                .filter(piece -> piece.panel().kind() == PanelKind.LEFT)
                .filter(piece -> piece.skin().face() == Skin.Face.OUTER)
                .toList();
    }

    private static SheetOrder order(BoxModel model) {
        return model.get(Skins.class).orders().stream()
                .filter(one -> one.form() == SheetOrder.Form.BOARDS)
                .findFirst()
                .orElseThrow();
    }

    /** By hand: 2000 / 120 = 16.67, so 17; 80 are left for the last, more than a third. */
    @Test
    void boards_areCountedWithTheirLap() {
        Boarding boards = new Boarding(145, 25, 4000, false);
        assertThat(boards.count(2000)).isEqualTo(17);
        assertThat(boards.edges(0, 2000)).hasSize(17).endsWith(1920.0, 2000.0);
        assertThatThrownBy(() -> new Boarding(145, 145, 4000, false))
                .hasMessageContaining("cover of a board");
    }

    /** 17 × 120 = 2040 and 10 more: the last would be a sliver of 10, so the first and the last are 65. */
    @Test
    void sliver_isSharedByFirstAndLast() {
        List<Double> edges = new Boarding(145, 25, 4000, false).edges(0, 2050);
        assertThat(edges).hasSize(18);
        assertThat(edges.getFirst()).isCloseTo(65, within(1e-9));
        assertThat(edges.getLast() - edges.get(16)).isCloseTo(65, within(1e-9));
    }

    /** What two things may be apart and touch still, the last board may be wider. */
    @Property(tries = 300, seed = "20261127")
    void boards_coverTheFace_eachNoMoreThanItsCover(
            @ForAll @DoubleRange(min = 100, max = 6000) double room,
            @ForAll @DoubleRange(min = 60, max = 250) double width) {
        Boarding boards = new Boarding(width, 10, 3000, false);
        List<Double> edges = boards.edges(0, room);
        double before = 0;
        for (double edge : edges) {
            assertThat(edge - before)
                    .isPositive()
                    .isLessThanOrEqualTo(boards.coverMm() + TOUCH.lengthMm() + 1e-6);
            before = edge;
        }
        assertThat(before).isEqualTo(room);
    }

    /**
     * Left wall, outer skin 4297 × 2158.5 mm: 18 courses; boards of 4 m butt once in each, on a stud. Weight of the face:
     * area × 20 mm × 590 × 145/120.
     */
    @Test
    void levelBoards_buttOnStuds() {
        BoxModel model = model(Grain.ACROSS);
        List<SheetPiece> boards = boards(model);
        PanelFrame left = model.get(Frame.class).panel(PanelKind.LEFT);
        double area = left.panel().skin(Skin.Face.OUTER).area().area();
        double height = left.panel().skin(Skin.Face.OUTER).area().bounds().height();
        assertThat(boards).hasSize(2 * (int) Math.ceil(height / 120));
        double mass = boards.stream().mapToDouble(SheetPiece::massKg).sum();
        assertThat(mass).isCloseTo(area * 20 * 590 * 145 / 120 / 1e9, within(1e-6));
        List<Seam> butts =
                model.get(Skins.class).seams().stream()
                        .filter(seam -> seam.panel().kind() == PanelKind.LEFT)
                        .filter(seam -> seam.skin().isOutside())
                        .toList();
        assertThat(butts).hasSize(boards.size() / 2).allMatch(Seam::backed);
        assertThat(butts)
                .allMatch(seam -> left.settingOut().middles().contains(seam.line().from().u()));
    }

    /** Studs are as many as sheets inside ask for, not one behind each board. */
    @Test
    void studs_standAsFarApartAsForSheets() {
        long sheets = studs(BoxModel.of(bare(), MaterialLibrary.starting()));
        assertThat(studs(model(Grain.ACROSS))).isBetween(sheets - 1, sheets + 1);
    }

    private static BoxPlan bare() {
        return StartingPlans.square().withOpenings(List.of());
    }

    private static long studs(BoxModel model) {
        return model.get(Frame.class).panel(PanelKind.LEFT).members().stream()
                .filter(member -> member.role() == Role.STUD)
                .count();
    }

    /** Upright boards want rows to be nailed to: a wall of 1961 mm, at most 500 apart, has 4 bays and 3 rows. */
    @Test
    void uprightBoards_haveRowsOfBlocks() {
        BoxModel level = model(Grain.ACROSS);
        BoxModel upright = model(Grain.ALONG);
        PanelFrame left = upright.get(Frame.class).panel(PanelKind.LEFT);
        assertThat(left.panel().frame().bounds().height()).isCloseTo(1961, within(1.0));
        assertThat(left.settingOut().outerRows()).hasSize(3);
        assertThat(blocks(upright)).isGreaterThan(blocks(level) + 20);
    }

    private static long blocks(BoxModel model) {
        return model.get(Frame.class).panel(PanelKind.LEFT).members().stream()
                .filter(member -> member.role() == Role.BLOCK)
                .count();
    }

    /** Each piece comes off a board: their lengths together are no more than the boards bought. */
    @Test
    void boards_areBoughtByLength() {
        BoxModel model = model(Grain.ACROSS);
        SheetOrder order = order(model);
        double length =
                model.get(Skins.class).pieces().stream()
                        .filter(piece -> piece.skin().layer().material().equals("larch-boards"))
                        .mapToDouble(piece -> piece.cutShape().bounds().width())
                        .sum();
        assertThat(order.lengthMm()).isEqualTo(4000);
        assertThat(order.sheets() * 4000.0).isBetween(length, 1.3 * length);
    }
}
