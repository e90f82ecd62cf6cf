/**
 * The solid view: where the box is looked at from, what of it is on.
 *
 * <ol>
 *   <li>{@link pteron.app.solid.SolidLook} keeps both and draws; the body is built anew only when the box or
 *       what is on has changed, not at a turn.
 *   <li>{@link pteron.app.solid.SolidTools} takes coats off and puts them on, lifts the roof, cuts.
 * </ol>
 */
package pteron.app.solid;
