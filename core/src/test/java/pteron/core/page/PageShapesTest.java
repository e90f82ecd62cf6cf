package pteron.core.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Shape;
import pteron.core.frame.Member;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.PlanArbitraries;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.UnitSystem;

/** No label of a frame drawing lies on another, on a line of timber or out of its view. */
class PageShapesTest {

    private static void clear(BoxPlan plan) {
        BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
        for (FramePage page : FramePages.of(model)) {
            PageShapes.Drawn drawn = PageShapes.of(page, plan.units());
            clear(page, drawn.drawing());
            assertThat(drawn.unplaced().size())
                    .as("%s of %s", page.title(), page.pieces().size())
                    .isLessThanOrEqualTo(page.pieces().size() / 3);
        }
    }

    private static void clear(FramePage page, Drawing drawing) {
        List<Bounds2> rooms = new ArrayList<>();
        List<Shape.Lettering> placed = new ArrayList<>();
        for (Shape shape : drawing.shapes()) {
            if (shape instanceof Shape.Lettering words) {
                Bounds2 room = words.room();
                assertThat(drawing.bounds().grown(1e-6).surrounds(room)).as(words.text()).isTrue();
                assertThat(placed)
                        .as("%s: %s", page.title(), words)
                        .noneMatch(other -> other.room().grown(-1e-6).overlaps(room));
                rooms.add(room);
                placed.add(words);
            }
        }
        List<Polygon2> timber =
                page.pieces().stream()
                        .map(Piece::member)
                        .filter(member -> member.panel().equals(page.panel()))
                        .map(Member::profile)
                        .toList();
        assertThat(rooms)
                .allMatch(
                        room ->
                                timber.stream()
                                        .noneMatch(
                                                profile ->
                                                        profile.sharedArea(Polygon2.rectangle(room))
                                                                > 1e-3));
    }

    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void labels_areClear_ofEveryStart(OutlineStart start) {
        for (UnitSystem units : UnitSystem.values()) {
            clear(StartingPlans.of(start).withUnits(units));
        }
    }

    @Provide
    Arbitrary<BoxPlan> plans() {
        return PlanArbitraries.plans();
    }

    /** 300 boxes of random outlines, layers and openings. */
    @Property(tries = 300, seed = "20261201")
    void labels_areClear_ofRandomBoxes(@ForAll("plans") BoxPlan plan) {
        clear(plan);
    }
}
