package pteron.core.start;

import java.util.ArrayList;
import java.util.List;
import pteron.core.vehicle.Cab;
import pteron.core.vehicle.Deck;
import pteron.core.vehicle.Flatbed;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.Pickup.Bed;
import pteron.core.vehicle.Pickup.Tailgate;
import pteron.core.vehicle.Pickup.Wells;
import pteron.core.vehicle.RunningGear;
import pteron.core.vehicle.RunningGear.Axle;
import pteron.core.vehicle.RunningGear.Weighed;
import pteron.core.vehicle.RunningGear.Wheels;
import pteron.core.vehicle.Steel;
import pteron.core.vehicle.Steel.Section;
import pteron.core.vehicle.Steel.Section.Shape;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Trailer.Drawbar;

/**
 * Vehicles of a told size. Places and empty weights are those usual for the kind and go with the size (common
 * practice); the builder weighs and measures his own.
 */
final class TypicalVehicles {

    private static final Section CROSS = new Section(Shape.ANGLE, 60, 40, 4);

    /** Farthest that cross-members lie apart (mm). */
    private static final double APART_MM = 600;

    /** Empty mass of a trailer for a square metre of its deck (kg/m²). */
    private static final double TRAILER_KG_PER_M2 = 62;

    /** Empty mass of a cargo trailer, its box of steel counted, for a square metre of its deck (kg/m²). */
    private static final double CARGO_KG_PER_M2 = 96;

    /** Share of a trailer's empty mass on its coupler. */
    private static final double ON_COUPLER = 0.1;

    /** Rating of a coupler over the gross rating. */
    private static final double COUPLER_RATING = 0.12;

    /** Deck from which a trailer stands on two axles (kg). */
    private static final double TWO_AXLES_KG = 1800;

    /** Widest deck between wheels that the road allows (mm); wider ones lie over smaller wheels. */
    private static final double WIDEST_BETWEEN_WHEELS_MM = 2130;

    private TypicalVehicles() {}

    static Trailer trailer(CarrierSize size) {
        return trailer(size, TRAILER_KG_PER_M2);
    }

    /** {@return a trailer that weighs with the box on it} */
    static Trailer cargo(CarrierSize size) {
        return trailer(size, CARGO_KG_PER_M2);
    }

    private static Trailer trailer(CarrierSize size, double kgPerM2) {
        Deck deck = size.deck();
        double empty = Math.rint(deck.lengthMm() * deck.widthMm() / 1e6 * kgPerM2);
        boolean two = size.grossKg() >= TWO_AXLES_KG;
        boolean over = deck.widthMm() > WIDEST_BETWEEN_WHEELS_MM;
        double wheel = over ? 540 : two ? 640 : 660;
        double middle = Math.rint(deck.lengthMm() * 0.63);
        double apart = wheel * 1.28;
        double onAxles = empty * (1 - ON_COUPLER);
        List<Axle> axles = axles(two, middle, apart, onAxles, size.grossKg());
        return new Trailer(
                deck,
                over,
                new Drawbar(
                        Drawbar.Form.A_FRAME,
                        1250,
                        Math.rint(empty * ON_COUPLER),
                        Math.max(75, Math.rint(size.grossKg() * COUPLER_RATING / 5) * 5)),
                new RunningGear(
                        axles,
                        new Wheels(wheel, 185, over ? 1800 : deck.widthMm() + 230, over ? 40 : 60),
                        size.grossKg(),
                        Weighed.TYPED),
                steel(deck, new Section(Shape.CHANNEL, 100, 50, 4), deck.widthMm() * 0.62),
                List.of());
    }

    private static List<Axle> axles(
            boolean two, double middle, double apart, double emptyKg, double grossKg) {
        double each = Math.rint(emptyKg / (two ? 2 : 1));
        double rating = Math.ceil(grossKg * (two ? 0.52 : 1) / 10) * 10;
        return two
                ? List.of(
                        new Axle(Math.rint(middle - apart / 2), each, rating),
                        new Axle(Math.rint(middle + apart / 2), each, rating))
                : List.of(new Axle(middle, each, rating));
    }

    /** Cross-members from edge to edge, as far apart as sheets and bearers like. */
    private static Steel steel(Deck deck, Section rail, double railSpacingMm) {
        double first = 60;
        double last = deck.lengthMm() - 60;
        int bays = (int) Math.ceil((last - first) / APART_MM);
        List<Double> places = new ArrayList<>();
        for (int i = 0; i <= bays; i++) {
            places.add(Math.rint(first + (last - first) * i / bays));
        }
        return new Steel(
                Math.max(300, Math.rint(railSpacingMm)), rail, CROSS, places, CROSS, List.of());
    }

    static Pickup pickup(CarrierSize size) {
        Deck deck = size.deck();
        double axle = Math.rint(deck.lengthMm() * 0.595);
        double gross = size.grossKg();
        double front = Math.rint(gross * 0.34);
        double rear = Math.rint(gross * 0.25);
        return new Pickup(
                bed(deck, axle),
                new Cab(40, 1120, 1500, 1750, new Cab.Window(620, 1250, 380), 0.5),
                new RunningGear(
                        List.of(
                                new Axle(-2300, front, Math.rint(gross * 0.49)),
                                new Axle(axle, rear, Math.rint(gross * 0.65))),
                        new Wheels(800, 250, 1730, 90),
                        gross,
                        new Weighed(Weighed.Source.TYPED, 100, true)),
                Math.rint(gross - front - rear - 150),
                steel(deck, new Section(Shape.CHANNEL, 160, 70, 5), 960),
                List.of());
    }

    /** {@return a bed on a floor, its wells over the rear axle} */
    static Bed bed(Deck deck, double axleMm) {
        double wells = Math.min(950, deck.lengthMm() * 0.4);
        return new Bed(
                deck,
                deck.lengthMm() - 10,
                deck.widthMm() - 100,
                510,
                new Wells(
                        Math.max(800, Math.rint(deck.widthMm() * 0.765)),
                        Math.rint(axleMm - wells / 2),
                        Math.rint(wells),
                        240),
                new Tailgate(Tailgate.Position.OFF, 560));
    }

    static Flatbed flatbed(CarrierSize size) {
        return truck(size, new Cab(120, 1180, 1300, 2000, new Cab.Window(0, 0, 0), 1.5), 0.55);
    }

    static Flatbed cabChassis(CarrierSize size) {
        return truck(size, new Cab(120, 1460, 1300, 2000, new Cab.Window(0, 0, 0), 1.5), 0.5);
    }

    private static Flatbed truck(CarrierSize size, Cab cab, double emptyShare) {
        Deck deck = size.deck();
        double gross = size.grossKg();
        double empty = gross * emptyShare;
        double wheel = 760;
        return new Flatbed(
                deck,
                cab,
                new RunningGear(
                        List.of(
                                new Axle(-900, Math.rint(empty * 0.56), Math.rint(gross * 0.42)),
                                new Axle(
                                        Math.rint(deck.lengthMm() * 0.58),
                                        Math.rint(empty * 0.44),
                                        Math.rint(gross * 0.74))),
                        new Wheels(
                                wheel, 400, 1700, Math.min(80, (deck.heightMm() - wheel / 2) / 4)),
                        gross,
                        new Weighed(Weighed.Source.TYPED, 100, true)),
                steel(deck, new Section(Shape.CHANNEL, 180, 65, 6), 850),
                List.of());
    }
}
