package pteron.core.cure;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;

/** Whether findings are worse than others. */
final class Worse {

    private Worse() {}

    /**
     * {@return whether a plan is better for one finding and worse for none: that finding is gone, none has
     * become more serious, and none is new but those less serious than a bound}
     *
     * @param before findings before
     * @param after findings after
     * @param mended the finding that was to be mended
     * @param bound how serious a new finding must not be
     */
    static boolean isMended(
            List<Finding> before, List<Finding> after, Finding mended, Severity bound) {
        Map<String, Severity> old = bySeverity(before);
        boolean gone = after.stream().noneMatch(finding -> finding.id().equals(mended.id()));
        return gone && after.stream().allMatch(finding -> isNoWorse(finding, old, bound));
    }

    private static boolean isNoWorse(Finding finding, Map<String, Severity> old, Severity bound) {
        Severity was = old.get(finding.id());
        return was == null
                ? finding.severity().compareTo(bound) > 0
                : finding.severity().compareTo(was) >= 0;
    }

    private static Map<String, Severity> bySeverity(List<Finding> findings) {
        return findings.stream()
                .collect(
                        Collectors.toMap(
                                Finding::id,
                                Finding::severity,
                                (one, other) -> one.compareTo(other) < 0 ? one : other));
    }
}
