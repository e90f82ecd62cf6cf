/**
 * Bonded panels as pieces.
 *
 * <ol>
 *   <li>{@link pteron.core.bonded.BondedPiece} is one panel as it is carried: its size, its weight, how many people.
 *   <li>{@link pteron.core.bonded.CornerStuff} tells the angles, rebates and tongues where panels meet.
 *   <li>{@link pteron.core.bonded.Conduits} lays a conduit through the walls.
 *   <li>{@link pteron.core.bonded.BondedStage} lists them.
 * </ol>
 */
package pteron.core.bonded;
