/**
 * The vocabulary of drawings: views of the box as lists of shapes in mm, for screen and paper alike.
 *
 * <p>A view has h to the right and v up (mm). In the elevations v is the height over the ground; in plan
 * and roof plan h is x and v is y. No colour and no pixel stands here: a shape says what it is made of or
 * what it means, who draws it decides how that looks.
 *
 * <ol>
 *   <li>{@link pteron.core.drawing.View} tells how the box is looked at.
 *   <li>{@link pteron.core.drawing.Canvas} collects shapes, dimensions and grips.
 *   <li>{@link pteron.core.drawing.Layer} is what a station lays over the box: utilisation, seams, joints, the
 *       centre of gravity, its own dimensions.
 *   <li>{@link pteron.core.drawing.Drawing} is what comes out.
 * </ol>
 *
 * Knows no station; the drawers are in {@code pteron.core.picture}, the layers with what they draw.
 */
package pteron.core.drawing;
