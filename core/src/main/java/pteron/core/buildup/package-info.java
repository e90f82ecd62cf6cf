/**
 * What floor, walls and roof are made of, as planned: layers, members, how they go together. Materials
 * are named by their id in the library. Thicknesses in mm.
 *
 * <ol>
 *   <li>A {@link pteron.core.buildup.Layer} is a sheet, a foam, a membrane, with what holds it to the next
 *       one towards the inside.
 *   <li>A {@link pteron.core.buildup.Framed} wall or roof runs from the outer skin through the frame to
 *       the lining; a {@link pteron.core.buildup.Floor} from what is walked on down to its bearers.
 *   <li>An {@link pteron.core.buildup.Alternative} is another build-up kept beside the planned one.
 * </ol>
 */
package pteron.core.buildup;
