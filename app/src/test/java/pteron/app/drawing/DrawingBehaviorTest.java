package pteron.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import pteron.app.document.PlanDocument;
import pteron.core.curve.Curve;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Grip;
import pteron.core.drawing.View;
import pteron.core.edit.BoxEdits;
import pteron.core.edit.OutlineTools;
import pteron.core.geometry.Point2;
import pteron.core.makeup.MakeUpStation;
import pteron.core.opening.OpeningStation;
import pteron.core.outline.OutlineStation;
import pteron.core.picture.Drawings;
import pteron.core.plan.Opening;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.UnitSystem;

/** The behaviour in millimetres, without a window. */
class DrawingBehaviorTest {

    /** A pixel of a drawing that fits the window (mm). */
    private static final double PIXEL = 9;

    private final PlanDocument document = new PlanDocument(StartingPlans.square(), null);
    private final DrawingBehavior behavior = new DrawingBehavior(document);

    private Opening.Place place(String id) {
        return document.plan().opening(id).place();
    }

    private Grip grip(String id) {
        return Drawings.of(document.model(), View.LEFT, OpeningStation.OPENINGS, "")
                .grips()
                .stream()
                .filter(g -> g.part().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void drag_snaps_isOneStep_doorsStayOnTheFloor() {
        behavior.press(grip("window-b"));
        for (int i = 1; i <= 10; i++) {
            behavior.drag(i * 11.3, i * 5.2, PIXEL);
        }
        behavior.release();
        assertThat(place("window-b")).isEqualTo(new Opening.Place(1595, 770));
        document.undo();
        assertThat(place("window-b")).isEqualTo(new Opening.Place(1480, 720));
        behavior.press(grip("door"));
        behavior.drag(-100, 300, PIXEL);
        behavior.release();
        assertThat(place("door")).isEqualTo(new Opening.Place(3080, 0));
    }

    /** A drag that is ended from outside stays where it is, as one edit; nothing later takes it back. */
    @Test
    void drag_interrupted_isOneEdit() {
        behavior.press(grip("window-b"));
        behavior.drag(60, 0, PIXEL);
        behavior.drag(120, 0, PIXEL);
        behavior.interrupt();
        assertThat(behavior.isDragging()).isFalse();
        behavior.drag(300, 0, PIXEL);
        assertThat(place("window-b").alongMm()).isEqualTo(1600);
        document.undo();
        assertThat(place("window-b").alongMm()).isEqualTo(1480);
        document.redo();
        assertThat(place("window-b").alongMm()).isEqualTo(1600);
    }

    /** Undone in the middle of a drag: the drag has ended, and Escape takes nothing more back. */
    @Test
    void drag_undoneMeanwhile_ends() {
        behavior.press(grip("door"));
        behavior.drag(-100, 0, PIXEL);
        behavior.release();
        behavior.press(grip("window-b"));
        behavior.drag(60, 0, PIXEL);
        document.undo();
        behavior.drag(90, 0, PIXEL);
        assertThat(behavior.isDragging()).isFalse();
        assertThat(place("window-b").alongMm()).isEqualTo(1480);
        assertThat(place("door").alongMm()).isEqualTo(3080);
        behavior.press(grip("window-b"));
        behavior.drag(60, 0, PIXEL);
        document.undo();
        behavior.putBack();
        assertThat(place("door").alongMm()).isEqualTo(3080);
        assertThat(document.canRedoProperty().get()).isTrue();
    }

    @Test
    void drag_inInches_snapsToSixteenths() {
        document.edit(plan -> plan.withUnits(UnitSystem.INCHES));
        behavior.press(grip("window-b"));
        behavior.drag(3, 0, PIXEL);
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

    private Grip handle(String part) {
        return Drawings.of(document.model(), View.LEFT, OutlineStation.OUTLINE, part)
                .grips()
                .stream()
                .filter(g -> g.part().equals(part))
                .findFirst()
                .orElseThrow();
    }

    private OutlinePoint corner(int index) {
        return document.plan().box().outline().get(index);
    }

    @Test
    void corner_snapsToItsNeighbour_andSaysSo() {
        double level = corner(2).zMm();
        behavior.press(handle("outline.1"));
        behavior.drag(200, -30, PIXEL);
        assertThat(corner(1).zMm()).isEqualTo(level);
        assertThat(behavior.hintProperty().get()).contains("level with corner 3");
        behavior.release();
        assertThat(behavior.hintProperty().get()).isEmpty();
        document.undo();
        assertThat(document.plan()).isEqualTo(StartingPlans.square());
    }

    /** Enlarged, a small difference can be drawn by hand. */
    @Test
    void corner_enlarged_snapsOnlyNearby() {
        behavior.press(handle("outline.1"));
        behavior.drag(200, -30, 0.5);
        behavior.release();
        assertThat(corner(1).zMm()).isEqualTo(2160 - 30);
    }

    @Test
    void corner_draggedTooFar_staysAtTheLastGoodPlace() {
        behavior.press(handle("outline.1"));
        behavior.drag(100, -200, PIXEL);
        OutlinePoint good = corner(1);
        behavior.drag(100, 1e6, PIXEL);
        assertThat(corner(1)).isEqualTo(good);
        assertThat(behavior.hintProperty().get()).contains("height", "enter −500 to 4");
        behavior.release();
    }

    /** A quarter circle in a chamfered corner leaves the wall plumb and meets the roof level. */
    @Test
    void spotOfAnArc_snapsTangentToTheLineBefore() {
        document.edit(plan -> OutlineTools.startedFrom(plan, OutlineStart.CHAMFERED));
        document.edit(plan -> OutlineTools.arc(plan, 2));
        behavior.press(handle("outline.2.spot.0"));
        for (int i = 0; i < 100 && behavior.hintProperty().get().isEmpty(); i++) {
            behavior.drag(-i, i, 1);
        }
        assertThat(behavior.hintProperty().get()).contains("tangent to the line before");
        behavior.release();
        Curve arc = document.model().outline().elements().get(1).curve();
        assertThat(arc.direction(0).u()).isCloseTo(0, within(1e-6));
        assertThat(arc.direction(arc.lengthMm()).v()).isCloseTo(0, within(1e-6));
    }

    @Test
    void layer_draggedAndNudged_inHalfMillimetres() {
        Grip face =
                Drawings.of(document.model(), View.SECTION, MakeUpStation.MAKE_UP, "")
                        .grips()
                        .stream()
                        .filter(g -> g.part().equals("walls.innerSkin.thickness"))
                        .findFirst()
                        .orElseThrow();
        double before = document.plan().makeUp().walls().innerSkin().thicknessMm();
        behavior.press(face);
        behavior.drag(0, 2.3, 0.4);
        behavior.drag(0, 3.1, 0.4);
        behavior.release();
        assertThat(document.plan().makeUp().walls().innerSkin().thicknessMm())
                .isEqualTo(before + 3);
        behavior.nudge(face, 0, 1);
        assertThat(document.plan().makeUp().walls().innerSkin().thicknessMm())
                .isEqualTo(before + 3.5);
        behavior.press(face);
        behavior.drag(0, 5000, 0.4);
        behavior.release();
        assertThat(document.plan().makeUp().walls().innerSkin().thicknessMm())
                .isEqualTo(before + 3.5);
        document.undo();
        document.undo();
        assertThat(document.plan()).isEqualTo(StartingPlans.square());
    }

    @Test
    void transform_fits_zoomsAboutAPoint_andGoesBack() {
        Drawing drawing = Drawings.of(document.model(), View.LEFT, OpeningStation.OPENINGS, "");
        ViewTransform fit = ViewTransform.fitting(drawing, 800, 500);
        assertThat(fit.x(drawing.bounds().fromU())).isGreaterThanOrEqualTo(0);
        assertThat(fit.x(drawing.bounds().toU())).isLessThanOrEqualTo(800);
        assertThat(fit.y(drawing.bounds().toV())).isGreaterThanOrEqualTo(0);
        assertThat(fit.y(drawing.bounds().fromV())).isLessThanOrEqualTo(500);
        Point2 at =
                new Point2((300 - fit.left()) / fit.scale(), (fit.ground() - 200) / fit.scale());
        ViewTransform near = fit.zoomed(2, 300, 200);
        assertThat(near.x(at.u())).isCloseTo(300, within(1e-9));
        assertThat(near.y(at.v())).isCloseTo(200, within(1e-9));
        assertThat(near.moved(10, -5).x(at.u())).isCloseTo(310, within(1e-9));
    }
}
