package pteron.core.cure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;

/** How many of the findings that stop the job can be cured by one press. */
class CuresOfStopsTest {

    /** Plans; an eighth of those of other searches, as many cures are tried for every finding (-Dpteron.plans=4000 for 500). */
    private static final int PLANS = Math.max(12, Integer.getInteger("pteron.plans", 100) / 8);

    /** {@return stops and those with a button, by code} */
    private static Map<String, int[]> counted() {
        Map<String, int[]> counts = new TreeMap<>();
        for (long seed = 0; seed < PLANS; seed++) {
            UsualPlans.of(seed).ifPresent(plan -> count(plan, counts));
        }
        return counts;
    }

    private static void count(BoxPlan plan, Map<String, int[]> counts) {
        BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
        for (Finding finding : model.findings()) {
            if (finding.severity() == Severity.STOPS) {
                int[] count = counts.computeIfAbsent(finding.code(), code -> new int[2]);
                count[0]++;
                count[1] += CureTrial.of(model, finding).cured().isPresent() ? 1 : 0;
            }
        }
    }

    @Test
    void twoThirds_haveAButton() {
        Map<String, int[]> counts = counted();
        int all = counts.values().stream().mapToInt(count -> count[0]).sum();
        int cured = counts.values().stream().mapToInt(count -> count[1]).sum();
        String told =
                counts.entrySet().stream()
                        .map(
                                one ->
                                        one.getKey()
                                                + " "
                                                + one.getValue()[1]
                                                + "/"
                                                + one.getValue()[0])
                        .collect(Collectors.joining(", "));
        System.out.printf("%d plans: %d of %d stops have a button (%s)%n", PLANS, cured, all, told);
        assertThat(all).isGreaterThan(PLANS);
        assertThat(cured).as("%d of %d: %s", cured, all, told).isGreaterThanOrEqualTo(all * 2 / 3);
    }
}
