package pteron.core.weighing;

import java.util.ArrayList;
import java.util.List;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Vehicle;

/**
 * Where a scale lies. Immutable.
 *
 * @param axle index of the axle, 0 the foremost; −1 for the coupler
 * @param side which wheel
 */
public record ScalePlace(int axle, Side side) {

    /** Which wheel of an axle. */
    public enum Side {
        /** Left when looking ahead. */
        LEFT,
        /** Right when looking ahead. */
        RIGHT,
        /** Under the coupler. */
        MIDDLE
    }

    /** {@return whether it lies under the coupler} */
    public boolean isCoupler() {
        return axle < 0;
    }

    /** {@return all places of a vehicle, front to rear} */
    public static List<ScalePlace> of(Vehicle vehicle) {
        List<ScalePlace> places = new ArrayList<>();
        if (vehicle instanceof Trailer) {
            places.add(new ScalePlace(-1, Side.MIDDLE));
        }
        for (int i = 0; i < vehicle.gear().axles().size(); i++) {
            places.add(new ScalePlace(i, Side.LEFT));
            places.add(new ScalePlace(i, Side.RIGHT));
        }
        return places;
    }
}
