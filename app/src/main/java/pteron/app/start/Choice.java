package pteron.app.start;

import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;

/** A card that is chosen by a click or by Enter. */
class Choice extends VBox {

    Choice(String id, String words, Runnable chosen, Node... content) {
        super(2, content);
        setId(id);
        getStyleClass().add("choice-card");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.RADIO_BUTTON);
        setAccessibleText(words);
        setOnMouseClicked(event -> chosen.run());
        setOnKeyPressed(
                event -> {
                    if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                        chosen.run();
                        event.consume();
                    }
                });
    }

    /** Shows whether it is the chosen one. */
    void choose(boolean is) {
        getStyleClass().remove("is-chosen");
        if (is) {
            getStyleClass().add("is-chosen");
        }
    }
}
