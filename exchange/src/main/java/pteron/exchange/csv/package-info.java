/**
 * What lists for the shop have in common as CSV, and the list of materials. Comma, UTF-8, a header line, lengths in mm.
 */
package pteron.exchange.csv;
