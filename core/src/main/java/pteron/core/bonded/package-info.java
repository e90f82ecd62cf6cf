/**
 * Bonded panels as pieces.
 *
 * <ol>
 *   <li>{@link pteron.core.bonded.BondedPiece} is one panel as it is carried: its size, its weight, how many people.
 *   <li>{@link pteron.core.bonded.CornerStuff} tells the angles, rebates and tongues where panels meet.
 *   <li>{@link pteron.core.bonded.BondedStage} lists both.
 * </ol>
 */
package pteron.core.bonded;
