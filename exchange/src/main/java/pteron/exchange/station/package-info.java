/**
 * What a station gives to files and paper.
 *
 * <ol>
 *   <li>{@link pteron.exchange.station.Job}: a box and its bars, of which everything is written.
 *   <li>{@link pteron.exchange.station.StationFiles}: its lists, purchases, views and tables on paper, nodes of the
 *       figures' file, and its words, each station's beside its registration.
 *   <li>{@link pteron.exchange.station.StationWords}: caution, findings and cures in words.
 *   <li>{@link pteron.exchange.station.OtherUnits}: what a list tells in units that it is not sold in.
 * </ol>
 *
 * Knows no station by name; the one list of them is in {@code pteron.exchange.route}.
 */
package pteron.exchange.station;
