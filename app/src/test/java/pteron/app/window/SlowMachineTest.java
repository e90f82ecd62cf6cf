package pteron.app.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import pteron.core.drawing.View;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.Wall;
import pteron.exchange.demo.Demos;

/**
 * A machine that is busy: events come in a heap, the last way of a drag may never be told, and each plan takes longer.
 * All ends where it would have ended without.
 */
class SlowMachineTest extends DesktopRobot {

    private static final int DELAY_MS = 150;

    @AfterEach
    void fastAgain() {
        System.clearProperty("pteron.delay");
    }

    private double along() {
        return plan().opening("window-b").place().alongMm();
    }

    private static void drag(Node node, Point2D from, double... rightPixels) {
        RawHand.mouse(node, MouseEvent.MOUSE_PRESSED, from);
        for (double right : rightPixels) {
            RawHand.mouse(node, MouseEvent.MOUSE_DRAGGED, from.add(right, 0));
        }
    }

    private static void letGo(Node node, Point2D from, double rightPixels) {
        RawHand.mouse(node, MouseEvent.MOUSE_RELEASED, from.add(rightPixels, 0));
    }

    /** Three hands: one is told of all its way, one of half of it, one of nothing but where it let go. */
    @Test
    void drag_endsWhereTheButtonComesUp() {
        Node grip = node("grip-window-b");
        Point2D from = RawHand.middle(grip);
        double before = along();
        double[][] told = {{9, 18, 27, 40, 60}, {9, 27}, {}};
        double[] ends = new double[told.length];
        for (int hand = 0; hand < told.length; hand++) {
            double[] way = told[hand];
            robot.interact(() -> drag(grip, from, way));
            robot.interact(() -> letGo(grip, from, 60));
            settle();
            ends[hand] = along();
            robot.interact(() -> window.bench().document().undo());
            assertThat(along()).isEqualTo(before);
        }
        assertThat(ends[0]).isGreaterThan(before + 300);
        assertThat(ends).containsOnly(ends[0]);
    }

    /** The drawing is moved by a hand, not the window in it, and as far as where the button comes up. */
    @Test
    void pan_endsWhereTheButtonComesUp() {
        Node drawing = node("drawing");
        Node grip = node("grip-window-b");
        Point2D corner = drawing.localToScene(12, 12);
        double before = RawHand.middle(grip).getX();
        robot.interact(() -> drag(drawing, corner, 10));
        robot.interact(() -> letGo(drawing, corner, 35));
        settle();
        assertThat(RawHand.middle(grip).getX() - before).isBetween(34.5, 35.5);
    }

    /** What is dragged from the shelf comes to lie where it is let go, told of on the way or not. */
    @Test
    void fromTheShelf_withoutAWord() {
        robot.push(KeyCode.ALT, KeyCode.DIGIT5);
        settle();
        Node unit = node("unit-window");
        Node wall = node("drawing");
        int before = plan().openings().size();
        robot.interact(
                () -> {
                    Point2D from = RawHand.middle(unit);
                    RawHand.mouse(unit, MouseEvent.MOUSE_PRESSED, from);
                    RawHand.mouse(unit, MouseEvent.MOUSE_RELEASED, RawHand.middle(wall));
                });
        settle();
        assertThat(plan().openings()).hasSize(before + 1);
    }

    /** A handle can be taken before the drawing has been laid out again. */
    @Test
    void aNewHandle_hasItsPlaceAtOnce() {
        String right =
                plan().openings().stream()
                        .filter(opening -> opening.wall().equals(Wall.RIGHT))
                        .map(Opening::id)
                        .findFirst()
                        .orElseThrow();
        robot.interact(
                () -> {
                    window.bench().viewProperty().set(View.RIGHT);
                    Node handle = window.scene().getRoot().lookup("#grip-" + right);
                    assertThat(handle.getBoundsInLocal().getWidth()).isGreaterThan(20);
                });
    }

    /** Drags, keys, typing and undo, all sent before the first of them is worked out. */
    @Test
    void aHeapOfEvents_endsAsWithoutDelay() {
        BoxPlan fast = afterTheHeap();
        robot.interact(() -> window.show(Demos.wagtail(), null));
        settle();
        System.setProperty("pteron.delay", Integer.toString(DELAY_MS));
        assertThat(afterTheHeap()).isEqualTo(fast);
        assertThat(fast).isNotEqualTo(Demos.wagtail());
    }

    private BoxPlan afterTheHeap() {
        Node grip = node("grip-window-b");
        Point2D from = RawHand.middle(grip);
        List<Runnable> heap =
                List.of(
                        () -> drag(grip, from, 8, 20),
                        () -> drag(grip, from, 8, 20, 31),
                        () -> letGo(grip, from, 45),
                        () -> key(KeyCode.RIGHT, false),
                        () -> key(KeyCode.RIGHT, false),
                        () -> key(KeyCode.UP, false),
                        () -> node("dim-box.height").requestFocus(),
                        () -> key(KeyCode.ENTER, false),
                        () -> ((TextField) window.scene().getFocusOwner()).setText("2205"),
                        () -> key(KeyCode.ENTER, false),
                        () -> key(KeyCode.Z, true),
                        () -> key(KeyCode.Z, true));
        heap.forEach(Platform::runLater);
        settle();
        return plan();
    }

    private void key(KeyCode code, boolean control) {
        RawHand.push(window.scene(), code, false, control, false);
    }
}
