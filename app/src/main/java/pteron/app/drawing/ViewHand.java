package pteron.app.drawing;

import javafx.event.Event;
import javafx.event.EventHandler;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.util.Subscription;
import pteron.core.geometry.Point2;

/** A hand on the drawing itself, not on a handle: it moves, turns or enlarges it, or chooses what is under the pointer. */
final class ViewHand {

    private static final double ZOOM_STEP = 1.15;

    private final Node control;
    private final Owner owner;
    private final Lens lens;
    private final ContextMenu menu;
    private double pressedX;
    private double pressedY;

    /** Whether the button went down on the drawing itself, not on a handle or a dimension in it. */
    private boolean pressed;

    /** Whose drawing it is. */
    interface Owner {

        /** Is told which place of the view was clicked. */
        void clicked(Point2 at);

        /** {@return whether what is shown turns under a drag, and was turned (pixels)} */
        boolean turned(double rightPixels, double downPixels);

        /** Is told that the drawing lies elsewhere on the screen. */
        void moved();
    }

    ViewHand(Node control, Lens lens, ContextMenu menu, Owner owner) {
        this.control = control;
        this.owner = owner;
        this.lens = lens;
        this.menu = menu;
    }

    /** Listens until the subscription ends. */
    Subscription listen() {
        return Subscription.combine(
                heard(ScrollEvent.SCROLL, this::scroll),
                heard(MouseEvent.MOUSE_PRESSED, this::press),
                heard(MouseEvent.MOUSE_CLICKED, this::click),
                heard(MouseEvent.MOUSE_DRAGGED, this::pan),
                heard(MouseEvent.MOUSE_RELEASED, this::release));
    }

    private <T extends Event> Subscription heard(EventType<T> type, EventHandler<T> handler) {
        control.addEventHandler(type, handler);
        return () -> control.removeEventHandler(type, handler);
    }

    /** The button went down on a handle: a click that follows chooses nothing else. */
    void handlePressed() {
        menu.hide();
        pressed = false;
    }

    private void press(MouseEvent event) {
        menu.hide();
        pressedX = event.getX();
        pressedY = event.getY();
        pressed = true;
        control.requestFocus();
    }

    /** Chooses what is under the pointer; a hand that moves or turns the drawing chooses nothing. */
    private void click(MouseEvent event) {
        boolean begunHere = pressed;
        pressed = false;
        if (begunHere && event.getButton() == MouseButton.PRIMARY && event.isStillSincePress()) {
            owner.clicked(lens.transform().place(event.getX(), event.getY()));
        }
    }

    private void pan(MouseEvent event) {
        double right = event.getX() - pressedX;
        double down = event.getY() - pressedY;
        boolean primary = event.getButton() == MouseButton.PRIMARY;
        if (!primary && event.getButton() != MouseButton.MIDDLE) {
            return;
        }
        if (!primary || !owner.turned(right, down)) {
            move(lens.transform().moved(right, down));
        }
        pressedX = event.getX();
        pressedY = event.getY();
    }

    /** The drawing goes as far as where the button comes up, told of on the way or not. */
    private void release(MouseEvent event) {
        if (pressed && (event.getX() != pressedX || event.getY() != pressedY)) {
            pan(event);
        }
    }

    private void scroll(ScrollEvent event) {
        if (event.getDeltaY() != 0) {
            zoom(event.getDeltaY() > 0 ? ZOOM_STEP : 1 / ZOOM_STEP, event.getX(), event.getY());
            event.consume();
        }
    }

    /** Enlarges or shrinks, a place of the control staying where it is. */
    void zoom(double factor, double x, double y) {
        move(lens.transform().zoomed(factor, x, y));
    }

    private void move(ViewTransform to) {
        lens.move(to);
        owner.moved();
    }
}
