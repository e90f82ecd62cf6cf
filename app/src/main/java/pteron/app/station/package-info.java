/**
 * What a station may show on the screen, and the workbench that holds the chosen one.
 *
 * <ol>
 *   <li>{@link pteron.app.station.Workbench}: document, station, view, table and what is chosen; every part of
 *       the window follows it.
 *   <li>{@link pteron.app.station.StationScreen}: a station's telling figure, tools and tables; each station has
 *       one in its own package.
 *   <li>{@link pteron.app.station.Toolbox} makes tools, {@link pteron.app.station.Cells} tables.
 * </ol>
 *
 * Knows no station by name; the one list of them is in {@code pteron.app.route}.
 */
package pteron.app.station;
