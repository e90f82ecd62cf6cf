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
import pteron.core.edit.Cures;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.PlanArbitraries;
import pteron.core.plan.SamplePlans;
import pteron.core.plan.StartingPlans;
import pteron.core.stage.Part;
import pteron.core.vehicle.Trailer;
import pteron.core.vehicle.Vehicle;

class BalanceTest {

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    /** By hand: moments about the axles, 1800 · 480 = R · 4000. */
    @Test
    void coupler_workedExample_byHand() {
        TwoSupports load = new TwoSupports(1800, 3520, 4000);
        assertThat(load.frontKg()).isCloseTo(216, within(1e-9));
        assertThat(load.frontPercent()).isCloseTo(12, within(1e-9));
        assertThat(load.rearKg()).isCloseTo(1584, within(1e-9));
    }

    @Test
    void coupler_liftsBehindTheAxles() {
        assertThat(new TwoSupports(1000, 4400, 4000).frontKg()).isCloseTo(-100, within(1e-9));
    }

    @Test
    void load_illegalArguments() {
        assertThatThrownBy(() -> new TwoSupports(0, 1, 1)).hasMessageContaining("mass");
        assertThatThrownBy(() -> new TwoSupports(1, 1, 0))
                .hasMessageContaining("rear behind the front support");
    }

    /** The bare trailer must read what its scales read. */
    @Test
    void emptyTrailer_readsItsOwnScales() {
        BoxPlan plan = StartingPlans.square();
        BoxModel model = model(plan);
        Balance bare = BalanceStage.of(model.carrier(), List.of());
        assertThat(bare.load().frontKg())
                .isCloseTo(((Trailer) plan.vehicle()).drawbar().emptyKg(), within(1e-9));
        assertThat(bare.massKg()).isCloseTo(640, within(1e-9));
    }

    /** Moments of all parts about the coupler, added up here once more, against axles and coupler. */
    @Test
    void loads_balanceTheParts() {
        BoxModel model = model(SamplePlans.rakedNose());
        Balance balance = model.balance();
        double moment = 0;
        double mass = 0;
        for (Part part : balance.parts()) {
            moment += part.massKg() * (part.place().x() - model.carrier().front().placeMm());
            mass += part.massKg();
        }
        double arm = model.carrier().rear().placeMm() - model.carrier().front().placeMm();
        assertThat(balance.massKg()).isCloseTo(mass, within(1e-9));
        assertThat(balance.load().rearKg()).isCloseTo(moment / arm, within(1e-6));
        assertThat(balance.load().frontKg() + 2 * balance.eachAxleKg())
                .isCloseTo(mass, within(1e-6));
    }

    @Test
    void findings_ratingsAndBand() {
        BoxPlan plan = StartingPlans.square();
        Trailer trailer = (Trailer) plan.vehicle();
        Vehicle weak =
                trailer.withDrawbar(trailer.drawbar().withRating(100))
                        .withGear(
                                trailer.gear()
                                        .withGross(1000)
                                        .withAxle(0, axle -> axle.withRating(450)));
        assertThat(codes(plan.withVehicle(weak)))
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
        BoxPlan cured = Cures.apply(back, finding.cure());
        assertThat(model(cured).balance().load().frontPercent()).isCloseTo(11, within(0.05));
    }

    private static List<String> codes(BoxPlan plan) {
        return model(plan).findings().stream().map(f -> f.code()).toList();
    }

    @Provide
    Arbitrary<BoxPlan> plans() {
        return PlanArbitraries.plans();
    }

    @Property(tries = 30, seed = "20261126")
    void movingTheBox_movesTheCouplerByItsLever(@ForAll("plans") BoxPlan plan) {
        BoxModel here = model(plan);
        BoxModel there =
                here.after(plan.withBox(plan.box().withOffset(plan.box().offsetMm() + 100)));
        double arm = here.balance().load().rearMm();
        double less = here.balance().load().frontKg() - there.balance().load().frontKg();
        assertThat(less).isCloseTo(here.balance().boxKg() * 100 / arm, within(1e-6));
    }
}
