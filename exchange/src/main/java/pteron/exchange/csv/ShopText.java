package pteron.exchange.csv;

import java.util.Arrays;
import java.util.stream.Collectors;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;

/** Sizes and amounts for the counter of a shop, in the units that it sells by. */
public final class ShopText {

    private ShopText() {}

    /** {@return lengths (mm) as a size: {@code 38 × 63 × 3000} in mm, in inches as on a tape} */
    public static String size(UnitSystem units, double... mm) {
        return Arrays.stream(mm)
                .mapToObj(one -> length(units, one))
                .collect(Collectors.joining(" × "));
    }

    private static String length(UnitSystem units, double mm) {
        return units == UnitSystem.METRIC
                ? Csv.number(mm, 1)
                : LengthText.format(mm, UnitSystem.INCHES);
    }

    /** {@return the number of an amount, in the unit of the shop} */
    public static String number(UnitSystem units, Quantity amount) {
        return Csv.number(amount.unit().shown(amount.value(), units), 2);
    }
}
