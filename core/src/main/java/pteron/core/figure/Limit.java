package pteron.core.figure;

import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;

/**
 * What a demand is held against. Immutable.
 *
 * @param quantity the bound
 * @param side on which side of the bound the demand is good
 */
public record Limit(Quantity quantity, Side side) {

    private static final double NO_BOUND = 1e-12;

    /** On which side of a bound a demand is good. */
    public enum Side {
        /** The demand may be the bound or less. */
        AT_MOST,
        /** The demand must be the bound or more. */
        AT_LEAST
    }

    /** {@return the bound as a builder reads it, rounded so that what keeps it keeps the bound itself} */
    public String text(UnitSystem system) {
        return quantity.text(
                system,
                side == Side.AT_MOST
                        ? pteron.core.quantity.Side.DOWN
                        : pteron.core.quantity.Side.UP);
    }

    /** {@return a bound from above} */
    public static Limit atMost(Quantity quantity) {
        return new Limit(quantity, Side.AT_MOST);
    }

    /** {@return a bound from below} */
    public static Limit atLeast(Quantity quantity) {
        return new Limit(quantity, Side.AT_LEAST);
    }

    /**
     * {@return demand over capacity: above 1 where the bound is broken; 0 where a ratio means nothing,
     * as against a bound of 0 or of a temperature}
     */
    public double margin(Quantity demand) {
        if (demand.unit() == Unit.CELSIUS) {
            return 0;
        }
        double over = side == Side.AT_MOST ? demand.value() : quantity.value();
        double under = side == Side.AT_MOST ? quantity.value() : demand.value();
        return Math.abs(under) < NO_BOUND ? 0 : over / under;
    }
}
