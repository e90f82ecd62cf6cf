/**
 * The open document: one plan, its model, the plans before it, its file.
 *
 * <p>An edit gives a new plan; undo is the list of earlier ones, without limit. Edits in a row that carry
 * the same merge key, such as the steps of one drag, count as one.
 *
 * <ol>
 *   <li>{@link pteron.app.document.PlanDocument}: current plan and model, edit, undo, redo.
 *   <li>{@link pteron.app.document.History}: the lists of plans.
 *   <li>{@link pteron.app.document.CuttingDesk}: cuts bars beside, on a thread of its own.
 *   <li>{@link pteron.app.document.FileDesk}: reads and saves beside; remembers recent files.
 * </ol>
 */
package pteron.app.document;
