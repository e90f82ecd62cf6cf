package pteron.core.figure;

import pteron.core.quantity.Quantity;

/**
 * One number put into a formula. Immutable.
 *
 * @param symbol as the formula writes it
 * @param meaning in words a builder reads
 * @param quantity the number with its unit
 * @param origin where it came from
 */
public record Term(String symbol, String meaning, Quantity quantity, Origin origin) {}
