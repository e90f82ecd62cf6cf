/**
 * All figures of a box as one JSON object, complete enough that an outsider can work them out again;
 * described in {@code docs/figures.md}.
 */
package pteron.exchange.figures;
