package pteron.core.field;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.edit.BoxEdits;
import pteron.core.placing.OpeningEdits;
import pteron.core.placing.UnitShelf;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;
import pteron.core.plan.Wall;

/** What an edit is called: what is new or gone first, then what changed, from what to what. */
class PlanDifferenceTest {

    private final BoxPlan plan = StartingPlans.square();

    @Test
    void samePlan_hasNoDifference() {
        assertThat(PlanDifference.lines(plan, plan)).isEmpty();
        assertThat(PlanDifference.text(plan, plan)).isEqualTo("the same");
    }

    @Test
    void oneField_isToldFromWhatToWhat() {
        BoxPlan wider = plan.withBox(plan.box().withWidth(2100));
        // thousands are parted by a thin space
        assertThat(PlanDifference.lines(plan, wider))
                .containsExactly("Outside width 2\u2009050 mm → 2\u2009100 mm");
    }

    @Test
    void whatIsNewOrGone_standsFirst() {
        BoxPlan more = OpeningEdits.added(plan, UnitShelf.UNITS.getFirst(), Wall.REAR);
        BoxPlan longer = BoxEdits.withLength(more, 4000);
        List<String> lines = PlanDifference.lines(plan, longer);
        assertThat(lines.getFirst()).endsWith(", new");
        assertThat(lines.getLast()).contains("→");
        assertThat(PlanDifference.lines(longer, plan).getFirst()).endsWith(", gone");
    }
}
