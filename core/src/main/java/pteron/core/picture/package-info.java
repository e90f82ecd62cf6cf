/**
 * The views of a box, one drawer a subject.
 *
 * <ol>
 *   <li>{@link pteron.core.picture.Drawings} chooses the drawer of a view: a side, an end, from above, unfolded,
 *       cut through, or all on a {@link pteron.core.picture.Sheet}.
 *   <li>Each draws carrier, panels, members and openings from back to front.
 *   <li>Layers of the station that is looked at draw over them and add their dimensions.
 *   <li>Dimensions of the whole box stand outside of those.
 * </ol>
 */
package pteron.core.picture;
