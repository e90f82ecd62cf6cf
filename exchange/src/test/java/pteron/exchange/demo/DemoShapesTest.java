package pteron.exchange.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pteron.core.cutting.BarCutting;
import pteron.core.figure.Finding;
import pteron.core.frame.Frame;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;
import pteron.core.sealing.Sealing;
import pteron.core.skin.Skins;

/** The shapes of all demos in timber: set out whole, from frame to cut list. */
class DemoShapesTest {

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2})
    void inTimber_isSetOutWhole(int which) {
        BoxPlan demo = Demos.all().get(which);
        BoxModel model =
                BoxModel.of(
                        demo.withMakeUp(StartingPlans.square().makeUp()),
                        MaterialLibrary.starting());
        assertThat(model.find(Frame.class)).as("%s %s", demo.name(), model.findings()).isPresent();
        assertThat(model.findings())
                .extracting(Finding::code)
                .doesNotContain("WEIGHED_BY_AREAS", "MEMBERS_SHARE_ROOM", "BEND_TOO_TIGHT");
        assertThat(model.get(Skins.class).pieces()).hasSizeGreaterThan(20);
        assertThat(model.get(Sealing.class).joints()).isNotEmpty();
        BarCutting cutting = BarCutting.of(model.members(), demo.supplies());
        assertThat(cutting.boughtMm()).isGreaterThan(longest(model));
    }

    private static double longest(BoxModel model) {
        List<Double> lengths = model.members().stream().map(m -> m.lengthMm()).toList();
        return lengths.stream().mapToDouble(Double::doubleValue).max().orElse(0);
    }
}
