package pteron.core.cure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.statistics.Statistics;
import org.junit.jupiter.api.Test;
import pteron.core.edit.Cures;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening.Place;
import pteron.core.plan.PlanArbitraries;
import pteron.core.plan.StartingPlans;

/** Cures that are offered mend what they say and harm nothing; what is counted here is counted by itself. */
class CureTrialTest {

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    @Provide
    Arbitrary<BoxPlan> plans() {
        return PlanArbitraries.plans();
    }

    /** How many findings of each weight there are: the first number counts most. */
    private static List<Long> weight(BoxModel model) {
        return List.of(
                model.findings().stream().filter(f -> f.severity() == Severity.STOPS).count(),
                model.findings().stream().filter(f -> f.severity() == Severity.WATCH).count());
    }

    @Provide
    Arbitrary<BoxPlan> inside() {
        return InsideArbitraries.plans();
    }

    /** Every cure of every finding pressed; a thousand plans were tried with {@code tries = 1000}. */
    @Property(tries = 400, seed = "20261127")
    void noCure_leavesAWorseFinding(@ForAll("plans") BoxPlan plan) {
        BoxModel before = model(plan);
        CureTrial.findings(before).forEach(finding -> pressed(before, finding));
    }

    /** Bought shells and boxes with walls inside, some of which have findings about them. */
    @Property(tries = 150, seed = "20261127")
    void noCure_leavesAWorseFinding_inside(@ForAll("inside") BoxPlan plan) {
        BoxModel before = model(plan);
        List<Finding> findings = CureTrial.findings(before);
        findings.forEach(finding -> pressed(before, finding));
        Statistics.label("shell").collect(plan.found().isPresent() ? "bought" : "built");
        Statistics.label("inside")
                .collect(findings.stream().anyMatch(one -> one.code().contains("PARTITION")));
        Statistics.label("shell")
                .coverage(found -> found.check("bought").percentage(share -> share > 40));
        Statistics.label("inside")
                .coverage(found -> found.check(true).percentage(share -> share > 30));
    }

    private static void pressed(BoxModel before, Finding finding) {
        Statistics.label("cures").collect(finding.cure().canBeApplied() ? "pressed" : "advice");
        if (!finding.cure().canBeApplied()) {
            return;
        }
        BoxModel after = model(Cures.apply(before.plan(), finding.cure()));
        Map<String, Severity> old = new TreeMap<>();
        before.findings().forEach(f -> old.merge(f.id(), f.severity(), CureTrialTest::worse));
        assertThat(after.findings())
                .as("%s by %s", finding.code(), finding.cure())
                .noneMatch(f -> f.id().equals(finding.id()))
                .allMatch(f -> isNoWorse(f, old.get(f.id()), finding.severity()));
        assertThat(weight(after).getFirst())
                .as(finding.code())
                .isLessThanOrEqualTo(weight(before).getFirst());
    }

    /** What was there may stay as it was; what is new must weigh less than what is mended. */
    private static boolean isNoWorse(Finding now, Severity before, Severity mended) {
        return now.severity() == Severity.NOTE
                || before == null && now.severity().compareTo(mended) > 0
                || before != null && before.compareTo(now.severity()) <= 0;
    }

    private static Severity worse(Severity one, Severity other) {
        return one.compareTo(other) < 0 ? one : other;
    }

    /** Two openings over each other: one goes to the nearest room, nothing is thrown out of the wall. */
    @Test
    void overlap_isMendedInsideTheWall() {
        BoxPlan plan =
                StartingPlans.square()
                        .withOpening("window-b", one -> one.withPlace(new Place(2800, 720)));
        BoxModel model = model(plan);
        Finding overlap =
                model.findings().stream()
                        .filter(finding -> finding.code().equals("OPENINGS_OVERLAP"))
                        .findFirst()
                        .orElseThrow();
        Finding tried = CureTrial.of(model, overlap).finding();
        assertThat(tried.cure().canBeApplied()).isTrue();
        assertThat(tried.cure().amount().value()).isLessThan(600);
        BoxModel cured = model(Cures.apply(plan, tried.cure()));
        assertThat(cured.findings())
                .extracting(Finding::code)
                .doesNotContain("OPENINGS_OVERLAP", "OPENING_OUTSIDE_WALL", "OPENINGS_TOO_CLOSE");
    }

    /** A wall too small for its door has no cure that could be pressed: there is advice and no button. */
    @Test
    void whatCannotBeMended_isAdvice() {
        BoxPlan plan = StartingPlans.square().withBox(StartingPlans.square().box());
        BoxPlan low =
                plan.withOpening(
                        "door", one -> one.withSize(new pteron.core.plan.Opening.Size(640, 2400)));
        BoxModel model = model(low);
        for (Finding finding : model.findings()) {
            if (finding.place().part().equals("door")) {
                assertThat(CureTrial.of(model, finding).finding().cure().canBeApplied()).isFalse();
            }
        }
    }
}
