package pteron.core.model;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.figure.Verdict;
import pteron.core.material.MaterialLibrary;
import pteron.core.outline.OutlineStation;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.PlanArbitraries;
import pteron.core.skin.SkinStation;
import pteron.core.station.Station;

/** One scale: a station whose findings only want watching does not fail, one with notes alone holds. */
class StationMarginTest {

    @Provide
    Arbitrary<BoxPlan> any() {
        return PlanArbitraries.anyPlans();
    }

    @Property(tries = 60, seed = "20261127")
    void noStation_isWorseThanItsFindings(@ForAll("any") BoxPlan plan) {
        BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
        for (Station station : new Station[] {SkinStation.SKINS, OutlineStation.OUTLINE}) {
            Severity worst =
                    model.findings(station).stream()
                            .map(Finding::severity)
                            .findFirst()
                            .orElse(Severity.NOTE);
            assertThat(Verdict.of(model.margin(station)))
                    .as("%s: %s", station.key(), model.findings(station))
                    .isLessThanOrEqualTo(Verdict.of(worst));
        }
    }
}
