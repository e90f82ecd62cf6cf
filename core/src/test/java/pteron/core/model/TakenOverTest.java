package pteron.core.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import pteron.core.edit.BoxEdits;
import pteron.core.frame.Frame;
import pteron.core.frame.PanelFrame;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Climate;
import pteron.core.plan.Opening;
import pteron.core.plan.StartingPlans;
import pteron.core.stage.Result;

/** An edit works out only what reads what it changed; the rest is the very same as before. */
class TakenOverTest {

    private static final BoxPlan PLAN = StartingPlans.square();
    private final BoxModel model = BoxModel.of(PLAN, MaterialLibrary.starting());

    /** {@return the kinds of result that an edit made anew} */
    private Set<String> anew(BoxPlan edited) {
        BoxModel after = model.after(edited);
        return after.results().all().stream()
                .filter(result -> !isKept(result))
                .map(result -> result.getClass().getSimpleName())
                .collect(Collectors.toSet());
    }

    private boolean isKept(Result result) {
        return model.results().all().stream().anyMatch(old -> old == result);
    }

    private static Opening slid(Opening one) {
        return one.withPlace(new Opening.Place(one.place().alongMm() + 20, one.place().sillMm()));
    }

    @Test
    void nameAndUnits_changeNothing() {
        assertThat(anew(PLAN.withName("Another"))).isEmpty();
        assertThat(model.after(PLAN)).isSameAs(model);
    }

    @Test
    void climate_changesWarmthAlone() {
        Climate cold = new Climate(new Climate.Air(19, 50), new Climate.Air(-12, 80), 1, 2, 8);
        assertThat(anew(PLAN.withClimate(cold))).containsExactly("Warmth");
    }

    @Test
    void placeOnTheDeck_keepsFrameAndSheets() {
        assertThat(anew(PLAN.withBox(PLAN.box().withOffset(70))))
                .containsExactlyInAnyOrder("Carrier", "Strength", "Panels", "Balance");
    }

    @Test
    void opening_keepsShapeAndLayers() {
        Opening first = PLAN.openings().getFirst();
        BoxPlan moved = PLAN.withOpening(first.id(), TakenOverTest::slid);
        assertThat(anew(moved))
                .contains("Openings", "Frame", "Skins", "Sealing", "BoxWeight", "Balance")
                .doesNotContain("Outline", "Layers", "Shell", "Inside", "Glues");
    }

    /** Panel by panel: the others keep their frame as it is. */
    @Test
    void opening_touchesItsOwnPanelAlone() {
        Opening first = PLAN.openings().getFirst();
        BoxModel after = model.after(PLAN.withOpening(first.id(), TakenOverTest::slid));
        List<PanelFrame> old = model.get(Frame.class).panels();
        String wall = first.wall().id();
        for (PanelFrame panel : after.get(Frame.class).panels()) {
            assertThat(old.stream().anyMatch(one -> one == panel))
                    .as(panel.panel().id())
                    .isEqualTo(!panel.panel().id().equals(wall));
        }
    }

    @Test
    void length_isAsFromNothing_andBackAgain() {
        BoxPlan longer = BoxEdits.withLength(PLAN, BoxEdits.length(PLAN) + 130);
        BoxModel after = model.after(longer);
        assertThat(after).isEqualTo(BoxModel.of(longer, MaterialLibrary.starting()));
        assertThat(after.after(PLAN)).isEqualTo(model).hasSameHashCodeAs(model);
    }
}
