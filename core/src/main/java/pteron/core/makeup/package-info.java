/**
 * What floor, walls and roof are made of, and what follows from the layers alone.
 *
 * <ol>
 *   <li>Check: every material is in the library and fit for its layer; insulation fits its frame.
 *   <li>Thickness and mass per area of floor, walls and roof between the members.
 * </ol>
 */
package pteron.core.makeup;
