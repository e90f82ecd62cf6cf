package pteron.core.cure;

import java.util.List;
import java.util.Optional;
import pteron.core.edit.Cures;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.model.BoxModel;

/** Tries cures on the model before anybody is offered them. Pure functions; each try takes as long as an edit. */
public final class CureTrial {

    private CureTrial() {}

    /**
     * What a trial gave. Immutable.
     *
     * @param finding the finding, with the cure that may be pressed or with advice
     * @param cured what would follow, empty where nothing may be pressed
     */
    public record Tried(Finding finding, Optional<BoxModel> cured) {}

    /** {@return all findings of a model, most serious first, each with a cure that was tried or with advice} */
    public static List<Finding> findings(BoxModel model) {
        return model.findings().stream().map(finding -> of(model, finding).finding()).toList();
    }

    /**
     * {@return the first cure of a finding that mends it and leaves nothing worse, else advice}
     *
     * @param model the model that has the finding
     * @param finding one of its findings
     */
    public static Tried of(BoxModel model, Finding finding) {
        Tried second = null;
        for (Cure cure : Candidates.of(model.plan(), finding)) {
            Optional<BoxModel> cured = cured(model, cure);
            if (cured.isPresent() && mends(model, cured.get(), finding, Severity.WATCH)) {
                return new Tried(finding.withCure(cure), cured);
            }
            boolean better =
                    cured.isPresent() && mends(model, cured.get(), finding, finding.severity());
            second = second == null && better ? new Tried(finding.withCure(cure), cured) : second;
        }
        return second != null ? second : advice(finding);
    }

    /** At first a cure that brings up nothing to watch, then one that brings up nothing as serious as it mends. */
    private static boolean mends(BoxModel before, BoxModel after, Finding finding, Severity bound) {
        return Worse.isMended(before.findings(), after.findings(), finding, bound);
    }

    private static Tried advice(Finding finding) {
        return new Tried(
                finding.cure().canBeApplied() ? Advice.instead(finding) : finding,
                Optional.empty());
    }

    private static Optional<BoxModel> cured(BoxModel model, Cure cure) {
        try {
            return Optional.of(model.after(Cures.apply(model.plan(), cure)));
        } catch (IllegalArgumentException e) {
            // the cure would go out of a range: it is none
            return Optional.empty();
        }
    }
}
