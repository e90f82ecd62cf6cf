/**
 * The panel at the right: findings, inputs and figures of the station, and the working below the drawing.
 *
 * <ol>
 *   <li>{@link pteron.app.side.FindingsPane}: what is wrong or close, most serious first, with its cure.
 *   <li>{@link pteron.app.side.InputsPane}: every number and choice of the station in rows.
 *   <li>{@link pteron.app.side.FiguresPane}: its figures; each opens its {@link
 *       pteron.app.side.WorkingPane}.
 *   <li>{@link pteron.app.side.MarginBar}: demand over capacity as a bar with its limit marked.
 * </ol>
 */
package pteron.app.side;
