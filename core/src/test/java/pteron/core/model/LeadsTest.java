package pteron.core.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import pteron.core.figure.Figure;
import pteron.core.figure.Origin;
import pteron.core.figure.Working;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;
import pteron.core.start.CarrierStart;
import pteron.core.start.NewPlan;

/** Every number that was worked out can be followed until nothing is left but plan, materials and standards. */
class LeadsTest {

    /** Steps from a figure to its last number, far more than any needs. */
    private static final int DEEP = 12;

    private final List<String> lost = new ArrayList<>();
    private int followed;
    private int deepest;

    private static void eachPlan(Consumer<BoxPlan> act) {
        for (CarrierStart kind : CarrierStart.values()) {
            for (OutlineStart outline : OutlineStart.values()) {
                if (NewPlan.refusal(kind, outline).isEmpty()) {
                    act.accept(
                            NewPlan.of(
                                    kind,
                                    kind.sizes(UnitSystem.METRIC).getFirst(),
                                    outline,
                                    UnitSystem.METRIC));
                }
            }
        }
    }

    @Test
    void everyNumberLeadsToWhatWasDecided() {
        eachPlan(
                plan -> {
                    BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
                    model.figures()
                            .forEach(figure -> follow(model, figure.key(), figure.working(), DEEP));
                });
        assertThat(lost).isEmpty();
        assertThat(followed).as("numbers followed").isGreaterThan(10_000);
        assertThat(deepest).as("longest way").isBetween(3, DEEP - 1);
    }

    private void follow(BoxModel model, String way, Working working, int left) {
        deepest = Math.max(deepest, DEEP - left);
        if (left == 0 || working.terms().isEmpty()) {
            lost.add(way + (left == 0 ? " goes in a circle" : " has no numbers"));
            return;
        }
        for (Working.Term term : working.terms()) {
            followed++;
            String next = way + " > " + term.symbol();
            switch (term.lead()) {
                case Working.Lead.End _ -> {
                    if (term.origin() == Origin.WORKED_OUT) {
                        lost.add(next + " leads nowhere");
                    }
                }
                case Working.Lead.ToWorking to -> follow(model, next, to.working().get(), left - 1);
                case Working.Lead.ToFigure to -> figure(model, next, to.key(), term, left);
            }
        }
    }

    private static boolean isSame(Quantity one, Quantity other) {
        return one.unit() == other.unit() && Math.abs(one.value() - other.value()) < 1e-6;
    }

    private void figure(BoxModel model, String way, String key, Working.Term term, int left) {
        Optional<Figure> figure = model.figure(key);
        if (figure.isEmpty()) {
            lost.add(way + ": there is no figure " + key);
        } else if (!isSame(figure.get().quantity(), term.quantity())) {
            lost.add(way + ": " + key + " is " + figure.get() + ", not " + term.quantity());
        } else {
            follow(model, way, figure.get().working(), left - 1);
        }
    }
}
