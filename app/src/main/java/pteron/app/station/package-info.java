/**
 * What is looked at: what a station tells on the route, and the workbench that holds the chosen one.
 *
 * <ol>
 *   <li>{@link pteron.app.station.StationSummary}: its one telling figure and its worst margin.
 *   <li>{@link pteron.app.station.Workbench}: document, station, view, table and what is chosen; every part of
 *       the window follows it.
 * </ol>
 */
package pteron.app.station;
