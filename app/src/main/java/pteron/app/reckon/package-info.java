/**
 * The small sums in a window of their own.
 *
 * <ol>
 *   <li>{@link pteron.app.reckon.ReckonerPane}: choose one, type, read the answer.
 *   <li>{@link pteron.app.reckon.Sketch}: a pencil sketch of what is asked.
 *   <li>{@link pteron.app.reckon.SketchText} reads the sketches.
 * </ol>
 */
package pteron.app.reckon;
