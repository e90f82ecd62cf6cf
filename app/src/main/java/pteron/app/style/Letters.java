package pteron.app.style;

import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.value.ObservableBooleanValue;
import javafx.beans.value.ObservableDoubleValue;
import javafx.scene.Parent;
import javafx.scene.layout.Region;

/** How large the letters are: from 1 to 2 times the usual. Panels grow half as much, as their words can wrap. */
public final class Letters {

    /** Usual size of the letters (pixels). */
    public static final double USUAL = 13;

    /** Largest that letters are made, over the usual. */
    public static final double MOST = 2;

    private static final double STEP = 0.25;

    /** Narrowest window in which all panels stand in full, at the usual letters (pixels). */
    private static final double ROOMY = 940;

    /** How much wider panels are made in a window that is narrow for its letters. */
    private static final double CLOSE_PANELS = 1.2;

    private final DoubleProperty scale = new SimpleDoubleProperty(1);

    /** {@return how large they are over the usual, 1 to 2} */
    public DoubleProperty scaleProperty() {
        return scale;
    }

    /** Makes them a step larger, or as usual again after the largest. */
    public void larger() {
        scale.set(scale.get() >= MOST ? 1 : Math.min(MOST, scale.get() + STEP));
    }

    /** Dresses everything under a root, now and when they change. */
    public void dress(Parent root) {
        scale.subscribe(
                now ->
                        root.setStyle(
                                "-fx-font-size: %.1fpx;".formatted(USUAL * now.doubleValue())));
    }

    /** {@return a width of a panel that holds words (pixels)} */
    public static double widthOf(double usual, double scale) {
        return usual * (1 + (scale - 1) / 2);
    }

    /** {@return whether a window of a width (pixels) is narrow for letters of a scale: panels then say less} */
    public static boolean isNarrow(double width, double scale) {
        return width / scale < ROOMY;
    }

    private static double panel(double usual, double scale, boolean narrow) {
        return narrow ? usual * Math.min(CLOSE_PANELS, 1 + (scale - 1) / 2) : widthOf(usual, scale);
    }

    /** Gives a panel of words a width, now and when the letters or the room change. */
    public static void wide(
            Region panel,
            double usual,
            ObservableDoubleValue scale,
            ObservableBooleanValue narrow) {
        Runnable set =
                () -> {
                    double width = panel(usual, scale.get(), narrow.get());
                    panel.setMinWidth(width);
                    panel.setPrefWidth(width);
                    panel.setMaxWidth(width);
                };
        scale.subscribe(set);
        narrow.subscribe(set);
        set.run();
    }
}
