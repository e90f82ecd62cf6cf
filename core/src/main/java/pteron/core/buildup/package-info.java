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
 *   <li>{@link pteron.core.buildup.InchShop} turns a build-up into what a shop sells by feet and inches;
 *       {@link pteron.core.buildup.SectionText} tells a section by its sides, or lumber by its name.
 * </ol>
 */
package pteron.core.buildup;
