package pteron.core.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Shape;
import pteron.core.drawing.View;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.picture.Drawings;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails.Overhang;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.solid.Facet;
import pteron.core.solid.Peel;
import pteron.core.solid.SolidDrawing;

/** A roof 60 over the front, 80 over the rear, 40 over the sides, its drip edge 30 high: 4300 × 2160 × 2050. */
class RoofEdgeTest {

    private static final Point2 DOWN = new Point2(0, -30);
    private static final Overhang OVER = new Overhang(60, 80, 40, 30);

    private static BoxModel model(BoxPlan plan, Overhang over, double crownMm) {
        Box box = plan.box();
        Box changed = box.withDetails(box.details().withOverhang(over).withCrown(crownMm));
        return BoxModel.of(plan.withBox(changed), MaterialLibrary.starting());
    }

    private static BoxModel square(Overhang over, double crownMm) {
        return model(StartingPlans.square(), over, crownMm);
    }

    private static RoofEdge edge(BoxModel model) {
        return RoofEdge.of(model.plan().box(), model.outline()).orElseThrow();
    }

    /** By hand: from 60 ahead to 80 behind, 1025 + 40 from the middle. */
    @Test
    void rim_byHand() {
        RoofEdge edge = edge(square(OVER, 0));
        assertThat(edge.beside(-1).getFirst()).isEqualTo(new Point3(-60, -1065, 2160));
        assertThat(edge.beside(1).getLast()).isEqualTo(new Point3(4380, 1065, 2160));
        assertThat(edge.across(true))
                .containsExactly(new Point3(-60, -1065, 2160), new Point3(-60, 1065, 2160));
        assertThat(edge.drips()).hasSize(4);
    }

    @Test
    void noHeight_orNoOverhang_noDrip() {
        assertThat(edge(square(new Overhang(60, 80, 40, 0), 0)).drips()).isEmpty();
        assertThat(edge(square(new Overhang(0, 50, 0, 18), 0)).drips()).hasSize(1);
        BoxModel none = square(Overhang.NONE, 0);
        assertThat(RoofEdge.of(none.plan().box(), none.outline())).isEmpty();
    }

    /** Beyond a rise of 40 the roof goes straight on: at 1025 of 13 152.813 it falls 0.078168 by 1, so 3.127 on 40. */
    @Test
    void crown_goesStraightOnBeyondTheWalls() {
        RoofEdge edge = edge(square(OVER, 40));
        assertThat(edge.beside(-1).getFirst().z()).isCloseTo(2160 - 3.127, within(1e-3));
        double highest = edge.across(false).stream().mapToDouble(Point3::z).max().orElseThrow();
        assertThat(highest).isCloseTo(2200, within(0.3));
    }

    /** The narrowest box, the highest rise, the widest overhang: everything has a place. */
    @Test
    void farthestBeyondTheHighestRise_hasAPlace() {
        BoxPlan narrow = StartingPlans.square();
        narrow = narrow.withBox(narrow.box().withWidth(600)).withOpenings(List.of());
        BoxModel model = model(narrow, new Overhang(1000, 1000, 1000, 1000), 150);
        assertThat(edge(model).across(true)).allMatch(at -> Double.isFinite(at.z()));
        assertThat(SolidDrawing.of(model, Peel.WHOLE).facets())
                .isNotEmpty()
                .allMatch(
                        facet -> facet.corners().stream().allMatch(at -> Double.isFinite(at.z())));
    }

    private static List<Point2> points(BoxModel model, View view) {
        return Drawings.of(model, view, OutlineStation.OUTLINE, "").shapes().stream()
                .filter(Shape.Line.class::isInstance)
                .map(Shape.Line.class::cast)
                .filter(line -> line.kind() == LineKind.OUTLINE)
                .flatMap(line -> line.points().stream())
                .toList();
    }

    /** Every view from outside shows it: on each starting outline something is drawn 30 below a rim. */
    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void everyView_showsTheDrip(OutlineStart start) {
        BoxModel bare = model(StartingPlans.of(start), Overhang.NONE, 0);
        BoxModel over = model(StartingPlans.of(start), OVER, 0);
        for (View view : List.of(View.LEFT, View.RIGHT, View.FRONT, View.REAR)) {
            List<Point2> added = new ArrayList<>(points(over, view));
            added.removeAll(points(bare, view));
            assertThat(added)
                    .as("%s %s", start, view)
                    .anyMatch(
                            rim ->
                                    added.stream()
                                            .anyMatch(low -> low.distance(rim.plus(DOWN)) < 1e-6));
        }
        List<Facet> solid = SolidDrawing.of(over, Peel.WHOLE).facets();
        assertThat(solid).anyMatch(facet -> facet.part().equals("drip edge"));
        Peel open = Peel.WHOLE.with(Peel.Coat.ROOF, false);
        assertThat(SolidDrawing.of(over, open).facets())
                .noneMatch(facet -> facet.part().equals("drip edge"));
    }
}
