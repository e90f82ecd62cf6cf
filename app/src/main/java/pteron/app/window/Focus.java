package pteron.app.window;

import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;

/**
 * Keeps the focus where the hand is: when the control that has it is built anew it goes to the new one of the
 * same name, and when it is gone to the drawing, never to the first button of the window.
 */
final class Focus {

    private final Scene scene;
    private final Supplier<Node> home;

    Focus(Scene scene, Supplier<Node> home) {
        this.scene = scene;
        this.home = home;
        scene.focusOwnerProperty().addListener((owner, before, now) -> moved(before, now));
    }

    private void moved(Node before, Node now) {
        boolean gone = before != null && before.getScene() == null;
        if (gone && !ofACard(before)) {
            String id = before.getId();
            // later: what takes its place may not be there yet
            Platform.runLater(() -> restore(id, now));
        }
    }

    /** A card gives the focus back itself, and what it led to may have taken it since. */
    private static boolean ofACard(Node gone) {
        Node node = gone;
        while (node != null && !node.getStyleClass().contains("sheet")) {
            node = node.getParent();
        }
        return node != null;
    }

    private void restore(String id, Node now) {
        Node owner = scene.getFocusOwner();
        if (owner instanceof TextInputControl || owner != null && owner != now && now != null) {
            return;
        }
        Node same = id == null ? null : find(id);
        (same == null ? home.get() : same).requestFocus();
    }

    private Node find(String id) {
        return scene.getRoot().lookupAll("*").stream()
                .filter(node -> id.equals(node.getId()) && node.isFocusTraversable())
                .findFirst()
                .orElse(null);
    }
}
