package pteron.core.start;

import java.util.List;
import pteron.core.quantity.UnitSystem;
import pteron.core.vehicle.Vehicle;

/** What may carry a new box, each kind in typical sizes; sizes of the kind, common practice. */
public enum CarrierStart {
    /** A trailer with an A-frame, its deck between the wheels. */
    TRAILER(
            "Trailer",
            List.of(
                    CarrierSize.of(3600, 1900, 560, 2000),
                    CarrierSize.of(3000, 1700, 540, 1500),
                    CarrierSize.of(4300, 2100, 580, 2700),
                    CarrierSize.of(5000, 2200, 600, 3500)),
            InchSizes.TRAILER),
    /** A pickup; the box stands in its bed. */
    PICKUP(
            "Pickup bed",
            List.of(
                    CarrierSize.of(2490, 1660, 870, 4500),
                    CarrierSize.of(1980, 1640, 860, 3200),
                    CarrierSize.of(1690, 1620, 850, 3100)),
            InchSizes.PICKUP),
    /** A truck with a flat deck. */
    FLATBED(
            "Flatbed truck",
            List.of(
                    CarrierSize.of(3600, 2200, 980, 6500),
                    CarrierSize.of(3000, 2050, 940, 4500),
                    CarrierSize.of(4300, 2300, 1000, 7500)),
            InchSizes.FLATBED),
    /** A truck without a body: rails behind a cab. */
    CAB_CHASSIS(
            "Cab-chassis",
            List.of(
                    CarrierSize.of(4100, 2050, 700, 5000),
                    CarrierSize.of(3300, 2000, 680, 3500),
                    CarrierSize.of(4700, 2150, 740, 6500)),
            InchSizes.CAB_CHASSIS),
    /** A cargo trailer that was bought with its box, to be lined. */
    BOUGHT(
            "Bought cargo trailer",
            List.of(
                    CarrierSize.of(3650, 1830, 520, 1360),
                    CarrierSize.of(3050, 1520, 500, 1350),
                    CarrierSize.of(4880, 2130, 560, 3200)),
            InchSizes.BOUGHT);

    private final String title;
    private final List<CarrierSize> sizes;
    private final List<CarrierSize> inchSizes;

    CarrierStart(String title, List<CarrierSize> sizes, List<CarrierSize> inchSizes) {
        this.title = title;
        this.sizes = sizes;
        this.inchSizes = inchSizes;
    }

    /** {@return what a builder calls it} */
    public String title() {
        return title;
    }

    /** {@return typical sizes where lengths are told in a system, the commonest first} */
    public List<CarrierSize> sizes(UnitSystem units) {
        return units == UnitSystem.METRIC ? sizes : inchSizes;
    }

    /** {@return whether its box is there, to be lined} */
    public boolean isBought() {
        return this == BOUGHT;
    }

    /** {@return a vehicle of this kind and size; what is not told of it is guessed until it is measured} */
    public Vehicle vehicle(CarrierSize size) {
        return switch (this) {
            case TRAILER -> TypicalVehicles.trailer(size);
            case PICKUP -> TypicalVehicles.pickup(size);
            case FLATBED -> TypicalVehicles.flatbed(size);
            case CAB_CHASSIS -> TypicalVehicles.cabChassis(size);
            case BOUGHT -> TypicalVehicles.cargo(size);
        };
    }
}
