package pteron.app.window;

import javafx.animation.PauseTransition;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.util.Duration;

/** Says what is being worked on beside the window when it takes longer than half a second. */
final class Underway {

    /** Until then nobody asks what happens. */
    private static final Duration UNNOTICED = Duration.millis(500);

    private static final double ABOVE_FOOT = 150;

    private final StackPane window;

    Underway(StackPane window) {
        this.window = window;
    }

    /** {@return takes the words away; they appear when that is not done in half a second} */
    Runnable begin(String words) {
        Label label = new Label(words);
        label.setId("underway");
        label.getStyleClass().add("underway");
        label.setMouseTransparent(true);
        label.setMinSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(label, Pos.BOTTOM_CENTER);
        StackPane.setMargin(label, new Insets(0, 0, ABOVE_FOOT, 0));
        PauseTransition unnoticed = new PauseTransition(UNNOTICED);
        unnoticed.setOnFinished(event -> window.getChildren().add(label));
        unnoticed.play();
        return () -> {
            unnoticed.stop();
            window.getChildren().remove(label);
        };
    }
}
