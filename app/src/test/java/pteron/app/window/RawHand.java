package pteron.app.window;

import java.util.List;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;

/** Sends single events of mouse and keys, in any order and number; on the interface thread only. */
final class RawHand {

    private RawHand() {}

    /** {@return the deepest node at a point of the scene that takes the mouse, null for none} */
    static Node pick(Node node, Point2D at) {
        if (!node.isVisible() || node.isMouseTransparent() || node.isDisabled()) {
            return null;
        }
        if (node instanceof Parent parent) {
            List<Node> children = parent.getChildrenUnmodifiable();
            for (int i = children.size() - 1; i >= 0; i--) {
                Node found = pick(children.get(i), at);
                if (found != null) {
                    return found;
                }
            }
        }
        return node.contains(node.sceneToLocal(at)) ? node : null;
    }

    /** {@return the middle of a node in its scene} */
    static Point2D middle(Node node) {
        return node.localToScene(
                node.getBoundsInLocal().getCenterX(), node.getBoundsInLocal().getCenterY());
    }

    /** Sends the mouse's events as a hand does; the platform without a monitor has no right button. */
    static void mouse(Node node, EventType<MouseEvent> type, Point2D at, MouseButton button) {
        boolean down = type != MouseEvent.MOUSE_RELEASED && type != MouseEvent.MOUSE_CLICKED;
        Event.fireEvent(
                node,
                new MouseEvent(
                        type,
                        at.getX(),
                        at.getY(),
                        at.getX(),
                        at.getY(),
                        button,
                        1,
                        false,
                        false,
                        false,
                        false,
                        down && button == MouseButton.PRIMARY,
                        false,
                        down && button == MouseButton.SECONDARY,
                        false,
                        button == MouseButton.SECONDARY,
                        true,
                        new PickResult(node, at.getX(), at.getY())));
    }

    /** Sends an event of the first button. */
    static void mouse(Node node, EventType<MouseEvent> type, Point2D at) {
        mouse(node, type, at, MouseButton.PRIMARY);
    }

    /** A click where no node is asked whether it is one. */
    static void click(Node node, Point2D at, MouseButton button) {
        mouse(node, MouseEvent.MOUSE_PRESSED, at, button);
        mouse(node, MouseEvent.MOUSE_RELEASED, at, button);
        mouse(node, MouseEvent.MOUSE_CLICKED, at, button);
    }

    /** Presses a key and lets it go, where the focus is. */
    static void push(Scene scene, KeyCode code, boolean shift, boolean control, boolean alt) {
        Node focus = scene.getFocusOwner();
        Node target = focus == null ? scene.getRoot() : focus;
        for (EventType<KeyEvent> type : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_RELEASED)) {
            Event.fireEvent(
                    target,
                    new KeyEvent(type, "", code.getName(), code, shift, control, alt, false));
        }
    }
}
