/**
 * Tables that stand in place of the drawing: what a station tells in rows rather than in lines.
 *
 * <p>Lengths and loads are shown in the units of the plan. A table follows the {@link
 * pteron.app.station.Workbench} and never talks to another one.
 *
 * <ol>
 *   <li>{@link pteron.app.table.MatterPane} shows the drawing or the table that is chosen.
 *   <li>{@link pteron.app.table.Tables} are their keys; one class makes each.
 *   <li>{@link pteron.app.table.CutPane} shows the bars with their cuts at the last station.
 * </ol>
 */
package pteron.app.table;
