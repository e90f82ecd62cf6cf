package pteron.core.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import pteron.core.buildup.Layer;
import pteron.core.carrier.CarrierStation;
import pteron.core.drawing.View;
import pteron.core.edit.Cures;
import pteron.core.edit.MakeUpEdits;
import pteron.core.edit.OutlineHandle;
import pteron.core.edit.OutlineTools;
import pteron.core.edit.VehicleEdits;
import pteron.core.field.ChoiceField;
import pteron.core.field.NumberField;
import pteron.core.field.PlanFields;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.material.MaterialLibrary;
import pteron.core.outline.OutlineStation;
import pteron.core.picture.Drawings;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.PlanArbitraries;

/**
 * What a builder types, sensible or not: it is refused with a sentence, or the whole model answers. The seeds are
 * fixed, so that every run tries the same; without them and with more tries it is a search for faults.
 */
class WhateverIsTypedTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    /** By how much a number is changed: tiny, halved, nudged, doubled, much too large, turned round. */
    private static final double[] FACTORS = {0, 0.02, 0.5, 0.99, 1.01, 2, 8, 60, -1};

    private static final List<View> VIEWS =
            List.of(View.LEFT, View.REAR, View.PLAN, View.UNFOLDED, View.SECTION, View.ALL);

    @Provide
    Arbitrary<BoxPlan> any() {
        return PlanArbitraries.anyPlans();
    }

    private static Optional<BoxPlan> typed(BoxPlan plan, int which, int factor) {
        PlanFields fields = PlanFields.of(plan, LIBRARY);
        int all = fields.numbers().size() + fields.choices().size();
        int index = Math.floorMod(which, all);
        try {
            if (index < fields.numbers().size()) {
                NumberField field = fields.numbers().get(index);
                double old = field.value(plan).value();
                double scale = FACTORS[Math.floorMod(factor, FACTORS.length)];
                return Optional.of(field.with(plan, old * scale + (old == 0 ? 10 * scale : 0)));
            }
            ChoiceField field = fields.choices().get(index - fields.numbers().size());
            String option = field.options().get(Math.floorMod(factor, field.options().size()));
            return Optional.of(field.set().apply(plan, option));
        } catch (IllegalArgumentException e) {
            assertThat(e.getMessage()).hasSizeGreaterThan(20);
            return Optional.empty();
        }
    }

    /** Five edits one after another; every figure opens, every view is drawn, every cure can be pressed. */
    @Property(tries = 70, seed = "20261125")
    void modelAnswers(
            @ForAll("any") BoxPlan start,
            @ForAll @Size(5) List<@IntRange(min = 0, max = 5000) Integer> fields,
            @ForAll @Size(5) List<@IntRange(min = 0, max = 5000) Integer> factors) {
        BoxPlan plan = start;
        for (int i = 0; i < fields.size(); i++) {
            plan = typed(plan, fields.get(i), factors.get(i)).orElse(plan);
        }
        BoxModel model = BoxModel.of(plan, LIBRARY);
        for (Figure figure : model.figures()) {
            assertThat(figure.value()).as(figure.key()).isFinite();
            assertThat(figure.working().source()).as(figure.key()).isNotBlank();
        }
        for (View view : VIEWS) {
            assertThat(Drawings.of(model, view, OutlineStation.OUTLINE, "").shapes()).isNotEmpty();
            assertThat(Drawings.of(model, view, CarrierStation.CARRIER, "").shapes()).isNotEmpty();
        }
        for (Finding finding : model.findings()) {
            assertThat(finding.demand().value()).as(finding.code()).isFinite();
            if (finding.cure().canBeApplied()) {
                BoxModel.of(Cures.apply(plan, finding.cure()), LIBRARY);
            }
        }
    }

    /** The tools of the three stations, at any corner, in any order. */
    private static Optional<BoxPlan> tooled(BoxPlan plan, int which, int place) {
        int corner = Math.floorMod(place, plan.box().outline().size() + 1);
        OutlineStart start = OutlineStart.values()[Math.floorMod(place, 6)];
        MakeUpEdits.Slot slot = MakeUpEdits.Slot.values()[Math.floorMod(place, 5)];
        List<UnaryOperator<BoxPlan>> tools =
                List.of(
                        p -> OutlineTools.startedFrom(p, start),
                        p -> OutlineTools.withCorner(p, corner),
                        p -> OutlineTools.without(p, new OutlineHandle(corner, -1)),
                        p -> OutlineTools.straight(p, corner),
                        p -> OutlineTools.arc(p, corner),
                        p -> OutlineTools.batten(p, corner),
                        p -> OutlineTools.withSpot(p, corner),
                        p -> OutlineTools.without(p, new OutlineHandle(corner, 0)),
                        OutlineTools::withWheelArch,
                        OutlineTools::withDropFloor,
                        OutlineTools::withDripEdge,
                        VehicleEdits::withAxle,
                        VehicleEdits::withoutAxle,
                        VehicleEdits::withWheelBox,
                        VehicleEdits::withHump,
                        VehicleEdits::withTank,
                        VehicleEdits::withMudFlaps,
                        VehicleEdits::withOutrigger,
                        VehicleEdits::withoutCrossMember,
                        p -> MakeUpEdits.withLayer(p, slot, new Layer("spruce-ply", 6)),
                        p -> MakeUpEdits.withoutLastLayer(p, slot));
        try {
            return Optional.of(tools.get(Math.floorMod(which, tools.size())).apply(plan));
        } catch (IllegalArgumentException e) {
            assertThat(e.getMessage()).hasSizeGreaterThan(20);
            return Optional.empty();
        }
    }

    @Property(tries = 120, seed = "20261125")
    void anyTools_modelAnswers(
            @ForAll("any") BoxPlan start,
            @ForAll @Size(8) List<@IntRange(min = 0, max = 5000) Integer> tools,
            @ForAll @Size(8) List<@IntRange(min = 0, max = 5000) Integer> places) {
        BoxPlan plan = start;
        for (int i = 0; i < tools.size(); i++) {
            plan = tooled(plan, tools.get(i), places.get(i)).orElse(plan);
        }
        BoxModel model = BoxModel.of(plan, LIBRARY);
        assertThat(model.figures()).allMatch(figure -> Double.isFinite(figure.value()));
        for (View view : VIEWS) {
            assertThat(Drawings.of(model, view, OutlineStation.OUTLINE, "outline.1").shapes())
                    .isNotEmpty();
        }
        assertThat(model.findings())
                .extracting(Finding::code, Finding::demand)
                .isEqualTo(
                        BoxModel.of(plan, LIBRARY).findings().stream()
                                .map(finding -> tuple(finding.code(), finding.demand()))
                                .toList());
    }

    /** Edit by edit, taking over what was not touched, comes to the same as all at once. */
    @Property(tries = 60, seed = "20261125")
    void editByEdit_isTheSameAsAtOnce(
            @ForAll("any") BoxPlan start,
            @ForAll @Size(4) List<@IntRange(min = 0, max = 5000) Integer> fields,
            @ForAll @Size(4) List<@IntRange(min = 0, max = 5000) Integer> factors) {
        BoxModel stepwise = BoxModel.of(start, LIBRARY);
        for (int i = 0; i < fields.size(); i++) {
            BoxPlan before = stepwise.plan();
            stepwise = stepwise.after(typed(before, fields.get(i), factors.get(i)).orElse(before));
        }
        BoxModel atOnce = BoxModel.of(stepwise.plan(), LIBRARY);
        assertThat(stepwise.figures().stream().map(Figure::toString).toList())
                .isEqualTo(atOnce.figures().stream().map(Figure::toString).toList());
        assertThat(stepwise.findings().stream().map(Finding::code).toList())
                .isEqualTo(atOnce.findings().stream().map(Finding::code).toList());
    }
}
