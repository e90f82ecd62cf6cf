package pteron.app.drawing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
import pteron.core.drawing.Grip;
import pteron.core.geometry.Point2;

/** What can be taken hold of in a drawing: unseen shapes over openings, corners, lines and layers. */
final class Handles {

    /** What lies over what: the less the nearer. */
    private static final double CORNERS = -1;

    private static final double LINES = 0;

    /** How wide a line can be clicked (pixels). */
    private static final double LINE_REACH = 11;

    private final DrawingBehavior behavior;
    private final Hand hand;
    private final Map<String, Shape> byPart = new HashMap<>();
    private double pressedX;
    private double pressedY;
    private double draggedX;
    private double draggedY;

    /** Whom the handles belong to. */
    interface Hand {

        /** {@return how the drawing lies on the screen now} */
        ViewTransform transform();

        /** {@return what is chosen, which goes along} */
        List<String> chosen();

        /** {@return the name of an opening} */
        String opening(String id);

        /** Is told what was pressed, with a key for choosing more or without. */
        void pressed(Grip grip, boolean more);

        /** Is told that a handle has the focus. */
        void focused(Grip grip);

        /** Is told that what was dragged was let go. */
        void released();

        /** Is asked for what can be done, at a place of the screen. */
        void menu(double screenX, double screenY);
    }

    Handles(DrawingBehavior behavior, Hand hand) {
        this.behavior = behavior;
        this.hand = hand;
    }

    /** {@return the handles of grips; the one of a part stays the same, so that a drag is not lost} */
    List<Shape> of(List<Grip> grips) {
        return grips.stream().map(this::of).toList();
    }

    private Shape of(Grip grip) {
        Shape handle = byPart.computeIfAbsent(grip.part(), part -> made(grip));
        handle.setId("grip-" + grip.part());
        handle.setUserData(grip);
        // corners lie over lines
        handle.setViewOrder(grip.kind() == Grip.Kind.LINE ? LINES : CORNERS);
        return handle;
    }

    private String name(Grip grip) {
        String what =
                switch (grip.kind()) {
                    case OPENING -> hand.opening(grip.part());
                    case OUTLINE -> Words.handle(grip.part());
                    case LINE -> Words.line(grip.part());
                    case LAYER, LAYER_DOWN -> "face of the layer";
                };
        return what + ": drag it, or arrow keys";
    }

    private Shape made(Grip grip) {
        Shape handle = grip.path().isEmpty() ? new Rectangle() : new Polyline();
        boolean line = handle instanceof Polyline;
        handle.setFill(line ? null : Color.TRANSPARENT);
        handle.setStroke(line ? Color.TRANSPARENT : null);
        handle.setStrokeWidth(line ? LINE_REACH : 1);
        Tooltip.install(handle, new Tooltip(name(grip)));
        handle.setCursor(grip.kind() == Grip.Kind.LAYER ? Cursor.V_RESIZE : Cursor.MOVE);
        handle.setFocusTraversable(true);
        handle.setAccessibleText(name(grip));
        handle.focusedProperty()
                .subscribe(
                        focused -> {
                            if (focused) {
                                hand.focused(grip);
                            }
                        });
        listen(handle);
        return handle;
    }

    private void listen(Shape handle) {
        handle.setOnMousePressed(event -> take(handle, event));
        handle.setOnMouseDragged(this::drag);
        handle.setOnMouseReleased(this::release);
        handle.setOnContextMenuRequested(
                event -> {
                    hand.menu(event.getScreenX(), event.getScreenY());
                    event.consume();
                });
    }

    private void take(Shape handle, MouseEvent event) {
        Grip grip = (Grip) handle.getUserData();
        hand.pressed(grip, event.isShiftDown() || event.isShortcutDown());
        handle.requestFocus();
        if (event.getButton() == MouseButton.PRIMARY) {
            pressedX = event.getSceneX();
            pressedY = event.getSceneY();
            draggedX = pressedX;
            draggedY = pressedY;
            behavior.press(grip, hand.chosen());
        }
        event.consume();
    }

    private void drag(MouseEvent event) {
        if (behavior.isDragging()) {
            dragTo(event);
        }
        // a drag that was ended must not move the view instead
        event.consume();
    }

    private void dragTo(MouseEvent event) {
        draggedX = event.getSceneX();
        draggedY = event.getSceneY();
        double scale = hand.transform().scale();
        double right = (event.getSceneX() - pressedX) / scale;
        double up = (pressedY - event.getSceneY()) / scale;
        behavior.drag(right, up, 1 / scale);
    }

    /** Lets go where the button came up: a machine that is busy may have told of no drag as far as that. */
    private void release(MouseEvent event) {
        boolean farther = event.getSceneX() != draggedX || event.getSceneY() != draggedY;
        if (behavior.isDragging() && farther) {
            dragTo(event);
        }
        if (behavior.isDragging()) {
            behavior.release();
            hand.released();
        }
    }

    /** Puts the handles among some nodes where the drawing has them now. */
    void place(List<Node> nodes) {
        for (Node node : nodes) {
            if (node instanceof Rectangle area && area.getUserData() instanceof Grip grip) {
                place(area, grip);
            }
            if (node instanceof Polyline line && line.getUserData() instanceof Grip grip) {
                place(line, grip);
            }
        }
    }

    private void place(Rectangle area, Grip grip) {
        ViewTransform transform = hand.transform();
        area.setX(transform.x(grip.area().fromU()));
        area.setY(transform.y(grip.area().toV()));
        area.setWidth(grip.area().width() * transform.scale());
        area.setHeight(grip.area().height() * transform.scale());
    }

    private void place(Polyline line, Grip grip) {
        List<Double> points = new ArrayList<>();
        for (Point2 point : grip.path()) {
            points.add(hand.transform().x(point.u()));
            points.add(hand.transform().y(point.v()));
        }
        line.getPoints().setAll(points);
    }
}
