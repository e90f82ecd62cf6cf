package pteron.core.plan;

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
import pteron.core.vehicle.Solid;
import pteron.core.vehicle.Solid.Stretch;
import pteron.core.vehicle.Steel;
import pteron.core.vehicle.Steel.Section;
import pteron.core.vehicle.Steel.Section.Shape;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Trailer.Drawbar;
import pteron.core.vehicle.Vehicle;

/** Vehicles to begin from, one of each kind, to be measured over with one's own. */
public final class StartingVehicles {

    private static final Section RAIL = new Section(Shape.CHANNEL, 100, 50, 4);
    private static final Section CROSS = new Section(Shape.ANGLE, 60, 40, 4);

    private StartingVehicles() {}

    /** {@return a vehicle of a kind} */
    public static Vehicle of(Vehicle.Kind kind) {
        return switch (kind) {
            case TRAILER -> trailer();
            case PICKUP -> pickup();
            case FLATBED -> flatbed();
        };
    }

    /** {@return a tandem-axle flatbed trailer with its deck between the wheels} */
    public static Trailer trailer() {
        return new Trailer(
                new Deck(4300, 2100, 580),
                false,
                new Drawbar(Drawbar.Form.A_FRAME, 1350, 75, 280),
                new RunningGear(
                        List.of(new Axle(2300, 282.5, 1300), new Axle(3120, 282.5, 1300)),
                        new Wheels(640, 190, 2330, 60),
                        2700,
                        Weighed.TYPED),
                new Steel(
                        1300,
                        RAIL,
                        CROSS,
                        List.of(60.0, 650.0, 1240.0, 1830.0, 2420.0, 3010.0, 3600.0, 4240.0),
                        CROSS,
                        List.of()),
                List.of());
    }

    /** {@return a long-bed pickup; sizes of the kind, common practice} */
    public static Pickup pickup() {
        return new Pickup(
                new Bed(
                        new Deck(2490, 1660, 870),
                        2480,
                        1560,
                        510,
                        new Wells(1270, 1000, 950, 240),
                        new Tailgate(Tailgate.Position.OFF, 560)),
                new Cab(40, 1120, 1500, 1750, new Cab.Window(620, 1250, 380), 0.5),
                new RunningGear(
                        List.of(new Axle(-2300, 1540, 2200), new Axle(1480, 1110, 2900)),
                        new Wheels(800, 250, 1730, 90),
                        4500,
                        new Weighed(Weighed.Source.TYPED, 100, true)),
                1650,
                new Steel(
                        960,
                        new Section(Shape.CHANNEL, 160, 70, 5),
                        CROSS,
                        List.of(120.0, 700.0, 1280.0, 1860.0, 2400.0),
                        CROSS,
                        List.of()),
                List.of());
    }

    /** {@return a cab-chassis with a gearbox hump between its rails; sizes of the kind, common practice} */
    public static Flatbed flatbed() {
        return new Flatbed(
                new Deck(4200, 2100, 880),
                new Cab(120, 1350, 1300, 2000, new Cab.Window(0, 0, 0), 1.5),
                new RunningGear(
                        List.of(new Axle(-900, 1250, 2500), new Axle(2500, 1050, 5000)),
                        new Wheels(790, 440, 1750, 80),
                        6500,
                        new Weighed(Weighed.Source.TYPED, 100, true)),
                new Steel(
                        850,
                        new Section(Shape.CHANNEL, 180, 65, 6),
                        CROSS,
                        List.of(150.0, 900.0, 1650.0, 2400.0, 3150.0, 4050.0),
                        CROSS,
                        List.of()),
                List.of(
                        new Solid(
                                "gearbox hump",
                                Solid.Kind.HUMP,
                                new Stretch(0, 450),
                                new Stretch(-250, 250),
                                new Stretch(-100, 60),
                                false),
                        new Solid(
                                "fuel tank",
                                Solid.Kind.TANK,
                                new Stretch(700, 1500),
                                new Stretch(480, 950),
                                new Stretch(-480, -60),
                                false),
                        new Solid(
                                "mud flap",
                                Solid.Kind.MUD_FLAP,
                                new Stretch(2980, 3000),
                                new Stretch(650, 1100),
                                new Stretch(-620, -50),
                                true)));
    }
}
