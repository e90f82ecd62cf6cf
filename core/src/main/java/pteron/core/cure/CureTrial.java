package pteron.core.cure;

import java.util.List;
import java.util.Optional;
import pteron.core.edit.Cures;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
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
        for (Cure cure : Candidates.of(model.plan(), finding)) {
            Optional<BoxModel> cured = cured(model, cure);
            boolean mends =
                    cured.isPresent()
                            && Worse.isMended(model.findings(), cured.get().findings(), finding);
            if (mends) {
                return new Tried(finding.withCure(cure), cured);
            }
        }
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
