package pteron.core.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.PlanArbitraries;
import pteron.core.plan.StartingPlans;
import pteron.core.plan.Trailer;

class BalanceTest {

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    /** By hand: moments about the axles, 1800 · 480 = R · 4000. */
    @Test
    void coupler_workedExample_byHand() {
        TrailerLoad load = new TrailerLoad(1800, 3520, 4000);
        assertThat(load.couplerKg()).isCloseTo(216, within(1e-9));
        assertThat(load.couplerPercent()).isCloseTo(12, within(1e-9));
        assertThat(load.axlesKg()).isCloseTo(1584, within(1e-9));
    }

    @Test
    void coupler_liftsBehindTheAxles() {
        assertThat(new TrailerLoad(1000, 4400, 4000).couplerKg()).isCloseTo(-100, within(1e-9));
    }

    @Test
    void load_illegalArguments() {
        assertThatThrownBy(() -> new TrailerLoad(0, 1, 1)).hasMessageContaining("mass");
        assertThatThrownBy(() -> new TrailerLoad(1, 1, 0))
                .hasMessageContaining("axles behind the coupler");
    }

    /** The bare trailer must read what its scales read. */
    @Test
    void emptyTrailer_readsItsOwnScales() {
        BoxPlan plan = StartingPlans.square();
        BoxModel model = model(plan);
        Balance bare = BalanceStage.of(model.carrier(), List.of());
        assertThat(bare.load().couplerKg())
                .isCloseTo(plan.trailer().empty().couplerKg(), within(1e-9));
        assertThat(bare.massKg()).isCloseTo(640, within(1e-9));
    }

    /** Moments of all parts about the coupler, added up here once more, against axles and coupler. */
    @Test
    void loads_balanceTheParts() {
        BoxModel model = model(StartingPlans.rakedNose());
        Balance balance = model.balance();
        double moment = 0;
        double mass = 0;
        for (Part part : balance.parts()) {
            moment += part.massKg() * (part.place().x() - model.carrier().couplerMm());
            mass += part.massKg();
        }
        double arm = model.carrier().axleMiddleMm() - model.carrier().couplerMm();
        assertThat(balance.massKg()).isCloseTo(mass, within(1e-9));
        assertThat(balance.load().axlesKg()).isCloseTo(moment / arm, within(1e-6));
        assertThat(balance.load().couplerKg() + 2 * balance.eachAxleKg())
                .isCloseTo(mass, within(1e-6));
    }

    @Test
    void findings_ratingsAndBand() {
        BoxPlan plan = StartingPlans.square();
        Trailer weak = plan.trailer().withRatings(new Trailer.Ratings(1000, 900, 100));
        assertThat(codes(plan.withTrailer(weak)))
                .contains("GROSS_OVER_RATING", "AXLES_OVER_RATING", "COUPLER_OVER_RATING");
        BoxPlan back = plan.withBox(plan.box().withOffset(900));
        assertThat(codes(back)).contains("COUPLER_SHARE_LOW");
        BoxPlan ahead = plan.withBox(plan.box().withOffset(-900));
        assertThat(codes(ahead)).contains("COUPLER_SHARE_HIGH");
        assertThat(codes(plan))
                .doesNotContain("COUPLER_SHARE_LOW", "COUPLER_SHARE_HIGH", "GROSS_OVER_RATING");
    }

    @Test
    void couplerLow_cureBringsItIntoTheBand() {
        BoxPlan back = StartingPlans.square().withBox(StartingPlans.square().box().withOffset(900));
        var finding =
                model(back).findings().stream()
                        .filter(f -> f.code().equals("COUPLER_SHARE_LOW"))
                        .findFirst()
                        .orElseThrow();
        BoxPlan cured = finding.cure().change().apply(back);
        assertThat(model(cured).balance().load().couplerPercent()).isCloseTo(11, within(0.05));
    }

    private static List<String> codes(BoxPlan plan) {
        return model(plan).findings().stream().map(f -> f.code()).toList();
    }

    @Provide
    Arbitrary<BoxPlan> plans() {
        return PlanArbitraries.plans();
    }

    @Property(tries = 30)
    void movingTheBox_movesTheCouplerByItsLever(@ForAll("plans") BoxPlan plan) {
        BoxModel here = model(plan);
        BoxModel there =
                here.after(plan.withBox(plan.box().withOffset(plan.box().offsetMm() + 100)));
        double arm = here.balance().load().axlesMm();
        double less = here.balance().load().couplerKg() - there.balance().load().couplerKg();
        assertThat(less).isCloseTo(here.balance().boxKg() * 100 / arm, within(1e-6));
    }
}
