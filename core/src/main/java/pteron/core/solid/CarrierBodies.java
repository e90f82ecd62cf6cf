package pteron.core.solid;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import pteron.core.carrier.CabProfile;
import pteron.core.carrier.Carrier;
import pteron.core.drawing.Matter;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.model.BoxModel;
import pteron.core.outline.Outline;
import pteron.core.surface.FlatSurface;
import pteron.core.vehicle.Deck;
import pteron.core.vehicle.Solid;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Vehicle;

/** The carrier as plain bodies: deck, rails, wheels, cab, what stands on the deck. */
final class CarrierBodies {

    private static final double DRAWBAR_MM = 70;
    private static final int ROUND = 20;

    private static final Point3 BACK = new Point3(1, 0, 0);
    private static final Point3 RIGHT = new Point3(0, 1, 0);
    private static final Point3 UP = new Point3(0, 0, 1);

    /** Seen from the side, y inward. */
    private static final FlatSurface SIDE = new FlatSurface(new Point3(0, 0, 0), BACK, UP, RIGHT);

    /** Seen from above, z inward. */
    private static final FlatSurface ABOVE = new FlatSurface(new Point3(0, 0, 0), BACK, RIGHT, UP);

    private static final Set<Solid.Kind> DRAWN =
            EnumSet.complementOf(EnumSet.of(Solid.Kind.CAB, Solid.Kind.WHEEL));

    private final Carrier carrier;
    private final Vehicle vehicle;
    private final double deck;
    private final List<Facet> facets;

    private CarrierBodies(Carrier carrier, List<Facet> facets) {
        this.carrier = carrier;
        this.vehicle = carrier.vehicle();
        this.deck = -carrier.raisedMm();
        this.facets = facets;
    }

    static void of(BoxModel model, List<Facet> facets) {
        CarrierBodies bodies = new CarrierBodies(model.get(Carrier.class), facets);
        bodies.deck();
        bodies.subFrame(model.outline());
        bodies.wheels();
        bodies.solids();
        CabProfile.of(bodies.carrier)
                .ifPresent(
                        profile -> {
                            double half = bodies.vehicle.cab().orElseThrow().widthMm() / 2;
                            bodies.add(SIDE, profile, -half, half, Matter.SOLID, "cab");
                        });
        if (bodies.vehicle instanceof Trailer) {
            bodies.drawbar();
        }
    }

    private void add(
            FlatSurface on, Polygon2 shape, double from, double to, Matter matter, String part) {
        new Prism(on, shape, from, to, matter, part).facets(facets::add);
    }

    private void box(Bounds2 above, double low, double high, Matter matter, String part) {
        if (above.width() > 0 && above.height() > 0 && high > low) {
            add(ABOVE, Polygon2.rectangle(above), low, high, matter, part);
        }
    }

    private void deck() {
        double half = vehicle.deck().widthMm() / 2;
        double front = carrier.deckFrontMm();
        double rear = carrier.deckRearMm();
        double under = deck - Deck.PLANKS_MM;
        box(new Bounds2(front, rear, -half, half), under, deck, Matter.DECK, "deck");
        double low = under - vehicle.steel().rail().depthMm();
        double rail = vehicle.steel().railSpacingMm() / 2;
        double flange = vehicle.steel().rail().flangeMm();
        double first = CabProfile.of(carrier).map(cab -> cab.bounds().fromU()).orElse(front);
        for (int side : new int[] {-1, 1}) {
            double middle = side * rail;
            box(
                    new Bounds2(first, rear, middle - flange / 2, middle + flange / 2),
                    low,
                    under,
                    Matter.STEEL,
                    "rail");
        }
    }

    /** A bar over each rail lifts the box off the deck. */
    private void subFrame(Outline box) {
        double rail = vehicle.steel().railSpacingMm() / 2;
        double half = vehicle.steel().rail().flangeMm() / 2;
        double front = Math.max(carrier.deckFrontMm(), box.points().getFirst().u());
        double rear = Math.min(carrier.deckRearMm(), box.points().getLast().u());
        for (int side : new int[] {-1, 1}) {
            double middle = side * rail;
            Bounds2 bar = new Bounds2(front, rear, middle - half, middle + half);
            box(bar, deck, 0, Matter.STEEL, "sub-frame");
        }
    }

    private void wheels() {
        double radius = vehicle.gear().wheels().diameterMm() / 2;
        double track = vehicle.gear().wheels().trackMm() / 2;
        double wide = vehicle.gear().wheels().widthMm();
        double hub = carrier.groundMm() + radius;
        for (double x : carrier.axlesMm()) {
            for (int side : new int[] {-1, 1}) {
                double middle = side * track;
                Point2 at = new Point2(x, hub);
                double from = middle - wide / 2;
                double to = middle + wide / 2;
                add(SIDE, Polygon2.round(at, radius, ROUND), from, to, Matter.TYRE, "wheel");
                double out = side < 0 ? from - 1 : to;
                add(
                        SIDE,
                        Polygon2.round(at, radius * 0.55, ROUND),
                        out,
                        out + 1,
                        Matter.HUB,
                        "wheel");
            }
        }
    }

    private void solids() {
        for (Solid solid : vehicle.solids()) {
            if (!DRAWN.contains(solid.kind())) {
                continue;
            }
            double from = carrier.deckFrontMm() + solid.along().fromMm();
            double to = carrier.deckFrontMm() + solid.along().toMm();
            double low = deck + solid.up().fromMm();
            double high = deck + solid.up().toMm();
            Solid.Stretch across = solid.across();
            Bounds2 right = new Bounds2(from, to, across.fromMm(), across.toMm());
            box(right, low, high, Matter.SOLID, solid.name());
            if (solid.mirrored()) {
                Bounds2 left = new Bounds2(from, to, -across.toMm(), -across.fromMm());
                box(left, low, high, Matter.SOLID, solid.name());
            }
        }
    }

    /** Two bars that meet at the coupler. */
    private void drawbar() {
        double coupler = carrier.front().placeMm();
        double front = carrier.deckFrontMm();
        double rail = vehicle.steel().railSpacingMm() / 2;
        double high = deck - Deck.PLANKS_MM;
        for (int side : new int[] {-1, 1}) {
            List<Point2> bar =
                    List.of(
                            new Point2(coupler, side * DRAWBAR_MM / 2),
                            new Point2(coupler + DRAWBAR_MM, side * DRAWBAR_MM * 2),
                            new Point2(front, side * (rail + DRAWBAR_MM)),
                            new Point2(front, side * (rail - DRAWBAR_MM)));
            Polygon2 shape = Polygon2.of(bar);
            add(ABOVE, shape, high - DRAWBAR_MM, high, Matter.STEEL, "drawbar");
        }
    }
}
