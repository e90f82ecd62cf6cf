package pteron.app.opening;

import java.util.Optional;
import javafx.event.EventHandler;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import pteron.app.drawing.DrawingView;
import pteron.app.station.Cells;
import pteron.app.station.Workbench;
import pteron.core.drawing.View;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.placing.ShelfUnit;
import pteron.core.placing.UnitShelf;
import pteron.core.plan.Opening;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.Quantity;

/** The units of the shelf, all to one scale: drag one onto the wall, or press it to put it where there is room. */
final class ShelfPane extends VBox {

    /** Pixels of a mm on the shelf. */
    private static final double SCALE = 0.034;

    /** Height of the tallest unit (pixels). */
    private static final double HIGH = 66;

    /** How far a unit must be dragged before it is carried (pixels). */
    private static final double CARRIED = 6;

    private final Workbench bench;
    private double scrolledTo;
    private final DrawingView drawing;
    private final UnitPlacing placing;
    private final Label hint =
            Cells.quiet("drag one onto the wall, or click it; drawn to one scale");
    private double pressedX;
    private double pressedY;
    private Hold hold = Hold.NONE;

    /** What the hand does with a unit of the shelf. */
    private enum Hold {
        NONE,
        PRESSED,
        CARRIED
    }

    ShelfPane(Workbench bench, DrawingView drawing) {
        this.bench = bench;
        this.drawing = drawing;
        this.placing = new UnitPlacing(bench);
        setId("shelf");
        getStyleClass().add("shelf");
        HBox units = new HBox(2);
        units.setAlignment(Pos.BOTTOM_LEFT);
        for (ShelfUnit unit : UnitShelf.UNITS) {
            units.getChildren().add(unit(unit));
        }
        ScrollPane scroll = new ScrollPane(units);
        scroll.setFitToHeight(true);
        scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().addAll("plain-scroll", "shelf-scroll");
        bench.viewProperty().subscribe((before, now) -> scroll(scroll, before, now));
        placing.refusedProperty().subscribe(this::say);
        HBox head = new HBox(10, Cells.headline("Units"), hint);
        head.setAlignment(Pos.CENTER_LEFT);
        hint.setMinWidth(0);
        getChildren().addAll(head, scroll);
        bench.narrowProperty().subscribe(narrow -> namesAlone(narrow, head, units));
        bench.document()
                .modelProperty()
                .subscribe(model -> units.getChildren().forEach(this::resize));
    }

    private void say(String words) {
        if (!words.isEmpty()) {
            hint.setText(words);
        }
    }

    /** Names without pictures where the drawing needs the room. */
    private static void namesAlone(boolean narrow, HBox head, HBox units) {
        head.setVisible(!narrow);
        head.setManaged(!narrow);
        for (Node unit : units.getChildren()) {
            Node stand = ((VBox) unit).getChildren().getFirst();
            stand.setVisible(!narrow);
            stand.setManaged(!narrow);
        }
    }

    private Node unit(ShelfUnit unit) {
        Label name = new Label(unit.name());
        name.getStyleClass().add("shelf-name");
        Label size = new Label();
        size.getStyleClass().addAll("mono", "shelf-size");
        StackPane stand = new StackPane(picture(unit));
        stand.setAlignment(Pos.BOTTOM_CENTER);
        stand.setMinHeight(HIGH);
        stand.getStyleClass().add("shelf-stand");
        VBox box = new VBox(stand, name, size);
        box.setAlignment(Pos.BOTTOM_CENTER);
        box.getStyleClass().add("shelf-unit");
        box.setId("unit-" + unit.key());
        box.setUserData(unit);
        canBeTaken(box, unit);
        resize(box);
        return box;
    }

    private void canBeTaken(VBox box, ShelfUnit unit) {
        box.setFocusTraversable(true);
        box.setAccessibleRole(AccessibleRole.BUTTON);
        box.setAccessibleText(unit.name() + ": press Enter to add it to the wall");
        Tooltip.install(box, new Tooltip("Drag it onto the wall, or click it (Enter)"));
        box.setOnMousePressed(event -> press(unit, event));
        box.setOnKeyPressed(event -> key(unit, event));
    }

    private void key(ShelfUnit unit, KeyEvent event) {
        if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
            placing.add(unit);
            event.consume();
        } else if (event.getCode() == KeyCode.ESCAPE && hold == Hold.CARRIED) {
            hold = Hold.NONE;
            drawing.showGhost(null);
            event.consume();
        }
    }

    /** Over the roof its own units come into sight; below, the shelf stays where it was. */
    private void scroll(ScrollPane shelf, View before, View now) {
        if (now == View.ROOF) {
            scrolledTo = shelf.getHvalue();
            shelf.setHvalue(shelf.getHmax());
        } else if (before == View.ROOF) {
            shelf.setHvalue(scrolledTo);
        }
    }

    private void resize(Node box) {
        if (box.getUserData() instanceof ShelfUnit one) {
            ShelfUnit unit = one.sold(bench.units());
            Label size = (Label) ((VBox) box).getChildren().get(2);
            size.setText(
                    LengthText.format(unit.size().widthMm(), bench.units())
                            + " × "
                            + Quantity.mm(unit.size().heightMm()).text(bench.units()));
        }
    }

    private static Node picture(ShelfUnit unit) {
        double wide = unit.size().widthMm() * SCALE;
        double high = unit.size().heightMm() * SCALE;
        Rectangle frame = new Rectangle(wide, high);
        boolean glass = unit.kind() == Opening.Kind.WINDOW;
        frame.getStyleClass().add(glass ? "shelf-glass" : "shelf-leaf");
        Pane picture = new Pane(frame);
        if (glass) {
            Line one = new Line(wide * 0.1, high * 0.45, wide * 0.35, high * 0.1);
            one.getStyleClass().add("shelf-line");
            picture.getChildren().add(one);
        } else if (unit.home() == ShelfUnit.Home.ROOF) {
            Line one = new Line(1, 1, wide - 1, high - 1);
            Line other = new Line(1, high - 1, wide - 1, 1);
            one.getStyleClass().add("shelf-line");
            other.getStyleClass().add("shelf-line");
            picture.getChildren().addAll(one, other);
        } else {
            Circle handle = new Circle(wide - 4, high * 0.55, 1.6);
            handle.getStyleClass().add("shelf-handle");
            picture.getChildren().add(handle);
        }
        picture.setMaxSize(wide, high);
        picture.setPrefSize(wide, high);
        return picture;
    }

    /** What follows is heard by the whole scene: the pointer leaves the shelf on its way to the wall. */
    private void press(ShelfUnit unit, MouseEvent event) {
        pressedX = event.getSceneX();
        pressedY = event.getSceneY();
        hold = Hold.PRESSED;
        ((Node) event.getSource()).requestFocus();
        Scene scene = getScene();
        EventHandler<MouseEvent> drags = drag -> carry(unit, drag);
        scene.addEventFilter(MouseEvent.MOUSE_DRAGGED, drags);
        scene.addEventFilter(
                MouseEvent.MOUSE_RELEASED,
                new EventHandler<>() {
                    @Override
                    public void handle(MouseEvent release) {
                        scene.removeEventFilter(MouseEvent.MOUSE_DRAGGED, drags);
                        scene.removeEventFilter(MouseEvent.MOUSE_RELEASED, this);
                        let(unit, release);
                        release.consume();
                    }
                });
        event.consume();
    }

    private void carry(ShelfUnit unit, MouseEvent event) {
        if (hold == Hold.PRESSED && isFar(event)) {
            hold = Hold.CARRIED;
        }
        Optional<Point2> under = drawing.placeUnder(event.getSceneX(), event.getSceneY());
        boolean shown = hold == Hold.CARRIED;
        drawing.showGhost(shown ? under.map(at -> ghost(unit, at)).orElse(null) : null);
        event.consume();
    }

    private boolean isFar(MouseEvent event) {
        return Math.hypot(event.getSceneX() - pressedX, event.getSceneY() - pressedY) > CARRIED;
    }

    private static Bounds2 ghost(ShelfUnit unit, Point2 at) {
        double wide = unit.size().widthMm() / 2;
        double high = unit.size().heightMm() / 2;
        return new Bounds2(at.u() - wide, at.u() + wide, at.v() - high, at.v() + high);
    }

    private void let(ShelfUnit unit, MouseEvent event) {
        Hold held = hold;
        hold = Hold.NONE;
        drawing.showGhost(null);
        if (held == Hold.NONE) {
            return; // taken back by Escape
        }
        // a machine that is busy may have told of no drag as far as here
        if (held == Hold.PRESSED && !isFar(event)) {
            placing.add(unit);
            return;
        }
        drawing.placeUnder(event.getSceneX(), event.getSceneY())
                .ifPresent(at -> placing.drop(unit, at));
    }
}
