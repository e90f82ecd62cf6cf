package pteron.core.carrier;

import pteron.core.drawing.Canvas;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Shape;
import pteron.core.geometry.Point2;
import pteron.core.vehicle.Solid;

/** Draws what the box may hit over the box: dashed, so that the box is seen through it. */
final class SolidShapes {

    /** Depth of a solid's name under its upper edge, where it is high enough (mm). */
    private static final double NAME_MM = 110;

    /** Height of a solid in the picture below which it has no name (mm). */
    private static final double LEAST_MM = 120;

    private final Canvas canvas;
    private final Carrier carrier;

    SolidShapes(Canvas canvas) {
        this.canvas = canvas;
        this.carrier = canvas.box().get(Carrier.class);
    }

    void draw() {
        for (Clearance clearance : carrier.clearances()) {
            Solid solid = clearance.solid();
            if (solid.kind() != Solid.Kind.CAB) {
                draw(solid, 1);
                if (solid.mirrored()) {
                    draw(solid, -1);
                }
            }
        }
    }

    private void draw(Solid solid, int side) {
        double front = carrier.deckFrontMm();
        double deck = -carrier.raisedMm();
        Point2 one =
                canvas.at(
                        front + solid.along().fromMm(),
                        side * solid.across().fromMm(),
                        deck + solid.up().fromMm());
        Point2 other =
                canvas.at(
                        front + solid.along().toMm(),
                        side * solid.across().toMm(),
                        deck + solid.up().toMm());
        canvas.line(
                LineKind.SOLID,
                one,
                new Point2(other.u(), one.v()),
                other,
                new Point2(one.u(), other.v()),
                one);
        // a wheel is known by its shape
        if (solid.kind() != Solid.Kind.WHEEL) {
            name(solid.name(), one, other);
        }
    }

    /** Names stand under the upper edge, so that those of one solid before another are kept apart. */
    private void name(String name, Point2 one, Point2 other) {
        double high = Math.abs(other.v() - one.v());
        double top = Math.max(one.v(), other.v());
        if (high < LEAST_MM) {
            return;
        }
        canvas.add(
                new Shape.Label(
                        new Point2((one.u() + other.u()) / 2, top - Math.min(NAME_MM, high / 2)),
                        name,
                        Shape.Label.Kind.NAME,
                        Math.abs(other.u() - one.u())));
    }
}
