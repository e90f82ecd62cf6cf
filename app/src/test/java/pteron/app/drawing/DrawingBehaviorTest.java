package pteron.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import pteron.app.document.PlanDocument;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Drawings;
import pteron.core.drawing.Grip;
import pteron.core.drawing.View;
import pteron.core.edit.BoxEdits;
import pteron.core.geometry.Point2;
import pteron.core.plan.Opening;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.UnitSystem;

/** The behaviour in millimetres, without a window. */
class DrawingBehaviorTest {

    private final PlanDocument document = new PlanDocument(StartingPlans.square(), null);
    private final DrawingBehavior behavior = new DrawingBehavior(document);

    private Opening.Place place(String id) {
        return document.plan().opening(id).place();
    }

    private Grip grip(String id) {
        return Drawings.of(document.model(), View.LEFT, "openings", "").grips().stream()
                .filter(g -> g.part().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void drag_snaps_isOneStep_doorsStayOnTheFloor() {
        behavior.press(grip("window-b"));
        for (int i = 1; i <= 10; i++) {
            behavior.drag(i * 11.3, i * 5.2);
        }
        behavior.release();
        assertThat(place("window-b")).isEqualTo(new Opening.Place(1595, 770));
        document.undo();
        assertThat(place("window-b")).isEqualTo(new Opening.Place(1480, 720));
        behavior.press(grip("door"));
        behavior.drag(-100, 300);
        behavior.release();
        assertThat(place("door")).isEqualTo(new Opening.Place(3080, 0));
    }

    @Test
    void drag_inInches_snapsToSixteenths() {
        document.edit(plan -> plan.withUnits(UnitSystem.INCHES));
        behavior.press(grip("window-b"));
        behavior.drag(3, 0);
        behavior.release();
        double sixteenths = place("window-b").alongMm() / 25.4 * 16;
        assertThat(sixteenths).isCloseTo(Math.rint(sixteenths), within(1e-9));
    }

    @Test
    void nudge_inARowIsOneStep() {
        behavior.nudge(grip("window-b"), 10, 0);
        behavior.nudge(grip("window-b"), 10, 0);
        assertThat(place("window-b").alongMm()).isEqualTo(1500);
        document.undo();
        assertThat(place("window-b").alongMm()).isEqualTo(1480);
    }

    @Test
    void type_takesBothSystems_refusesWithASentence() {
        assertThat(behavior.type("box.length", "14' 3 1/4\"")).isEmpty();
        assertThat(BoxEdits.length(document.plan())).isCloseTo(4349.75, within(1e-9));
        assertThat(behavior.type("box.length", "4.35 m")).isEmpty();
        assertThat(BoxEdits.length(document.plan())).isCloseTo(4350, within(1e-9));
        assertThat(behavior.type("box.length", "long"))
                .hasValueSatisfying(s -> assertThat(s).contains("is not a length"));
        assertThat(behavior.type("box.width", "3"))
                .hasValueSatisfying(s -> assertThat(s).contains("box width"));
        assertThat(behavior.type("opening.gone.width", "3")).isPresent();
        assertThat(behavior.type("axle.0.empty", "300 kg")).isEmpty();
        assertThat(document.plan().vehicle().gear().axles().getFirst().emptyKg()).isEqualTo(300);
        assertThat(BoxEdits.length(document.plan())).isCloseTo(4350, within(1e-9));
    }

    @Test
    void transform_fits_zoomsAboutAPoint_andGoesBack() {
        Drawing drawing = Drawings.of(document.model(), View.LEFT, "openings", "");
        ViewTransform fit = ViewTransform.fitting(drawing, 800, 500);
        assertThat(fit.x(drawing.bounds().fromU())).isGreaterThanOrEqualTo(0);
        assertThat(fit.x(drawing.bounds().toU())).isLessThanOrEqualTo(800);
        assertThat(fit.y(drawing.bounds().toV())).isGreaterThanOrEqualTo(0);
        assertThat(fit.y(drawing.bounds().fromV())).isLessThanOrEqualTo(500);
        Point2 at = fit.toView(300, 200);
        ViewTransform near = fit.zoomed(2, 300, 200);
        assertThat(near.x(at.u())).isCloseTo(300, within(1e-9));
        assertThat(near.y(at.v())).isCloseTo(200, within(1e-9));
        assertThat(near.moved(10, -5).x(at.u())).isCloseTo(310, within(1e-9));
    }
}
