/**
 * Walls inside the box.
 *
 * <ol>
 *   <li>{@link pteron.core.partition.PartitionEdges} measures where one meets floor, walls and ceiling.
 *   <li>{@link pteron.core.partition.PartitionStage} counts what holds it and looks for a cross-member under it.
 *   <li>{@link pteron.core.partition.Partitions} is what comes of it.
 * </ol>
 */
package pteron.core.partition;
