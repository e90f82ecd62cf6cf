package pteron.core.start;

import java.util.List;
import pteron.core.quantity.LengthText;

/** Typical carriers where lengths are told in feet and inches, ratings in pounds: common practice. */
final class InchSizes {

    private static final double KG_PER_POUND = 0.45359237;

    static final List<CarrierSize> TRAILER =
            List.of(
                    size(144, 76, 22, 5000),
                    size(120, 66, 21, 3500),
                    size(168, 83, 23, 7000),
                    size(192, 86, 24, 7700));

    static final List<CarrierSize> PICKUP =
            List.of(
                    size(98, 65.5, 34, 10000),
                    size(78, 64.5, 34, 7000),
                    size(66.5, 64, 33.5, 6900));

    static final List<CarrierSize> FLATBED =
            List.of(size(144, 86, 39, 14000), size(120, 80, 37, 10000), size(168, 90, 39.5, 16500));

    static final List<CarrierSize> CAB_CHASSIS =
            List.of(size(162, 80, 28, 11000), size(132, 78, 27, 8000), size(186, 84, 29, 14500));

    static final List<CarrierSize> BOUGHT =
            List.of(size(144, 72, 20.5, 2990), size(120, 60, 20, 2990), size(192, 84, 22, 7000));

    private InchSizes() {}

    private static CarrierSize size(
            double lengthInches, double widthInches, double heightInches, double pounds) {
        return CarrierSize.of(
                LengthText.fromInches(lengthInches),
                LengthText.fromInches(widthInches),
                LengthText.fromInches(heightInches),
                pounds * KG_PER_POUND);
    }
}
