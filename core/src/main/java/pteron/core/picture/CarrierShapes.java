package pteron.core.picture;

import java.util.List;
import pteron.core.carrier.CabProfile;
import pteron.core.carrier.Carrier;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.drawing.Shape;
import pteron.core.geometry.Point2;
import pteron.core.vehicle.Cab;
import pteron.core.vehicle.Deck;
import pteron.core.vehicle.RunningGear.Wheels;
import pteron.core.vehicle.Steel.Outrigger;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Vehicle;

/** Draws the carrier under the box: ground, wheels, steel, deck, cab. */
final class CarrierShapes {

    private static final double DRAWBAR_MM = 70;

    private final Canvas canvas;
    private final Carrier carrier;
    private final Vehicle vehicle;
    private final double ground;
    private final double deck;

    CarrierShapes(Canvas canvas) {
        this.canvas = canvas;
        this.carrier = canvas.box().get(Carrier.class);
        this.vehicle = carrier.vehicle();
        this.ground = carrier.groundMm();
        this.deck = -carrier.raisedMm();
    }

    private double front() {
        return carrier.deckFrontMm();
    }

    private double rear() {
        return carrier.deckRearMm();
    }

    private double steelMm() {
        return vehicle.steel().rail().depthMm();
    }

    void side() {
        double first = vehicle.cab().map(this::cabFront).orElse(carrier.front().placeMm());
        canvas.line(
                LineKind.GROUND,
                canvas.at(first - 250, 0, ground),
                canvas.at(rear() + 350, 0, ground));
        if (vehicle instanceof Trailer) {
            drawbarFromTheSide();
        }
        double under = deck - Deck.PLANKS_MM;
        double railFrom = vehicle.cab().isPresent() ? first : front();
        canvas.rectangle(
                Matter.STEEL,
                canvas.at(railFrom, 0, under - steelMm()),
                canvas.at(rear(), 0, under));
        for (double x : carrier.crossMembersMm()) {
            double half = vehicle.steel().crossMember().flangeMm() / 2;
            double deep = vehicle.steel().crossMember().depthMm();
            canvas.rectangle(
                    Matter.TYRE,
                    canvas.at(x - half, 0, under - deep),
                    canvas.at(x + half, 0, under));
        }
        canvas.rectangle(Matter.DECK, canvas.at(front(), 0, under), canvas.at(rear(), 0, deck));
        vehicle.cab().ifPresent(this::cabFromTheSide);
        double radius = vehicle.gear().wheels().diameterMm() / 2;
        for (double x : carrier.axlesMm()) {
            Point2 hub = canvas.at(x, 0, ground + radius);
            canvas.add(new Shape.Disc(hub, radius, Matter.TYRE));
            canvas.add(new Shape.Disc(hub, radius * 0.55, Matter.HUB));
        }
    }

    private void drawbarFromTheSide() {
        double coupler = carrier.front().placeMm();
        double under = deck - Deck.PLANKS_MM;
        canvas.area(
                Matter.STEEL,
                List.of(
                        canvas.at(coupler, 0, under - DRAWBAR_MM),
                        canvas.at(front(), 0, under),
                        canvas.at(front(), 0, under - steelMm()),
                        canvas.at(coupler, 0, under - 2 * DRAWBAR_MM)));
    }

    private double cabFront(Cab cab) {
        double bonnet = carrier.front().placeMm() - vehicle.gear().wheels().diameterMm();
        return Math.min(front() - cab.gapMm() - cab.roofLengthMm(), bonnet);
    }

    /** A plain cab: back wall, roof, windscreen, bonnet. */
    private void cabFromTheSide(Cab cab) {
        double back = front() - cab.gapMm();
        CabProfile.of(carrier)
                .ifPresent(
                        profile ->
                                canvas.area(
                                        Matter.SOLID,
                                        profile.corners().stream()
                                                .map(c -> canvas.at(c.u(), 0, c.v()))
                                                .toList()));
        if (cab.window().exists()) {
            double sill = deck + cab.window().sillMm();
            canvas.line(
                    LineKind.SOLID,
                    canvas.at(back, 0, sill),
                    canvas.at(back, 0, sill + cab.window().heightMm()));
        }
    }

    void end() {
        double half = vehicle.deck().widthMm() / 2;
        canvas.line(
                LineKind.GROUND,
                canvas.at(0, -half - 300, ground),
                canvas.at(0, half + 300, ground));
        vehicle.cab().ifPresent(this::cabFromTheEnd);
        Wheels wheels = vehicle.gear().wheels();
        double inner = (wheels.trackMm() - wheels.widthMm()) / 2;
        double under = deck - Deck.PLANKS_MM;
        for (int side : new int[] {-1, 1}) {
            canvas.rectangle(
                    Matter.TYRE,
                    canvas.at(0, side * inner, ground),
                    canvas.at(0, side * (inner + wheels.widthMm()), ground + wheels.diameterMm()));
            double rail = side * vehicle.steel().railSpacingMm() / 2;
            canvas.rectangle(
                    Matter.STEEL,
                    canvas.at(0, rail - vehicle.steel().rail().flangeMm() / 2, under - steelMm()),
                    canvas.at(0, rail + vehicle.steel().rail().flangeMm() / 2, under));
        }
        double cross = vehicle.steel().crossMember().depthMm();
        canvas.rectangle(
                Matter.STEEL, canvas.at(0, -half, under - cross), canvas.at(0, half, under));
        canvas.rectangle(Matter.DECK, canvas.at(0, -half, under), canvas.at(0, half, deck));
    }

    private void cabFromTheEnd(Cab cab) {
        double half = cab.widthMm() / 2;
        double low = ground + vehicle.gear().wheels().diameterMm() * 0.55;
        canvas.rectangle(
                Matter.SOLID, canvas.at(0, -half, low), canvas.at(0, half, deck + cab.roofMm()));
        if (cab.window().exists()) {
            double wide = cab.window().widthMm() / 2;
            double sill = deck + cab.window().sillMm();
            canvas.rectangle(
                    Matter.GLASS,
                    canvas.at(0, -wide, sill),
                    canvas.at(0, wide, sill + cab.window().heightMm()));
        }
    }

    void above() {
        Wheels wheels = vehicle.gear().wheels();
        double half = vehicle.deck().widthMm() / 2;
        double radius = wheels.diameterMm() / 2;
        double inner = (wheels.trackMm() - wheels.widthMm()) / 2;
        for (double x : carrier.axlesMm()) {
            for (int side : new int[] {-1, 1}) {
                canvas.rectangle(
                        Matter.TYRE,
                        canvas.at(x - radius, side * inner, 0),
                        canvas.at(x + radius, side * (inner + wheels.widthMm()), 0));
            }
        }
        if (vehicle instanceof Trailer trailer) {
            drawbarFromAbove(trailer, half);
        }
        vehicle.cab()
                .ifPresent(
                        cab ->
                                canvas.rectangle(
                                        Matter.SOLID,
                                        canvas.at(cabFront(cab), -cab.widthMm() / 2, 0),
                                        canvas.at(front() - cab.gapMm(), cab.widthMm() / 2, 0)));
        canvas.rectangle(Matter.DECK, canvas.at(front(), -half, 0), canvas.at(rear(), half, 0));
        double cross = vehicle.steel().crossMember().flangeMm() / 2;
        for (double x : carrier.crossMembersMm()) {
            canvas.rectangle(
                    Matter.STEEL, canvas.at(x - cross, -half, 0), canvas.at(x + cross, half, 0));
        }
        railsFromAbove();
    }

    private void railsFromAbove() {
        double rail = vehicle.steel().railSpacingMm() / 2;
        double flange = vehicle.steel().rail().flangeMm() / 2;
        double reach = vehicle.steel().outrigger().flangeMm() / 2;
        for (int side : new int[] {-1, 1}) {
            canvas.rectangle(
                    Matter.STEEL,
                    canvas.at(front(), side * (rail - flange), 0),
                    canvas.at(rear(), side * (rail + flange), 0));
            for (Outrigger outrigger : vehicle.steel().outriggers()) {
                double x = front() + outrigger.placeMm();
                canvas.rectangle(
                        Matter.STEEL,
                        canvas.at(x - reach, side * rail, 0),
                        canvas.at(x + reach, side * (rail + outrigger.reachMm()), 0));
            }
        }
    }

    private void drawbarFromAbove(Trailer trailer, double half) {
        double coupler = carrier.front().placeMm();
        double foot = trailer.drawbar().form() == Trailer.Drawbar.Form.A_FRAME ? half * 0.6 : 0;
        int[] sides = foot > 0 ? new int[] {-1, 1} : new int[] {1};
        for (int side : sides) {
            canvas.area(
                    Matter.STEEL,
                    List.of(
                            canvas.at(coupler, side * 20.0, 0),
                            canvas.at(front(), side * (foot + 45), 0),
                            canvas.at(front(), side * (foot - 45), 0),
                            canvas.at(coupler, -side * 20.0, 0)));
        }
    }
}
