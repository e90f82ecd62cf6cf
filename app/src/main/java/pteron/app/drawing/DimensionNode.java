package pteron.app.drawing;

import java.util.Optional;
import java.util.function.BiFunction;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import pteron.app.style.PlainField;
import pteron.core.drawing.Dimension;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;

/**
 * The figure on a dimension line. Click it or press Enter, type what the tape says: Enter takes it, Escape
 * leaves it. What is refused stays in the field with the reason beside it.
 */
final class DimensionNode extends StackPane {

    private static final double FIELD_WIDTH = 112;

    private static final double REASON_WIDTH = 280;

    private final Dimension dimension;
    private final boolean upward;
    private final Label figure = new Label();
    private final String typed;
    private final BiFunction<String, String, Optional<String>> commit;

    /**
     * A figure.
     *
     * @param dimension the dimension
     * @param units how it is written
     * @param commit is given key and text, answers a sentence when it refuses
     * @param level whether its figure stands level beside an upright line
     */
    DimensionNode(
            Dimension dimension,
            UnitSystem units,
            BiFunction<String, String, Optional<String>> commit,
            boolean level) {
        this.dimension = dimension;
        this.upward = DimensionLines.isUpward(dimension) && !level;
        this.commit = commit;
        this.typed = LengthText.format(dimension.valueMm(), units);
        figure.setText(dimension.text(units));
        figure.getStyleClass().add("figure");
        getStyleClass().add("dimension");
        getChildren().add(figure);
        setId(dimension.canBeSet() ? "dim-" + dimension.key() : "dim-told");
        if (dimension.canBeSet()) {
            getStyleClass().add("settable");
            setFocusTraversable(true);
            setAccessibleText(dimension.key() + " " + figure.getText());
            // a press on the drawing would drop the choice that this dimension belongs to
            setOnMousePressed(MouseEvent::consume);
            setOnMouseClicked(
                    event -> {
                        edit();
                        event.consume();
                    });
            addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        }
        if (upward) {
            setRotate(-90);
        }
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
    }

    Dimension dimension() {
        return dimension;
    }

    /** {@return whether its figure is read from the right} */
    boolean isUpward() {
        return upward;
    }

    boolean isEditing() {
        return !getChildren().contains(figure);
    }

    private void key(KeyEvent event) {
        boolean starts = event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.F2;
        if (starts && !isEditing()) {
            edit();
            event.consume();
        }
    }

    /** Puts a field in place of the figure. */
    void edit() {
        if (isEditing()) {
            return;
        }
        TextField field = new PlainField(typed);
        field.setId("edit-" + dimension.key());
        field.setPrefWidth(FIELD_WIDTH);
        Label reason = new Label();
        reason.getStyleClass().add("refused");
        reason.setManaged(false);
        reason.setWrapText(true);
        reason.setVisible(false);
        setRotate(0);
        getChildren().setAll(field, reason);
        setAlignment(Pos.CENTER);
        toFront();
        autosize();
        field.selectAll();
        field.requestFocus();
        listen(field, reason);
    }

    private void listen(TextField field, Label reason) {
        field.setOnAction(event -> take(field, reason));
        field.addEventFilter(
                KeyEvent.KEY_PRESSED,
                event -> {
                    if (event.getCode() == KeyCode.ESCAPE) {
                        close();
                        event.consume();
                    }
                });
        field.focusedProperty()
                .subscribe(
                        (before, focused) -> {
                            if (before && !focused && isEditing() && !reason.isVisible()) {
                                close();
                            }
                        });
    }

    private void take(TextField field, Label reason) {
        Optional<String> refused = commit.apply(dimension.key(), field.getText());
        if (refused.isEmpty()) {
            close();
            return;
        }
        field.getStyleClass().add("bad");
        reason.setText(refused.get());
        reason.setVisible(true);
        reason.applyCss();
        field.applyCss();
        double right =
                getParent() instanceof Pane drawing
                        ? drawing.getWidth() - getLayoutX() - REASON_WIDTH
                        : 0;
        double below = field.prefHeight(-1) + getInsets().getTop() + 4;
        double high = reason.prefHeight(REASON_WIDTH);
        reason.resizeRelocate(Math.min(0, right), below, REASON_WIDTH, high);
    }

    private void close() {
        getChildren().setAll(figure);
        setRotate(upward ? -90 : 0);
        autosize();
        requestFocus();
        if (getParent() != null) {
            getParent().requestLayout();
        }
    }
}
