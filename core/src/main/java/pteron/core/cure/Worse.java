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
     * {@return whether a plan is better for one finding and worse for none: that finding is gone, none is new
     * but notes, none has become more serious}
     *
     * @param before findings before
     * @param after findings after
     * @param mended the finding that was to be mended
     */
    static boolean isMended(List<Finding> before, List<Finding> after, Finding mended) {
        Map<String, Severity> old = bySeverity(before);
        boolean gone = after.stream().noneMatch(finding -> finding.id().equals(mended.id()));
        return gone && after.stream().allMatch(finding -> isNoWorse(finding, old));
    }

    private static boolean isNoWorse(Finding finding, Map<String, Severity> old) {
        Severity was = old.getOrDefault(finding.id(), Severity.NOTE);
        return finding.severity().compareTo(was) >= 0;
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
