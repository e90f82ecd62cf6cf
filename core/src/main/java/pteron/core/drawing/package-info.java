/**
 * Views of the box as lists of shapes in mm, for screen and paper alike.
 *
 * <p>A view has h to the right and v up (mm). In the elevations v is the height over the ground; in plan
 * and roof plan h is x and v is y. No colour and no pixel stands here: a shape says what it is made of or
 * what it means, who draws it decides how that looks.
 *
 * <ol>
 *   <li>{@link pteron.core.drawing.View} tells how the box is looked at.
 *   <li>The carrier, then foam, members, sheets and openings of what the view shows.
 *   <li>What the station adds: utilisation, seams, joints, the centre of gravity and the loads.
 *   <li>Dimensions where a builder would write them, each with the key of the field that it sets.
 *   <li>Grips: what can be dragged.
 * </ol>
 */
package pteron.core.drawing;
