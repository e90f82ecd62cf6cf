/**
 * Doors and windows laid into their walls.
 *
 * <p>The cut-out is the hole in the skins; the timber stands back from it by the play. Heights are
 * measured up from the floor's top, places back from the box's front face, or from its left side in
 * the front and rear walls.
 *
 * <ol>
 *   <li>Each opening is laid into the plane of its panel.
 *   <li>Checks: inside the wall, room for trimmers, header and sill, clear of its neighbours; on a bend how far its flat
 *       flange stands off ({@link pteron.core.opening.BendFit}).
 *   <li>Where sliding it along or up would do, the finding carries that as its cure.
 * </ol>
 */
package pteron.core.opening;
