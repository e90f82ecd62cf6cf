package pteron.core.vehicle;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import pteron.core.quantity.Require;

/**
 * Axles and wheels, what they carry empty and what they may carry. Immutable.
 *
 * @param axles front to rear, one to four
 * @param wheels the wheels, all alike
 * @param grossKg what vehicle and load may weigh, as the plate says (kg)
 * @param weighed how the empty loads were found
 */
public record RunningGear(List<Axle> axles, Wheels wheels, double grossKg, Weighed weighed) {

    /** Most axles that are planned for. */
    public static final int MOST_AXLES = 4;

    /**
     * Copies the axles and checks the numbers.
     *
     * @throws IllegalArgumentException if a number is out of its range or the axles out of order
     */
    public RunningGear {
        axles = List.copyOf(axles);
        Require.within("gross rating", grossKg, VehicleLimits.RATING);
        if (axles.isEmpty() || axles.size() > MOST_AXLES) {
            throw new IllegalArgumentException(
                    "axles: there are [%d] and must be 1 to %d; give one place for each axle"
                            .formatted(axles.size(), MOST_AXLES));
        }
        Places.inOrder("axles", axles.stream().map(Axle::placeMm).toList());
    }

    /**
     * An axle.
     *
     * @param placeMm behind the deck's front edge (mm)
     * @param emptyKg what it carries with the vehicle empty (kg)
     * @param ratingKg what it may carry (kg)
     */
    public record Axle(double placeMm, double emptyKg, double ratingKg) {
        /** Checks the ranges. */
        public Axle {
            Require.within("axle behind the deck's front", placeMm, VehicleLimits.AXLE_PLACE);
            Require.within("empty load of an axle", emptyKg, VehicleLimits.EMPTY_AXLE);
            Require.within("axle rating", ratingKg, VehicleLimits.RATING);
        }

        /** {@return this axle elsewhere} */
        public Axle withPlace(double otherMm) {
            return new Axle(otherMm, emptyKg, ratingKg);
        }

        /** {@return this axle weighed anew} */
        public Axle withEmpty(double otherKg) {
            return new Axle(placeMm, otherKg, ratingKg);
        }

        /** {@return this axle with another rating} */
        public Axle withRating(double otherKg) {
            return new Axle(placeMm, emptyKg, otherKg);
        }
    }

    /**
     * The wheels.
     *
     * @param diameterMm outside diameter (mm)
     * @param widthMm width of the tyres on one side, both where they are twins (mm)
     * @param trackMm between the middles of the wheels of an axle (mm)
     * @param bumpMm how far they move up to the stop (mm)
     */
    public record Wheels(double diameterMm, double widthMm, double trackMm, double bumpMm) {
        /** Checks the ranges. */
        public Wheels {
            Require.within("wheel diameter", diameterMm, VehicleLimits.WHEEL_DIAMETER);
            Require.within("wheel width", widthMm, VehicleLimits.WHEEL_WIDTH);
            Require.within("track", trackMm, VehicleLimits.TRACK);
            Require.within("wheel movement to the stop", bumpMm, VehicleLimits.BUMP);
        }

        /** {@return these wheels with another diameter} */
        public Wheels withDiameter(double otherMm) {
            return new Wheels(otherMm, widthMm, trackMm, bumpMm);
        }

        /** {@return these wheels with another width} */
        public Wheels withWidth(double otherMm) {
            return new Wheels(diameterMm, otherMm, trackMm, bumpMm);
        }

        /** {@return these wheels farther apart or nearer} */
        public Wheels withTrack(double otherMm) {
            return new Wheels(diameterMm, widthMm, otherMm, bumpMm);
        }

        /** {@return these wheels with another way to the stop} */
        public Wheels withBump(double otherMm) {
            return new Wheels(diameterMm, widthMm, trackMm, otherMm);
        }
    }

    /**
     * How the empty loads were found, and in what state.
     *
     * @param source where they come from
     * @param fuelPercent fill of the fuel tank (percent); 0 for a trailer
     * @param driverAboard whether somebody sat in the cab
     */
    public record Weighed(Source source, double fuelPercent, boolean driverAboard) {
        /** Where the empty loads come from. */
        public enum Source {
            /** Typed: a plate, a brochure, a weighbridge's slip. */
            TYPED,
            /** Scales under wheels and coupler. */
            SCALES
        }

        /** Typed, tank empty, nobody aboard. */
        public static final Weighed TYPED = new Weighed(Source.TYPED, 0, false);

        /** Checks the range. */
        public Weighed {
            Require.within("fill of the fuel tank", fuelPercent, VehicleLimits.FUEL);
        }

        /** {@return this with another fill of the tank} */
        public Weighed withFuel(double percent) {
            return new Weighed(source, percent, driverAboard);
        }
    }

    /** {@return what all axles carry empty (kg)} */
    public double emptyKg() {
        return axles.stream().mapToDouble(Axle::emptyKg).sum();
    }

    /** {@return this with other axles} */
    public RunningGear withAxles(List<Axle> other) {
        return new RunningGear(other, wheels, grossKg, weighed);
    }

    /** {@return this with one axle changed, 0 the foremost} */
    public RunningGear withAxle(int index, UnaryOperator<Axle> change) {
        List<Axle> changed = new ArrayList<>(axles);
        changed.set(index, change.apply(axles.get(index)));
        return withAxles(changed);
    }

    /** {@return this with other wheels} */
    public RunningGear withWheels(Wheels other) {
        return new RunningGear(axles, other, grossKg, weighed);
    }

    /** {@return this with another gross rating} */
    public RunningGear withGross(double otherKg) {
        return new RunningGear(axles, wheels, otherKg, weighed);
    }

    /** {@return this weighed in another way or state} */
    public RunningGear withWeighed(Weighed other) {
        return new RunningGear(axles, wheels, grossKg, other);
    }
}
