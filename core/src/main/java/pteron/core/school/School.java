package pteron.core.school;

import pteron.core.buildup.Alternative;

/**
 * A build-up with its sums. Immutable.
 *
 * @param name what the builder calls it; {@code planned} for that of the plan
 * @param part which part it is for
 * @param planned whether it is the planned one
 * @param sums what it comes to for a square metre
 */
public record School(String name, Alternative.Part part, boolean planned, BuildUpSums sums) {}
