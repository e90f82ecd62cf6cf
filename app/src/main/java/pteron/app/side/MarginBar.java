package pteron.app.side;

import javafx.scene.AccessibleRole;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import pteron.core.figure.Verdict;
import pteron.core.quantity.Named;
import pteron.core.quantity.NumberText;

/** A margin as a bar with its limit marked, and the word that goes with it. */
public final class MarginBar extends Pane {

    /** Where the limit stands along the bar (share of its width). */
    private static final double LIMIT_AT = 0.78;

    private final Region track = new Region();
    private final Region fill = new Region();
    private final Region limit = new Region();
    private double margin;

    /** A bar of that size (pixels). */
    public MarginBar(double width, double height) {
        setPrefSize(width, height);
        setMinSize(width, height);
        setMaxSize(width, height);
        getStyleClass().add("margin-bar");
        track.getStyleClass().add("track");
        limit.getStyleClass().add("limit");
        getChildren().addAll(track, fill, limit);
        setAccessibleRole(AccessibleRole.TEXT);
    }

    /** Shows a margin, 1 at its limit. */
    public void set(double demandOverCapacity) {
        set(demandOverCapacity, Verdict.of(demandOverCapacity));
    }

    /** Shows a margin, 1 at its limit, in the colour of a verdict that may know of something worse. */
    public void set(double demandOverCapacity, Verdict verdict) {
        double least =
                switch (verdict) {
                    case FAILS -> 1;
                    case CLOSE -> Verdict.CLOSE_FROM;
                    case HOLDS -> 0;
                };
        margin = Math.max(demandOverCapacity, least);
        fill.getStyleClass().setAll("fill", Named.small(verdict));
        setAccessibleText(NumberText.percent(margin) + ", " + verdict.word());
        requestLayout();
    }

    /** {@return what a margin is called} */
    public static String word(double margin) {
        return Verdict.of(margin).word();
    }

    @Override
    protected void layoutChildren() {
        double w = getWidth();
        double h = getHeight();
        track.resizeRelocate(0, h * 0.15, w, h * 0.7);
        fill.resizeRelocate(0, h * 0.15, Math.clamp(margin * LIMIT_AT * w, 0, w), h * 0.7);
        limit.resizeRelocate(LIMIT_AT * w - 1, 0, 2, h);
    }
}
