package pteron.core.makeup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.MakeUp;
import pteron.core.plan.StartingPlans;

class MakeUpStageTest {

    private static final MakeUp MAKE_UP = StartingPlans.square().makeUp();

    private static Layers layers(MakeUp makeUp) {
        return MakeUpStage.of(makeUp, MaterialLibrary.starting());
    }

    private static double figure(String key) {
        return layers(MAKE_UP).figures().stream()
                .filter(f -> f.key().equals(key))
                .mapToDouble(Figure::value)
                .findFirst()
                .orElseThrow();
    }

    /** By hand: 1.5 + 63 + 5; 1.5 + 89 + 5; 63 + 9 + 30 + 6.5. */
    @Test
    void thickness_byHand() {
        assertThat(figure("make-up.walls-thickness")).isCloseTo(69.5, within(1e-9));
        assertThat(figure("make-up.roof-thickness")).isCloseTo(95.5, within(1e-9));
        assertThat(figure("make-up.floor-thickness")).isCloseTo(108.5, within(1e-9));
    }

    /** By hand: 1.5 mm of aluminium 4.05, 60 mm of foam 1.98, 5 mm of poplar 2.15 kg/m². */
    @Test
    void massPerArea_byHand() {
        assertThat(figure("make-up.walls-mass")).isCloseTo(4.05 + 1.98 + 2.15, within(1e-9));
        assertThat(figure("make-up.floor-mass"))
                .isCloseTo((9 + 6.5) * 0.68 + 30 * 0.033, within(1e-9));
    }

    @Test
    void unknownAndUnfit_areFindings_notExceptions() {
        MakeUp unknown =
                MAKE_UP.withWalls(
                        MAKE_UP.walls()
                                .withOuterSkin(MAKE_UP.walls().outerSkin().withMaterial("paper")));
        assertThat(layers(unknown).usable()).isFalse();
        assertThat(layers(unknown).figures()).isEmpty();
        MakeUp unfit =
                MAKE_UP.withFloor(
                        MAKE_UP.floor().withCore(MAKE_UP.floor().core().withMaterial("wool-batt")));
        List<Finding> findings = layers(unfit).findings();
        assertThat(findings).extracting(f -> f.place().part()).containsExactly("floor.core");
        assertThat(findings.getFirst().demand().value()).isEqualTo(3);
    }

    @Test
    void uses_nameEveryPlaceOnce() {
        assertThat(LayerUse.of(MAKE_UP))
                .hasSize(12)
                .extracting(LayerUse::place)
                .doesNotHaveDuplicates();
    }
}
