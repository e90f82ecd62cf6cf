/**
 * Ends of the tubes of a welded, glued or bolted frame.
 *
 * <ol>
 *   <li>{@link pteron.core.tube.TubeEnd} is one end of a tube: what it meets, and how far round it is welded.
 *   <li>{@link pteron.core.tube.TubeEnds} finds the ends of a panel.
 *   <li>{@link pteron.core.tube.Joint} is where the end of one is joined to the side of another.
 *   <li>{@link pteron.core.tube.TubeStage} counts welds, sleeves or brackets, caps and foot plates.
 * </ol>
 */
package pteron.core.tube;
