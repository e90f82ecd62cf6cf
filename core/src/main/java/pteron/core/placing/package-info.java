/**
 * Doors, windows and hatches put into walls and moved about.
 *
 * <ol>
 *   <li>{@link pteron.core.placing.UnitShelf}: generic units to take from.
 *   <li>{@link pteron.core.placing.WallRoom}: what shape a wall has and where an opening of a size still fits.
 *   <li>{@link pteron.core.placing.OpeningEdits}: add, take away, duplicate, mirror, move to another wall, rename.
 *   <li>{@link pteron.core.placing.OpeningRows}: several at once: heads in line, even spaces.
 * </ol>
 */
package pteron.core.placing;
