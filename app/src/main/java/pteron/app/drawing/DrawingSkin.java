package pteron.app.drawing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.event.EventHandler;
import javafx.geometry.Point2D;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.SkinBase;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.shape.Polyline;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
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

    private static final double ZOOM_STEP = 1.15;

    /** A press of an arrow turns what is solid so far (pixels of the mouse). */
    private static final double TURN_PIXELS = 12;

    private static final double NUDGE_MM = 10;
    private static final double FINE_MM = 1;

    /** What lies over what: the less the nearer. */
    private static final double FIGURES = -2;

    private static final double HANDLES = -1;
    private static final double LINES = 0;

    /** How wide a line can be clicked (pixels). */
    private static final double LINE_REACH = 11;

    private final Canvas canvas = new Canvas();
    private final Pane overlay = new Pane();
    private final List<DimensionNode> figures = new ArrayList<>();
    private final Map<String, Shape> handles = new HashMap<>();
    private final Rectangle ghost = new Rectangle();
    private final Tape tape = new Tape();
    private final ContextMenu menu = new ContextMenu();
    private View fittedView;
    private double fittedWidth;
    private double fittedHeight;
    private final DrawingBehavior behavior;
    private final EventHandler<ScrollEvent> onScroll = this::scroll;
    private final EventHandler<MouseEvent> onPress = this::press;
    private final EventHandler<MouseEvent> onClick = this::click;
    private final EventHandler<MouseEvent> onDrag = this::pan;
    private final EventHandler<KeyEvent> onKey = this::key;
    private ViewTransform transform = new ViewTransform(0.1, 0, 0);
    private double pressedX;
    private double pressedY;

    /** Whether the button went down on the drawing itself, not on a handle or a dimension in it. */
    private boolean pressed;

    private Subscription subscriptions = Subscription.EMPTY;

    DrawingSkin(DrawingView control) {
        super(control);
        this.behavior = control.behavior();
        overlay.setPickOnBounds(false);
        getChildren().addAll(canvas, overlay, tape);
        subscriptions =
                Subscription.combine(
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
                                            fittedView = null;
                                            control.requestLayout();
                                        }));
        ghost.getStyleClass().add("ghost");
        ghost.setMouseTransparent(true);
        ghost.setVisible(false);
        control.addEventHandler(ScrollEvent.SCROLL, onScroll);
        control.addEventHandler(MouseEvent.MOUSE_PRESSED, onPress);
        control.addEventHandler(MouseEvent.MOUSE_CLICKED, onClick);
        control.addEventHandler(MouseEvent.MOUSE_DRAGGED, onDrag);
        control.addEventHandler(KeyEvent.KEY_PRESSED, onKey);
        control.setOnContextMenuRequested(
                event -> showMenu(event.getScreenX(), event.getScreenY()));
    }

    @Override
    public void dispose() {
        DrawingView control = getSkinnable();
        if (control != null) {
            subscriptions.unsubscribe();
            control.removeEventHandler(ScrollEvent.SCROLL, onScroll);
            control.removeEventHandler(MouseEvent.MOUSE_PRESSED, onPress);
            control.removeEventHandler(MouseEvent.MOUSE_CLICKED, onClick);
            control.removeEventHandler(MouseEvent.MOUSE_DRAGGED, onDrag);
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
        List<Node> kept = new ArrayList<>(grips.stream().map(this::handleOf).toList());
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
        figures(drawing);
        overlay.getChildren().stream()
                .filter(node -> !focused.isEmpty() && focused.equals(node.getId()))
                .filter(node -> !node.isFocused())
                .findFirst()
                .ifPresent(Node::requestFocus);
        getSkinnable().requestLayout();
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

    private Shape handleOf(Grip grip) {
        Shape handle = handles.computeIfAbsent(grip.part(), part -> handle(grip));
        handle.setId("grip-" + grip.part());
        handle.setUserData(grip);
        // corners lie over lines, figures over both
        handle.setViewOrder(grip.kind() == Grip.Kind.LINE ? LINES : HANDLES);
        return handle;
    }

    private String name(Grip grip) {
        String what =
                switch (grip.kind()) {
                    case OPENING -> getSkinnable().document().plan().opening(grip.part()).name();
                    case OUTLINE -> Words.handle(grip.part());
                    case LINE -> Words.line(grip.part());
                    case LAYER, LAYER_DOWN -> "face of the layer";
                };
        return what + ": drag it, or arrow keys";
    }

    private static Shape outlineOf(Grip held) {
        if (held.path().isEmpty()) {
            Rectangle area = new Rectangle();
            area.setFill(Color.TRANSPARENT);
            return area;
        }
        Polyline line = new Polyline();
        line.setFill(null);
        line.setStroke(Color.TRANSPARENT);
        line.setStrokeWidth(LINE_REACH);
        return line;
    }

    private Shape handle(Grip held) {
        String part = held.part();
        Shape handle = outlineOf(held);
        Tooltip.install(handle, new Tooltip(name(held)));
        boolean layer = held.kind() == Grip.Kind.LAYER;
        handle.setCursor(layer ? Cursor.V_RESIZE : Cursor.MOVE);
        handle.setFocusTraversable(true);
        handle.setAccessibleText(name(held));
        handle.focusedProperty()
                .subscribe(
                        focused -> {
                            if (focused) {
                                getSkinnable().selectedProperty().set(part);
                            }
                        });
        dragged(handle);
        return handle;
    }

    private void dragged(Shape handle) {
        handle.setOnMousePressed(event -> take(handle, event));
        handle.setOnContextMenuRequested(
                event -> {
                    showMenu(event.getScreenX(), event.getScreenY());
                    event.consume();
                });
        handle.setOnMouseDragged(
                event -> {
                    if (behavior.isDragging()) {
                        double right = (event.getSceneX() - pressedX) / transform.scale();
                        double up = (pressedY - event.getSceneY()) / transform.scale();
                        behavior.drag(right, up, 1 / transform.scale());
                        event.consume();
                    }
                });
        handle.setOnMouseReleased(
                event -> {
                    if (behavior.isDragging()) {
                        behavior.release();
                        getSkinnable().requestLayout();
                    }
                });
    }

    private void take(Shape handle, MouseEvent event) {
        Grip grip = (Grip) handle.getUserData();
        menu.hide();
        pressed = false;
        choose(grip, event);
        handle.requestFocus();
        if (event.getButton() == MouseButton.PRIMARY) {
            pressedX = event.getSceneX();
            pressedY = event.getSceneY();
            behavior.press(grip, getSkinnable().chosenProperty().get());
        }
        event.consume();
    }

    private void choose(Grip grip, MouseEvent event) {
        boolean too = event.isShiftDown() || event.isShortcutDown();
        if (too && grip.kind() == Grip.Kind.OPENING) {
            getSkinnable().chooseTooProperty().get().accept(grip.part());
        } else {
            getSkinnable().selectedProperty().set(grip.part());
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
                ? Optional.of(transform.place(local.getX(), local.getY()))
                : Optional.empty();
    }

    void showGhost(Bounds2 area) {
        ghost.setVisible(area != null);
        if (area != null) {
            ghost.setX(transform.x(area.fromU()));
            ghost.setY(transform.y(area.toV()));
            ghost.setWidth(area.width() * transform.scale());
            ghost.setHeight(area.height() * transform.scale());
        }
    }

    private void press(MouseEvent event) {
        menu.hide();
        pressedX = event.getX();
        pressedY = event.getY();
        pressed = true;
        getSkinnable().requestFocus();
    }

    /** Chooses what is under the pointer; a hand that moves or turns the drawing chooses nothing. */
    private void click(MouseEvent event) {
        boolean begunHere = pressed;
        pressed = false;
        if (begunHere && event.getButton() == MouseButton.PRIMARY && event.isStillSincePress()) {
            Point2 at = transform.place(event.getX(), event.getY());
            getSkinnable().selectedProperty().set(PartUnder.of(getSkinnable().getDrawing(), at));
        }
    }

    private void pan(MouseEvent event) {
        DrawingView.Turner turner = getSkinnable().turnerProperty().get();
        if (turner != null && event.getButton() == MouseButton.PRIMARY) {
            turner.turn(event.getX() - pressedX, event.getY() - pressedY);
            pressedX = event.getX();
            pressedY = event.getY();
            return;
        }
        if (event.getButton() == MouseButton.PRIMARY || event.getButton() == MouseButton.MIDDLE) {
            move(transform.moved(event.getX() - pressedX, event.getY() - pressedY));
            pressedX = event.getX();
            pressedY = event.getY();
        }
    }

    private void scroll(ScrollEvent event) {
        if (event.getDeltaY() != 0) {
            zoom(event.getDeltaY() > 0 ? ZOOM_STEP : 1 / ZOOM_STEP, event.getX(), event.getY());
            event.consume();
        }
    }

    void zoom(double factor, double x, double y) {
        move(transform.zoomed(factor, x, y));
    }

    private void move(ViewTransform to) {
        transform = to;
        getSkinnable().fittedProperty().set(false);
        getSkinnable().requestLayout();
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

    /** The view stands still while it shows all of the drawing, so that what is worked at stays in its place. */
    private void fit(Drawing drawing, double width, double height) {
        boolean same =
                drawing.view() == fittedView && width == fittedWidth && height == fittedHeight;
        if (behavior.isDragging() || same && transform.shows(drawing, width, height)) {
            return;
        }
        transform = ViewTransform.fitting(drawing, width, height);
        fittedView = drawing.view();
        fittedWidth = width;
        fittedHeight = height;
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
        if (getSkinnable().fittedProperty().get()) {
            fit(drawing, width, height);
        }
        Palette palette = Palette.of(getSkinnable().themeProperty().get());
        List<String> chosen = getSkinnable().chosenProperty().get();
        new Painter(canvas.getGraphicsContext2D(), transform, palette, chosen)
                .letters(getSkinnable().lettersProperty().get())
                .paint(drawing, getSkinnable().markedProperty().get());
        placeGrips();
        new FigureLayout(figures, transform, width, height).place();
        tape.resizeRelocate(x, y, width, height);
        tape.over(drawing, transform, getSkinnable().unitsProperty().get());
    }

    private void placeGrips() {
        for (Node node : overlay.getChildren()) {
            if (node instanceof Rectangle handle && handle.getUserData() instanceof Grip grip) {
                handle.setX(transform.x(grip.area().fromU()));
                handle.setY(transform.y(grip.area().toV()));
                handle.setWidth(grip.area().width() * transform.scale());
                handle.setHeight(grip.area().height() * transform.scale());
            }
            if (node instanceof Polyline line && line.getUserData() instanceof Grip grip) {
                List<Double> points = new ArrayList<>();
                for (Point2 point : grip.path()) {
                    points.add(transform.x(point.u()));
                    points.add(transform.y(point.v()));
                }
                line.getPoints().setAll(points);
            }
        }
    }
}
