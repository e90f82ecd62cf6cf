package pteron.core.picture;

import java.util.ArrayList;
import java.util.List;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.drawing.Shape;
import pteron.core.drawing.View;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.model.BoxModel;

/** What tells how large a box is at a glance: a person on its floor, and the door of the shop it is built in. */
final class Yardsticks {

    /** Height of the person that is drawn (mm); common practice. */
    private static final double PERSON_MM = 1750;

    /** Where the person stands, as a share of the deck's length under the box from its front. */
    private static final double STANDS_AT = 0.72;

    /** How far the shop's door stands off the box at each side (mm). */
    private static final double BESIDE_MM = 300;

    /** Half of a person seen from ahead, foot to neck: shares of the height, across and up. */
    private static final double[][] HALF = {
        {0, 0.45},
        {0.02, 0},
        {0.075, 0},
        {0.095, 0.46},
        {0.1, 0.5},
        {0.135, 0.46},
        {0.15, 0.78},
        {0.125, 0.835},
        {0.04, 0.86},
        {0.035, 0.88}
    };

    private static final double HEAD_AT = 0.937;
    private static final double HEAD = 0.063;

    private Yardsticks() {}

    /** {@return a view of a side or an end with a person in the box} */
    static Drawing withPerson(BoxModel model, Drawing drawing) {
        Canvas canvas = Canvases.of(model, drawing.view());
        double floor = model.plan().makeUp().floor().structureMm();
        Bounds2 round = model.outline().shape().polygon().bounds();
        double front = Math.max(0, round.fromU());
        double x = front + (round.toU() - front) * STANDS_AT;
        Point2 feet = canvas.at(x, 0, floor);
        List<Point2> corners = new ArrayList<>();
        for (double[] half : HALF) {
            corners.add(feet.plus(new Point2(half[0] * PERSON_MM, half[1] * PERSON_MM)));
        }
        for (double[] half : List.of(HALF).reversed()) {
            corners.add(feet.plus(new Point2(-half[0] * PERSON_MM, half[1] * PERSON_MM)));
        }
        canvas.area(Matter.PERSON, corners);
        Point2 head = feet.plus(new Point2(0, HEAD_AT * PERSON_MM));
        canvas.add(new Shape.Disc(head, HEAD * PERSON_MM, Matter.PERSON));
        return over(drawing, canvas, drawing.bounds());
    }

    /** {@return a view of an end with the shop's door round it} */
    static Drawing withShopDoor(BoxModel model, Drawing drawing) {
        Canvas canvas = new Canvas(View.REAR, model, 0, key -> 0);
        double half = model.plan().box().widthMm() / 2 + BESIDE_MM;
        double high = model.plan().limits().shopDoorMm();
        canvas.line(
                LineKind.SOLID,
                new Point2(-half, 0),
                new Point2(-half, high),
                new Point2(half, high),
                new Point2(half, 0));
        Bounds2 b = drawing.bounds();
        return over(
                drawing,
                canvas,
                new Bounds2(
                        Math.min(b.fromU(), -half),
                        Math.max(b.toU(), half),
                        b.fromV(),
                        Math.max(b.toV(), high)));
    }

    private static Drawing over(Drawing drawing, Canvas canvas, Bounds2 bounds) {
        List<Shape> shapes = new ArrayList<>(drawing.shapes());
        // marks stay in front
        shapes.removeIf(Shape.Mark.class::isInstance);
        shapes.addAll(canvas.drawing().shapes());
        drawing.shapes().stream().filter(Shape.Mark.class::isInstance).forEach(shapes::add);
        return new Drawing(drawing.view(), shapes, drawing.dimensions(), drawing.grips(), bounds);
    }
}
