/**
 * The drawing on the screen: a control whose dimensions are typed into and whose openings are dragged.
 *
 * <p>Control, skin and behaviour are three classes. The behaviour speaks millimetres of the box and is
 * tested without a window.
 *
 * <ol>
 *   <li>{@link pteron.app.drawing.DrawingView}: what is shown and what is told when something is done.
 *   <li>{@link pteron.app.drawing.ViewTransform}: between mm of the view and pixels.
 *   <li>{@link pteron.app.drawing.Lens} keeps it fitted, {@link pteron.app.drawing.ViewHand} moves, turns and enlarges it, {@link
 *       pteron.app.drawing.Handles} are what can be taken hold of in it.
 *   <li>{@link pteron.app.drawing.Painter} paints the shapes; {@link pteron.app.drawing.Marks} and {@link
 *       pteron.app.drawing.DimensionLines} what stands on them.
 *   <li>{@link pteron.app.drawing.DimensionNode} is the figure on a dimension line, or the field in its
 *       place.
 *   <li>{@link pteron.app.drawing.DrawingBehavior} turns drags and keys into edits of the plan.
 * </ol>
 */
package pteron.app.drawing;
