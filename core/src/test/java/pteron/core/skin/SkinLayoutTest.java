package pteron.core.skin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pteron.core.buildup.Layer;
import pteron.core.edit.BoxEdits;
import pteron.core.frame.Frame;
import pteron.core.frame.SheetColumns;
import pteron.core.geometry.Bounds2;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.StartingPlans;
import pteron.core.shell.Skin;

/** How sheets fall on single walls. */
class SkinLayoutTest {

    private static final BoxPlan BARE = StartingPlans.square().withOpenings(List.of());

    private static List<SheetPiece> pieces(BoxPlan plan, String panel, Skin.Face face) {
        return BoxModel.of(plan, MaterialLibrary.starting())
                .built()
                .orElseThrow()
                .get(Skins.class)
                .pieces()
                .stream()
                .filter(p -> p.panel().id().equals(panel) && p.skin().face() == face)
                .toList();
    }

    private static double width(SheetPiece piece) {
        return piece.shape().bounds().width();
    }

    /** A rest of 47 mm after three sheets would be a sliver: the third sheet is cut back to a stud. */
    @Test
    void noSliver_atTheEnd() {
        BoxPlan plan = BARE.withBox(BARE.box().withOutline(BARE.box().outline()));
        var outline = new ArrayList<>(plan.box().outline());
        outline.set(2, new OutlinePoint(3800, 2160));
        outline.set(3, new OutlinePoint(3800, 0));
        BoxPlan shorter = plan.withBox(plan.box().withOutline(outline));
        List<SheetPiece> right = pieces(shorter, "right", Skin.Face.OUTER);
        assertThat(right).hasSize(4);
        assertThat(width(right.getLast())).isGreaterThanOrEqualTo(SheetColumns.NARROWEST_MM);
        assertThat(width(right.get(2))).isCloseTo(1250 * 2 / 3.0, within(1e-6));
    }

    /** Narrower lining sheets fall on the studs that the outer sheets set out. */
    @Test
    void lining_fallsOnTheSameStuds() {
        List<SheetPiece> inner = pieces(BARE, "right", Skin.Face.INNER);
        for (SheetPiece piece : inner.subList(0, inner.size() - 1)) {
            double seam = piece.shape().bounds().toU() - 1.5;
            double studs = seam / (1250 / 3.0);
            assertThat(studs).isCloseTo(Math.rint(studs), within(1e-6));
        }
    }

    @Test
    void opening_isCutOut_asHoleOrNotch() {
        BoxPlan plan = StartingPlans.square();
        List<SheetPiece> left = pieces(plan, "left", Skin.Face.OUTER);
        double window = left.stream().flatMap(p -> p.shape().holes().stream()).count();
        assertThat(window).isEqualTo(1);
        assertThat(left).anyMatch(p -> p.shape().corners().size() > 4);
    }

    /** Wide glass-fibre sheets cover the rear in one piece. */
    @Test
    void wideSheets_noSeams() {
        var walls = BARE.makeUp().walls();
        BoxPlan wide =
                BARE.withMakeUp(
                        BARE.makeUp().withWalls(walls.withOuterSkin(new Layer("grp-skin", 2))));
        assertThat(pieces(wide, "rear", Skin.Face.OUTER)).hasSize(1);
    }

    /** A wall of 2.3 m under sheets of 2.44 m is one course; at 2.5 m it is two, on a row of blocks. */
    @Test
    void highWall_hasTwoCourses_onBlocks() {
        var walls = BARE.makeUp().walls();
        BoxPlan ply =
                BARE.withMakeUp(
                        BARE.makeUp().withWalls(walls.withOuterSkin(new Layer("spruce-ply", 6))));
        var outline = new ArrayList<>(ply.box().outline());
        outline.set(1, new OutlinePoint(0, 2600));
        outline.set(2, new OutlinePoint(4300, 2600));
        BoxPlan high = ply.withBox(ply.box().withOutline(outline));
        assertThat(pieces(ply, "right", Skin.Face.OUTER))
                .allMatch(p -> p.shape().bounds().fromV() < 1);
        assertThat(pieces(high, "right", Skin.Face.OUTER))
                .anyMatch(p -> p.shape().bounds().fromV() > 1000);
        var model = BoxModel.of(high, MaterialLibrary.starting()).built().orElseThrow();
        assertThat(model.get(Frame.class).members())
                .anyMatch(m -> m.name().startsWith("right block"));
        assertThat(model.get(Skins.class).seams()).allMatch(Seam::backed);
    }

    @Test
    void seamBesideADoor_isBackedByItsTrimmer() {
        BoxPlan plan =
                StartingPlans.square()
                        .withOpening("door", o -> o.withPlace(new Opening.Place(2520, 0)));
        var built = BoxModel.of(plan, MaterialLibrary.starting()).built().orElseThrow();
        assertThat(built.get(Skins.class).findings()).isEmpty();
        Bounds2 trimmer =
                built.get(Frame.class).members().stream()
                        .filter(m -> m.name().equals("left trimmer 3"))
                        .findFirst()
                        .orElseThrow()
                        .bounds();
        assertThat(trimmer.fromU()).isLessThan(2501.5);
        assertThat(trimmer.toU()).isGreaterThan(2501.5);
    }

    /** Sheets hardly wider than a sliver, such as boards: laid to the end, however the rest comes out. */
    @Property(tries = 40, seed = "20261126")
    void narrowSheets_reachTheEnd(
            @ForAll @DoubleRange(min = 40, max = 260) double width,
            @ForAll @DoubleRange(min = 40, max = 400) double length,
            @ForAll @IntRange(min = 1500, max = 1700) int box) {
        Material boards =
                new Material(
                        "boards",
                        "Boards",
                        Material.Kind.BOARD,
                        narrow(MaterialLibrary.starting().get("birch-ply"), width, length));
        BoxPlan shop = BoxEdits.withLength(BARE, box).withMaterials(List.of(boards));
        List<SheetPiece> right = pieces(skinned(shop, "boards"), "right", Skin.Face.OUTER);
        assertThat(right).allMatch(piece -> width(piece) <= width + 1e-6);
        List<SheetPiece> sheets = pieces(skinned(shop, "birch-ply"), "right", Skin.Face.OUTER);
        assertThat(area(right)).isCloseTo(area(sheets), within(1.0));
    }

    private static double area(List<SheetPiece> pieces) {
        return pieces.stream().mapToDouble(piece -> piece.shape().area()).sum();
    }

    private static BoxPlan skinned(BoxPlan plan, String material) {
        return plan.withMakeUp(
                plan.makeUp()
                        .withWalls(plan.makeUp().walls().withOuterSkin(new Layer(material, 12))));
    }

    private static Map<pteron.core.material.Property, Material.Sourced> narrow(
            Material like, double width, double length) {
        Map<pteron.core.material.Property, Material.Sourced> values = new HashMap<>(like.values());
        values.put(
                pteron.core.material.Property.SHEET_WIDTH, new Material.Sourced(width, "invented"));
        values.put(
                pteron.core.material.Property.SHEET_LENGTH,
                new Material.Sourced(length, "invented"));
        return values;
    }
}
