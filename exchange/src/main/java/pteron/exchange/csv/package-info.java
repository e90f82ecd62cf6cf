/**
 * Lists for the shop as CSV: cut list, bars, sheets, materials. Comma, UTF-8, a header line, lengths in mm.
 */
package pteron.exchange.csv;
