package pteron.core.frame;

/**
 * Longest parts that can be cut. Immutable.
 *
 * @param barMm from a bar (mm)
 * @param tubeMm from a tube (mm)
 */
public record LongestParts(double barMm, double tubeMm) {

    /** {@return the longest of a member's kind (mm)} */
    double of(Member member) {
        return member.section().isTube() ? tubeMm : barMm;
    }
}
