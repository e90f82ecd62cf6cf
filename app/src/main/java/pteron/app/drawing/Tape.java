package pteron.app.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Shape;
import pteron.core.geometry.Point2;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;

/** The measuring tape: a click sets its hook, the next one reads it. It catches on corners of what is drawn. */
final class Tape extends Pane {

    /** How near the pointer must be to a corner for the tape to catch (pixels). */
    private static final double REACH = 9;

    private final Line line = new Line();
    private final Circle hook = new Circle(4);
    private final Circle end = new Circle(4);
    private final Label reading = new Label();
    private List<Point2> corners = List.of();
    private ViewTransform transform = new ViewTransform(1, 0, 0);
    private UnitSystem units = UnitSystem.METRIC;
    private Point2 from;
    private Point2 to;
    private boolean fixed;

    Tape() {
        setId("tape");
        setVisible(false);
        setFocusTraversable(true);
        setCursor(Cursor.CROSSHAIR);
        setAccessibleText("Measuring tape: click two points; press Escape to put it away");
        getStyleClass().add("tape");
        reading.getStyleClass().addAll("tape-reading", "mono");
        reading.setId("tape-reading");
        for (Circle circle : List.of(hook, end)) {
            circle.getStyleClass().add("tape-end");
        }
        line.getStyleClass().add("tape-line");
        getChildren().addAll(line, hook, end, reading);
        clear();
        setOnMouseMoved(this::moved);
        setOnMousePressed(this::pressed);
        setOnMouseDragged(MouseEvent::consume);
    }

    /** Forgets what was measured. */
    void clear() {
        from = null;
        to = null;
        fixed = false;
        update();
    }

    /** Lies over a drawing. */
    void over(Drawing drawing, ViewTransform seen, UnitSystem system) {
        transform = seen;
        units = system;
        List<Point2> found = new ArrayList<>();
        for (Shape shape : drawing.shapes()) {
            switch (shape) {
                case Shape.Area area -> found.addAll(area.corners());
                case Shape.Face face -> found.addAll(face.corners());
                case Shape.Line one -> found.addAll(one.points());
                case Shape.Disc disc -> found.add(disc.middle());
                case Shape.Label label -> {}
                case Shape.MemberName name -> {}
                case Shape.Lettering words -> {}
                case Shape.Mark mark -> found.add(mark.at());
            }
        }
        corners = found;
        update();
    }

    private Point2 caught(MouseEvent event) {
        Point2 at = transform.place(event.getX(), event.getY());
        Optional<Point2> nearest =
                corners.stream()
                        .min((a, b) -> Double.compare(a.distance(at), b.distance(at)))
                        .filter(corner -> corner.distance(at) * transform.scale() <= REACH);
        return nearest.orElse(at);
    }

    private void moved(MouseEvent event) {
        if (from != null && !fixed) {
            to = caught(event);
            update();
        }
    }

    private void pressed(MouseEvent event) {
        Point2 at = caught(event);
        if (from == null || fixed) {
            from = at;
            to = at;
            fixed = false;
        } else {
            to = at;
            fixed = true;
        }
        requestFocus();
        update();
        event.consume();
    }

    private void update() {
        boolean out = from != null;
        getChildren().forEach(node -> node.setVisible(out));
        if (!out) {
            return;
        }
        line.setStartX(transform.x(from.u()));
        line.setStartY(transform.y(from.v()));
        line.setEndX(transform.x(to.u()));
        line.setEndY(transform.y(to.v()));
        hook.setCenterX(line.getStartX());
        hook.setCenterY(line.getStartY());
        end.setCenterX(line.getEndX());
        end.setCenterY(line.getEndY());
        reading.setText(
                "%s   (%s along, %s up)"
                        .formatted(
                                length(from.distance(to)),
                                length(Math.abs(to.u() - from.u())),
                                length(Math.abs(to.v() - from.v()))));
        reading.autosize();
        double x = (line.getStartX() + line.getEndX()) / 2 + 10;
        double y = (line.getStartY() + line.getEndY()) / 2 - 26;
        reading.relocate(
                Math.clamp(x, 0, Math.max(0, getWidth() - reading.getWidth())), Math.max(0, y));
    }

    private String length(double mm) {
        return LengthText.format(mm, units) + (units == UnitSystem.METRIC ? " mm" : "");
    }
}
