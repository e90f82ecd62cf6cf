package pteron.app.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.PopupWindow;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import pteron.core.cutting.CuttingStation;
import pteron.core.edit.BoxEdits;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.frame.CutGroup;
import pteron.core.plan.Opening;
import pteron.core.plan.Wall;

/** The first steps of the README, by hand: from the start screen to the cut list of a box of one's own. */
class FirstStepsTest extends DesktopRobot {

    /** Most acts that it may take: a click, a drag, a text typed with its Enter. */
    private static final int MOST_ACTS = 40;

    private int acts;

    private void click(String id) {
        robot.clickOn(node(id));
        settle();
        acts++;
    }

    private void enter(String text) {
        robot.write(text);
        robot.push(KeyCode.ENTER);
        settle();
        acts++;
    }

    /** Clicks a size of the drawing and types over it. */
    private void size(String key, String text) {
        click("dim-" + key);
        robot.interact(() -> ((TextField) node("edit-" + key)).selectAll());
        enter(text);
    }

    /** Drags a unit of the shelf so far along the drawing and up (shares of it). */
    private void drag(String unit, double along, double up) {
        // a view just chosen lays its parts out in the next pulse
        robot.interact(() -> node("drawing").getScene().getRoot().layout());
        Bounds drawing = bounds(node("drawing"));
        Bounds shelf = bounds(node("unit-" + unit));
        robot.moveTo(new Point2D(shelf.getCenterX(), shelf.getCenterY()));
        settle();
        // on a slow machine a tooltip may have come up under the pointer
        robot.interact(
                () ->
                        List.copyOf(Window.getWindows()).stream()
                                .filter(PopupWindow.class::isInstance)
                                .forEach(Window::hide));
        robot.press(MouseButton.PRIMARY);
        for (int i = 1; i <= 5; i++) {
            settle();
            double share = i / 5.0;
            robot.moveTo(
                    new Point2D(
                            shelf.getCenterX()
                                    + share
                                            * (drawing.getMinX()
                                                    + along * drawing.getWidth()
                                                    - shelf.getCenterX()),
                            shelf.getCenterY()
                                    + share
                                            * (drawing.getMinY()
                                                    + up * drawing.getHeight()
                                                    - shelf.getCenterY())));
        }
        settle();
        robot.release(MouseButton.PRIMARY);
        settle();
        acts++;
    }

    private static Bounds bounds(Node node) {
        return node.localToScreen(node.getLayoutBounds());
    }

    @Test
    void ownBox_fromNothingToItsCutList() throws Exception {
        robot.interact(window::showStart);
        settle();
        click("carrier-trailer");
        click("outline-raked-nose");
        size("box.length", "3600");
        click("start-make");
        await(() -> window.bench() != null);
        click("view-right");
        drag("narrow-door", 0.42, 0.5);
        click("view-left");
        drag("window", 0.55, 0.45);
        click("view-rear");
        drag("small-window", 0.5, 0.4);
        click("stop-cutting");
        await(() -> !window.bench().cutting().workingProperty().get());
        robot.interact(() -> window.showSide("chosen"));
        acts++;
        settle();
        assertThat(acts).isLessThanOrEqualTo(MOST_ACTS);
        assertThat(BoxEdits.length(plan())).isEqualTo(3600);
        assertThat(plan().openings())
                .extracting(Opening::wall)
                .containsExactly(Wall.RIGHT, Wall.LEFT, Wall.REAR);
        assertThat(window.bench().document().model().findings())
                .extracting(Finding::severity)
                .doesNotContain(Severity.STOPS);
        assertThat(window.bench().stationProperty().get()).isEqualTo(CuttingStation.CUTTING);
        assertThat(window.bench().cutting().cuttingProperty().get().barCount()).isPositive();
        int pieces =
                CutGroup.of(window.bench().document().model().members(), window.bench().units())
                        .stream()
                        .mapToInt(CutGroup::count)
                        .sum();
        assertThat(pieces).isEqualTo(window.bench().document().model().members().size());
        assertThat(exists("cut-list")).isTrue();
    }

    /** What is dragged stays under the pointer, the view stands still, Escape puts it back, a drag is one undo. */
    @Test
    void drag_goesWithThePointer() {
        Bounds before = bounds(node("grip-window-b"));
        double left = plan().opening("window-b").place().alongMm();
        double sill = plan().opening("window-b").place().sillMm();
        double door = bounds(node("grip-door")).getMinX();
        robot.moveTo(new Point2D(before.getCenterX(), before.getCenterY()));
        robot.press(MouseButton.PRIMARY);
        for (int i = 1; i <= 9; i++) {
            robot.moveTo(new Point2D(before.getCenterX() + 7 * i, before.getCenterY()));
        }
        settle();
        Bounds held = bounds(node("grip-window-b"));
        assertThat(held.getCenterX() - before.getCenterX()).isBetween(61.0, 65.0);
        assertThat(held.getMinY()).isEqualTo(before.getMinY());
        assertThat(bounds(node("grip-door")).getMinX()).isEqualTo(door);
        robot.release(MouseButton.PRIMARY);
        settle();
        assertThat(bounds(node("grip-door")).getMinX()).isEqualTo(door);
        assertThat(plan().opening("window-b").place().sillMm()).isEqualTo(sill);
        assertThat(plan().opening("window-b").place().alongMm()).isGreaterThan(left + 300);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(plan().opening("window-b").place().alongMm()).isEqualTo(left);
        assertThat(window.bench().document().canUndoProperty().get()).isFalse();
    }

    @Test
    void escape_putsBackWhatIsDragged() {
        Bounds before = bounds(node("grip-window-b"));
        robot.moveTo(new Point2D(before.getCenterX(), before.getCenterY()));
        robot.press(MouseButton.PRIMARY);
        robot.moveTo(new Point2D(before.getCenterX() + 80, before.getCenterY()));
        robot.push(KeyCode.ESCAPE);
        robot.release(MouseButton.PRIMARY);
        settle();
        assertThat(plan()).isEqualTo(demo());
        assertThat(window.bench().document().canUndoProperty().get()).isFalse();
    }

    /** In an input undo takes back first the typing, then the edit. */
    @Test
    void undo_inAnInput() {
        robot.clickOn(node("stop-outline"));
        robot.interact(() -> window.showSide("inputs"));
        settle();
        robot.clickOn(node("number-box.width"));
        TextField field = (TextField) node("number-box.width");
        String shown = field.getText();
        robot.interact(field::selectAll);
        robot.write("2000");
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(plan().box().widthMm()).isEqualTo(2000);
        robot.interact(field::selectAll);
        robot.write("19");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(plan().box().widthMm()).isEqualTo(2000);
        for (int i = 0; i < 3 && plan().box().widthMm() == 2000; i++) {
            robot.push(KeyCode.CONTROL, KeyCode.Z);
            settle();
        }
        assertThat(plan()).isEqualTo(demo());
        assertThat(field.getText()).isEqualTo(shown);
    }

    /** Zero, less, too much, nonsense and nothing are refused under the field and nothing is lost. */
    @Test
    void nonsense_isRefusedUnderTheField() {
        for (String text : new String[] {"0", "-500", "99999999", "abc", " "}) {
            robot.clickOn(node("dim-box.length"));
            robot.interact(() -> ((TextField) node("edit-box.length")).selectAll());
            robot.write(text);
            robot.push(KeyCode.ENTER);
            settle();
            assertThat(robot.lookup(".refused").tryQuery()).as(text).isPresent();
            assertThat(plan()).as(text).isEqualTo(demo());
            robot.push(KeyCode.ESCAPE);
            settle();
        }
    }
}
