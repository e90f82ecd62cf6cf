package pteron.exchange.station;

/**
 * Something to buy. Immutable.
 *
 * @param aisle where in the shop
 * @param kind what it is
 * @param material of what, or its name
 * @param size its size in words, or empty
 * @param amount how much, a number
 * @param unit of what
 */
public record Purchase(
        Aisle aisle, String kind, String material, String size, String amount, String unit) {}
