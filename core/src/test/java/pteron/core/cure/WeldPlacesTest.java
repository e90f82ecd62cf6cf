package pteron.core.cure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.edit.Cures;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.strength.WeldedPlans;

/** Welds of header and sill that lie too near to the middle of their trimmer, moved away from it. */
class WeldPlacesTest {

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    private static double use(BoxModel model) {
        return model.figure("strength.stud.weld").orElseThrow().value();
    }

    private static Finding weld(BoxModel model) {
        return model.findings().stream()
                .filter(finding -> finding.code().equals("OVERLOADED_STUD_WELD"))
                .findFirst()
                .orElseThrow();
    }

    /**
     * By hand, as in {@code WeldedTest}: the softened stretches end 255 under and 335 over the middle of the trimmer. The
     * window 40 lower leaves 295 on both sides: 4 · 645.25 · 1235.25 / 1880.5² = 0.9016 of the greatest moment, not 0.926.
     */
    @Test
    void theNearerWeld_goesAwayFromTheMiddle() {
        BoxModel model = model(WeldedPlans.rakedNose());
        List<Cure> moves = WeldPlaces.of(model.plan(), weld(model));
        assertThat(moves.stream().map(cure -> cure.amount().value())).isSorted();
        double least =
                moves.stream()
                        .mapToDouble(move -> use(model(Cures.apply(model.plan(), move))))
                        .min()
                        .orElseThrow();
        assertThat(least / use(model)).isCloseTo(0.9016 / 0.926, within(0.002));
    }

    /** In a little less wind the weld fails by a hair: the move alone mends it. */
    @Test
    void aMove_mends() {
        BoxPlan plan = WeldedPlans.rakedNose();
        BoxModel model = model(plan.withLoads(plan.loads().withWindSpeed(32.6)));
        assertThat(use(model)).isGreaterThan(1);
        assertThat(WeldPlaces.of(model.plan(), weld(model)))
                .anyMatch(move -> use(model(Cures.apply(model.plan(), move))) <= 1);
    }

    /** A window as low as a plan may have it: no move leads past that, and none is a fault. */
    @Test
    void atTheLowestSill_nothingIsThrown() {
        BoxModel model = model(WeldedPlans.rakedNose());
        Finding weld = weld(model);
        BoxPlan low =
                model.plan()
                        .withOpening(
                                "window-1", one -> one.withPlace(new Opening.Place(1700, -480)));
        assertThatCode(() -> WeldPlaces.of(low, weld)).doesNotThrowAnyException();
    }

    /** Candidates in the order of the trade: bolt it, sleeve it, move it, the next section. */
    @Test
    void order_boltSleeveMoveDeeper() {
        BoxModel model = model(WeldedPlans.rakedNose());
        assertThat(Candidates.of(model.plan(), weld(model)).stream().map(Cure::kind).distinct())
                .containsExactly("BOLT_TUBES", "SLEEVE_TUBES", "MOVE_OPENING", "DEEPER_SECTION");
    }
}
