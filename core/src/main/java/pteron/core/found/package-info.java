/**
 * What follows from a bought shell.
 *
 * <ol>
 *   <li>{@link pteron.core.found.RibBays} is the room for foam between ribs.
 *   <li>{@link pteron.core.found.Repair} is the piece that replaces what is damaged, between what stays.
 *   <li>{@link pteron.core.found.Packing} is what goes between a low cross-member and the floor.
 *   <li>{@link pteron.core.found.FoundStage} works them out; {@link pteron.core.found.Found} is what comes of it.
 *   <li>{@link pteron.core.found.FoundLayer} draws ribs and damages.
 * </ol>
 */
package pteron.core.found;
