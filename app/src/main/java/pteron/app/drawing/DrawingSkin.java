package pteron.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.event.EventHandler;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.SkinBase;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;
import javafx.stage.Window;
import javafx.util.Subscription;
import pteron.app.style.Palette;
import pteron.core.drawing.Dimension;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Grip;
import pteron.core.drawing.View;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.quantity.UnitSystem;

/** Nodes of the drawing: a canvas, a figure on every dimension line, a grip over every opening. */
final class DrawingSkin extends SkinBase<DrawingView> {

    /** A press of an arrow turns what is solid so far (pixels of the mouse). */
    private static final double TURN_PIXELS = 12;

    private static final double NUDGE_MM = 10;
    private static final double FINE_MM = 1;

    /** Figures lie over all handles. */
    private static final double FIGURES = -2;

    private final Canvas canvas = new Canvas();
    private final Pane overlay = new Pane();
    private final List<DimensionNode> figures = new ArrayList<>();
    private final Rectangle ghost = new Rectangle();
    private final Tape tape = new Tape();
    private final ContextMenu menu = new ContextMenu();
    private final Lens lens = new Lens();
    private final ViewHand viewHand;
    private final DrawingBehavior behavior;
    private final Handles handles;
    private final EventHandler<KeyEvent> onKey = this::key;

    /** The view that is looked at. */
    private View view;

    private Subscription subscriptions = Subscription.EMPTY;

    DrawingSkin(DrawingView control) {
        super(control);
        this.behavior = control.behavior();
        this.viewHand = new ViewHand(control, lens, menu, new Owner());
        this.handles = new Handles(behavior, new Hand());
        overlay.setPickOnBounds(false);
        getChildren().addAll(canvas, overlay, tape);
        subscriptions =
                Subscription.combine(following(control), lettingGo(control), viewHand.listen());
        ghost.getStyleClass().add("ghost");
        ghost.setMouseTransparent(true);
        ghost.setVisible(false);
        control.addEventHandler(KeyEvent.KEY_PRESSED, onKey);
        control.setOnContextMenuRequested(
                event -> showMenu(event.getScreenX(), event.getScreenY()));
    }

    private Subscription following(DrawingView control) {
        return Subscription.combine(
                control.drawingProperty().subscribe(drawing -> rebuild()),
                control.unitsProperty().subscribe(units -> rebuild()),
                control.selectedProperty().subscribe(part -> control.requestLayout()),
                control.chosenProperty().subscribe(parts -> control.requestLayout()),
                control.measuringProperty().subscribe(this::measure),
                control.lettersProperty().subscribe(scale -> rebuild()),
                control.markedProperty().subscribe(place -> control.requestLayout()),
                control.themeProperty().subscribe(theme -> control.requestLayout()),
                control.fittedProperty()
                        .subscribe(
                                fitted -> {
                                    lens.forget();
                                    control.requestLayout();
                                }));
    }

    @Override
    public void dispose() {
        DrawingView control = getSkinnable();
        if (control != null) {
            subscriptions.unsubscribe();
            behavior.interrupt();
            control.removeEventHandler(KeyEvent.KEY_PRESSED, onKey);
        }
        super.dispose();
    }

    private void rebuild() {
        Drawing drawing = getSkinnable().getDrawing();
        String focused =
                overlay.getChildren().stream()
                        .filter(Node::isFocusWithin)
                        .map(Node::getId)
                        .findFirst()
                        .orElse("");
        List<Grip> grips = drawing == null ? List.of() : drawing.grips();
        if (behavior.isDragging() && (otherView(drawing) || !behavior.holdsOneOf(grips))) {
            behavior.interrupt();
        }
        view = drawing == null ? null : drawing.view();
        List<Node> kept = new ArrayList<>(handles.of(grips));
        kept.add(ghost);
        figures.clear();
        // a handle that is being dragged must not leave the scene, not even to come back: the drag
        // would be lost
        overlay.getChildren().removeIf(node -> !kept.contains(node));
        kept.removeAll(overlay.getChildren());
        overlay.getChildren().addAll(kept);
        if (drawing == null) {
            return;
        }
        // a press may come before the next layout
        handles.place(overlay.getChildren());
        figures(drawing);
        focusAgain(focused);
        getSkinnable().requestLayout();
    }

    private void focusAgain(String id) {
        overlay.getChildren().stream()
                .filter(node -> !id.isEmpty() && id.equals(node.getId()))
                .filter(node -> !node.isFocused())
                .findFirst()
                .ifPresent(Node::requestFocus);
    }

    /** {@return whether another view is looked at than before} */
    private boolean otherView(Drawing drawing) {
        return drawing == null || drawing.view() != view;
    }

    /** A window that loses the hand, or a drawing that leaves its window, lets go of what is held. */
    private Subscription lettingGo(DrawingView control) {
        return Subscription.combine(
                control.sceneProperty()
                        .subscribe(
                                scene -> {
                                    if (scene == null) {
                                        behavior.interrupt();
                                    }
                                }),
                control.sceneProperty()
                        .flatMap(Scene::windowProperty)
                        .flatMap(Window::focusedProperty)
                        .subscribe(
                                focused -> {
                                    if (Boolean.FALSE.equals(focused)) {
                                        behavior.interrupt();
                                        control.requestLayout();
                                    }
                                }));
    }

    private void figures(Drawing drawing) {
        UnitSystem units = getSkinnable().unitsProperty().get();
        for (Dimension dimension : drawing.dimensions()) {
            DimensionNode node =
                    new DimensionNode(
                            dimension, units, behavior::type, drawing.view() == View.SECTION);
            node.setViewOrder(FIGURES);
            figures.add(node);
            overlay.getChildren().add(node);
        }
    }

    /** What a hand on the drawing itself asks and tells. */
    private final class Owner implements ViewHand.Owner {

        @Override
        public void clicked(Point2 at) {
            getSkinnable().selectedProperty().set(PartUnder.of(getSkinnable().getDrawing(), at));
        }

        @Override
        public boolean turned(double rightPixels, double downPixels) {
            DrawingView.Turner turner = getSkinnable().turnerProperty().get();
            if (turner != null) {
                turner.turn(rightPixels, downPixels);
            }
            return turner != null;
        }

        @Override
        public void moved() {
            getSkinnable().fittedProperty().set(false);
            getSkinnable().requestLayout();
        }
    }

    /** What handles ask and tell. */
    private final class Hand implements Handles.Hand {

        @Override
        public ViewTransform transform() {
            return lens.transform();
        }

        @Override
        public List<String> chosen() {
            return getSkinnable().chosenProperty().get();
        }

        @Override
        public String opening(String id) {
            return getSkinnable().document().plan().opening(id).name();
        }

        @Override
        public void pressed(Grip grip, boolean more) {
            viewHand.handlePressed();
            if (more && grip.kind() == Grip.Kind.OPENING) {
                getSkinnable().chooseTooProperty().get().accept(grip.part());
            } else {
                focused(grip);
            }
        }

        @Override
        public void focused(Grip grip) {
            getSkinnable().selectedProperty().set(grip.part());
        }

        @Override
        public void released() {
            getSkinnable().requestLayout();
        }

        @Override
        public void menu(double screenX, double screenY) {
            showMenu(screenX, screenY);
        }
    }

    /** Shows what can be done with what is chosen. */
    private void showMenu(double screenX, double screenY) {
        menu.getItems().setAll(getSkinnable().menuProperty().get().get());
        if (!menu.getItems().isEmpty()) {
            menu.show(getSkinnable(), screenX, screenY);
        }
    }

    private void measure(boolean on) {
        tape.setVisible(on);
        tape.clear();
        if (on) {
            tape.requestFocus();
        }
    }

    Optional<Point2> placeUnder(double sceneX, double sceneY) {
        Point2D local = canvas.sceneToLocal(sceneX, sceneY);
        return canvas.contains(local)
                ? Optional.of(lens.transform().place(local.getX(), local.getY()))
                : Optional.empty();
    }

    void showGhost(Bounds2 area) {
        ghost.setVisible(area != null);
        if (area != null) {
            ViewTransform transform = lens.transform();
            ghost.setX(transform.x(area.fromU()));
            ghost.setY(transform.y(area.toV()));
            ghost.setWidth(area.width() * transform.scale());
            ghost.setHeight(area.height() * transform.scale());
        }
    }

    void zoom(double factor, double x, double y) {
        viewHand.zoom(factor, x, y);
    }

    private void key(KeyEvent event) {
        if (event.getCode() == KeyCode.ESCAPE) {
            escape(event);
        }
        if (event.getCode() == KeyCode.CONTEXT_MENU
                || event.getCode() == KeyCode.F10 && event.isShiftDown()) {
            Point2D at = getSkinnable().localToScreen(getSkinnable().getWidth() / 2, 40);
            showMenu(at.getX(), at.getY());
            event.consume();
        }
        Point2 way = way(event);
        DrawingView.Turner turner = getSkinnable().turnerProperty().get();
        if (way != null && turner != null) {
            turner.turn(Math.signum(way.u()) * TURN_PIXELS, -Math.signum(way.v()) * TURN_PIXELS);
            event.consume();
        } else if (way != null && getSkinnable().getDrawing() != null) {
            nudge(way, event);
        }
    }

    private static Point2 way(KeyEvent event) {
        double step = event.isAltDown() ? FINE_MM : NUDGE_MM;
        return switch (event.getCode()) {
            case LEFT -> new Point2(-step, 0);
            case RIGHT -> new Point2(step, 0);
            case UP -> new Point2(0, step);
            case DOWN -> new Point2(0, -step);
            default -> null;
        };
    }

    private void nudge(Point2 way, KeyEvent event) {
        String selected = getSkinnable().selectedProperty().get();
        for (Grip grip : getSkinnable().getDrawing().grips()) {
            if (grip.part().equals(selected)) {
                Point2 by = grip.axes().step(way);
                behavior.nudge(grip, by.u(), by.v(), getSkinnable().chosenProperty().get());
                event.consume();
                return;
            }
        }
    }

    /** Puts back what is dragged, rolls up the tape, or lets go of what is chosen: one at a time. */
    private void escape(KeyEvent event) {
        if (behavior.isDragging()) {
            behavior.putBack();
            event.consume();
        } else if (getSkinnable().measuringProperty().get()) {
            getSkinnable().measuringProperty().set(false);
            event.consume();
        } else if (!getSkinnable().selectedProperty().get().isEmpty()) {
            getSkinnable().selectedProperty().set("");
        }
    }

    @Override
    protected void layoutChildren(double x, double y, double width, double height) {
        Drawing drawing = getSkinnable().getDrawing();
        canvas.setWidth(width);
        canvas.setHeight(height);
        overlay.resizeRelocate(x, y, width, height);
        if (drawing == null) {
            return;
        }
        if (getSkinnable().fittedProperty().get() && !behavior.isDragging()) {
            lens.fit(drawing, width, height);
        }
        ViewTransform transform = lens.transform();
        Palette palette = Palette.of(getSkinnable().themeProperty().get());
        List<String> chosen = getSkinnable().chosenProperty().get();
        new Painter(canvas.getGraphicsContext2D(), transform, palette, chosen)
                .letters(getSkinnable().lettersProperty().get())
                .paint(drawing, getSkinnable().markedProperty().get());
        handles.place(overlay.getChildren());
        new FigureLayout(figures, transform, width, height).place();
        tape.resizeRelocate(x, y, width, height);
        tape.over(drawing, transform, getSkinnable().unitsProperty().get());
    }
}
