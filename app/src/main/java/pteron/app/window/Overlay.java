package pteron.app.window;

import java.util.ArrayDeque;
import java.util.Deque;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/**
 * Cards over the window, inside of it: questions, the search, help. While one is there, keys and clicks reach
 * nothing under it. No windows of their own are used, which some desktops place in a corner or frame in white.
 */
final class Overlay extends StackPane {

    /** One card, what closing it without an answer does, and what had the focus before. */
    private record Layer(Region card, StackPane sheet, Runnable away, Node focused) {}

    private final Deque<Layer> layers = new ArrayDeque<>();

    Overlay() {
        setPickOnBounds(false);
        addEventFilter(KeyEvent.KEY_PRESSED, this::escape);
        addEventFilter(KeyEvent.KEY_PRESSED, this::enter);
        addEventHandler(KeyEvent.KEY_PRESSED, KeyEvent::consume);
        sceneProperty()
                .subscribe(
                        scene -> {
                            if (scene != null) {
                                scene.focusOwnerProperty().subscribe(this::keepFocus);
                            }
                        });
    }

    /** {@return whether a card is there} */
    boolean isShowing() {
        return !layers.isEmpty();
    }

    /** Shows a card in the middle; Escape closes it and does what is given. */
    void show(Region card, Runnable away) {
        put(card, away, Pos.CENTER);
    }

    /** Shows a card at the top that a click beside it closes too. */
    void showLight(Region card) {
        StackPane sheet = put(card, () -> {}, Pos.TOP_CENTER);
        sheet.getStyleClass().add("light-sheet");
        sheet.setOnMousePressed(
                event -> {
                    if (event.getTarget() == sheet) {
                        hide(card);
                    }
                });
    }

    private StackPane put(Region card, Runnable away, Pos place) {
        StackPane sheet = new StackPane(card);
        sheet.getStyleClass().add("sheet");
        StackPane.setAlignment(card, place);
        card.getStyleClass().add("overlay-card");
        card.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        Node focused = getScene() == null ? null : getScene().getFocusOwner();
        layers.push(new Layer(card, sheet, away, focused));
        getChildren().add(sheet);
        // at once: what is typed on must not go to the window below
        focusFirst();
        Platform.runLater(this::focusFirst);
        return sheet;
    }

    /** Takes a card away; the focus goes back to where it was. */
    void hide(Node card) {
        for (Layer layer : layers) {
            if (layer.card() == card) {
                layers.remove(layer);
                getChildren().remove(layer.sheet());
                if (layer.focused() != null && layer.focused().getScene() != null) {
                    layer.focused().requestFocus();
                }
                return;
            }
        }
    }

    /** Takes all cards away; nothing is done for them. */
    void clear() {
        layers.clear();
        getChildren().clear();
    }

    private void escape(KeyEvent event) {
        if (event.getCode() == KeyCode.ESCAPE && isShowing()) {
            Layer top = layers.peek();
            hide(top.card());
            top.away().run();
            event.consume();
        }
    }

    /** Enter goes the first way on of a card, as its colour says, wherever in its boxes the focus is. */
    private void enter(KeyEvent event) {
        if (event.getCode() != KeyCode.ENTER || !isShowing()) {
            return;
        }
        boolean box =
                event.getTarget() instanceof CheckBox || event.getTarget() instanceof ListView;
        if (box && layers.peek().card().lookup(".primary") instanceof Button first) {
            event.consume();
            first.fire();
        }
    }

    private void keepFocus(Node owner) {
        if (isShowing() && !isWithin(owner)) {
            Platform.runLater(this::focusFirst);
        }
    }

    private boolean isWithin(Node owner) {
        Node card = layers.peek().card();
        for (Node node = owner; node != null; node = node.getParent()) {
            if (node == card) {
                return true;
            }
        }
        return false;
    }

    private void focusFirst() {
        if (!isShowing() || getScene() == null || isWithin(getScene().getFocusOwner())) {
            return;
        }
        Region card = layers.peek().card();
        // buttons of a card just put there are not in the scene before it is laid out
        card.applyCss();
        card.layout();
        Node primary = card.lookup(".primary");
        if (primary == null) {
            first(card);
        } else {
            primary.requestFocus();
        }
    }

    private static boolean first(Node node) {
        if (node.isFocusTraversable() && node.isVisible() && !node.isDisabled()) {
            node.requestFocus();
            return true;
        }
        if (node instanceof Parent parent) {
            for (Node child : parent.getChildrenUnmodifiable()) {
                if (first(child)) {
                    return true;
                }
            }
        }
        return false;
    }
}
