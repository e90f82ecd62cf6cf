/**
 * The one list of what stations show on the screen, in the order of the work.
 *
 * <ol>
 *   <li>{@link pteron.app.route.ScreenRoute}: every station's telling figure, tools and tables.
 *   <li>{@link pteron.app.route.StationSummary}: what the route tells of one.
 * </ol>
 */
package pteron.app.route;
