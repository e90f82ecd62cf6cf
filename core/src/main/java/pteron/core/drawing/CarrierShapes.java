package pteron.core.drawing;

import java.util.List;
import pteron.core.carrier.Carrier;
import pteron.core.geometry.Point2;
import pteron.core.plan.Trailer;

/** Draws the trailer under the box. */
final class CarrierShapes {

    /** Depth of the deck's planks in the picture (mm). */
    private static final double PLANKS_MM = 40;

    /** Depth of the steel under it in the picture (mm). */
    private static final double STEEL_MM = 110;

    /** Width of a wheel in the picture (mm). */
    private static final double TYRE_MM = 190;

    private static final double DRAWBAR_MM = 70;

    private CarrierShapes() {}

    static void side(Canvas canvas) {
        Carrier carrier = canvas.model().carrier();
        Trailer trailer = carrier.trailer();
        double ground = -trailer.deck().heightMm();
        double front = carrier.deckFrontMm();
        double rear = carrier.deckRearMm();
        double coupler = carrier.couplerMm();
        canvas.line(
                LineKind.GROUND,
                canvas.at(coupler - 250, 0, ground),
                canvas.at(rear + 350, 0, ground));
        canvas.area(
                Matter.STEEL,
                List.of(
                        canvas.at(coupler, 0, -PLANKS_MM - DRAWBAR_MM),
                        canvas.at(front, 0, -PLANKS_MM),
                        canvas.at(front, 0, -PLANKS_MM - STEEL_MM),
                        canvas.at(coupler, 0, -PLANKS_MM - 2 * DRAWBAR_MM)));
        canvas.rectangle(
                Matter.STEEL,
                canvas.at(front, 0, -PLANKS_MM - STEEL_MM),
                canvas.at(rear, 0, -PLANKS_MM));
        for (double x : carrier.crossMembersMm()) {
            canvas.rectangle(
                    Matter.TYRE,
                    canvas.at(x - 20, 0, -PLANKS_MM - 60),
                    canvas.at(x + 20, 0, -PLANKS_MM));
        }
        canvas.rectangle(Matter.DECK, canvas.at(front, 0, -PLANKS_MM), canvas.at(rear, 0, 0));
        double radius = trailer.wheelDiameterMm() / 2;
        for (double x : carrier.axlesMm()) {
            Point2 hub = canvas.at(x, 0, ground + radius);
            canvas.add(new Shape.Disc(hub, radius, Matter.TYRE));
            canvas.add(new Shape.Disc(hub, radius * 0.55, Matter.HUB));
        }
    }

    static void end(Canvas canvas) {
        Trailer trailer = canvas.model().carrier().trailer();
        double ground = -trailer.deck().heightMm();
        double half = trailer.deck().widthMm() / 2;
        double diameter = trailer.wheelDiameterMm();
        canvas.line(
                LineKind.GROUND,
                canvas.at(0, -half - 300, ground),
                canvas.at(0, half + 300, ground));
        double inner = half - TYRE_MM - 120;
        for (int side : new int[] {-1, 1}) {
            canvas.rectangle(
                    Matter.TYRE,
                    canvas.at(0, side * inner, ground),
                    canvas.at(
                            0,
                            side * (inner + TYRE_MM),
                            ground + Math.min(diameter, -ground - PLANKS_MM - STEEL_MM)));
        }
        canvas.rectangle(
                Matter.STEEL,
                canvas.at(0, -half, -PLANKS_MM - STEEL_MM),
                canvas.at(0, half, -PLANKS_MM));
        canvas.rectangle(Matter.DECK, canvas.at(0, -half, -PLANKS_MM), canvas.at(0, half, 0));
    }

    static void above(Canvas canvas) {
        Carrier carrier = canvas.model().carrier();
        Trailer trailer = carrier.trailer();
        double half = trailer.deck().widthMm() / 2;
        double front = carrier.deckFrontMm();
        double rear = carrier.deckRearMm();
        double coupler = carrier.couplerMm();
        double radius = trailer.wheelDiameterMm() / 2;
        for (double x : carrier.axlesMm()) {
            for (int side : new int[] {-1, 1}) {
                canvas.rectangle(
                        Matter.TYRE,
                        canvas.at(x - radius, side * half, 0),
                        canvas.at(x + radius, side * (half + TYRE_MM), 0));
            }
        }
        for (int side : new int[] {-1, 1}) {
            canvas.area(
                    Matter.STEEL,
                    List.of(
                            canvas.at(coupler, side * 20.0, 0),
                            canvas.at(front, side * half * 0.6, 0),
                            canvas.at(front, side * (half * 0.6 - 90), 0),
                            canvas.at(coupler, -side * 20.0, 0)));
        }
        canvas.rectangle(Matter.DECK, canvas.at(front, -half, 0), canvas.at(rear, half, 0));
        for (double x : carrier.crossMembersMm()) {
            canvas.rectangle(Matter.STEEL, canvas.at(x - 25, -half, 0), canvas.at(x + 25, half, 0));
        }
    }
}
