package pteron.core.stage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;

/** Stages of this test's own: asked for in any order, remembered by what they read. */
class EvaluationTest {

    private record Width(double mm) implements Result {}

    private record Half(double mm) implements Result {}

    private record Never() implements Result {}

    private static final BoxPlan PLAN = StartingPlans.square();
    private final List<String> runs = new ArrayList<>();

    private final Stage<Double, Width> width =
            Stage.of(
                    Width.class,
                    given -> given.plan().box().widthMm(),
                    mm -> {
                        runs.add("width");
                        return new Width(mm);
                    });
    private final Stage<Width, Half> half =
            Stage.of(
                    Half.class,
                    given -> given.get(Width.class),
                    read -> {
                        runs.add("half");
                        return new Half(read.mm() / 2);
                    });
    private final Stage<Double, Never> never =
            new Stage<>(Never.class, given -> Optional.empty(), mm -> new Never());

    private Results of(BoxPlan plan, Results before, Stage<?, ?>... stages) {
        return Evaluation.of(List.of(stages), plan, MaterialLibrary.starting(), before);
    }

    @Test
    void whatIsNeeded_isWorkedOutFirst_andToldInTheOrderOfTheList() {
        Results results = of(PLAN, Results.NONE, half, width, never);
        assertThat(runs).containsExactly("width", "half");
        assertThat(results.all())
                .containsExactly(
                        new Half(PLAN.box().widthMm() / 2), new Width(PLAN.box().widthMm()));
        assertThat(results.find(Never.class)).isEmpty();
    }

    @Test
    void whatWasRead_decidesWhetherItRunsAgain() {
        Results first = of(PLAN, Results.NONE, half, width);
        runs.clear();
        Results named = of(PLAN.withName("Other"), first, half, width);
        assertThat(runs).isEmpty();
        assertThat(named).isEqualTo(first);
        assertThat(named.find(Half.class).orElseThrow())
                .isSameAs(first.find(Half.class).orElseThrow());
        of(PLAN.withBox(PLAN.box().withWidth(1900)), first, half, width);
        assertThat(runs).containsExactly("width", "half");
    }

    @Test
    void aStageThatIsNotThere_isNamed() {
        assertThatThrownBy(() -> of(PLAN, Results.NONE, half)).hasMessageContaining("[Width]");
        Stage<Never, Half> lost =
                Stage.of(Half.class, given -> given.get(Never.class), none -> new Half(0));
        assertThatThrownBy(() -> of(PLAN, Results.NONE, lost, never))
                .isInstanceOf(NoSuchElementException.class)
                .hasMessageContaining("[Never]");
    }

    @Test
    void partsOfWhatWasBefore_canBeTakenOver() {
        Stage<Double, Width> growing =
                new Stage<>(
                        Width.class,
                        given -> Optional.of(given.plan().box().widthMm()),
                        (Double mm, Optional<Stage.Before<Double, Width>> before) ->
                                new Width(
                                        mm
                                                + before.map(old -> old.input() + old.result().mm())
                                                        .orElse(0.0)));
        Results first = of(PLAN, Results.NONE, growing);
        Results second = of(PLAN.withBox(PLAN.box().withWidth(1900)), first, growing);
        assertThat(second.find(Width.class).orElseThrow().mm())
                .isEqualTo(1900 + 2 * PLAN.box().widthMm());
    }
}
