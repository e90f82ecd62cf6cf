package pteron.core.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pteron.core.edit.OutlineTools;
import pteron.core.edit.OwnMaterials;
import pteron.core.field.ChoiceField;
import pteron.core.field.NumberField;
import pteron.core.field.PlanFields;
import pteron.core.figure.Finding;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.sealing.Sealing;
import pteron.core.skin.Skins;

/**
 * A plan reached by random edits of every part, own materials and taking back among them, and the same plan
 * from nothing give the same figures, findings and lists. What an edit wrongly takes over shows here.
 */
class EditedOrFromNothingTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();
    private static final int EDITS = 60;

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14, 15, 16})
    void edited_isAsFromNothing(long seed) {
        Random random = new Random(seed);
        OutlineStart[] starts = OutlineStart.values();
        BoxModel model =
                BoxModel.of(StartingPlans.of(starts[(int) (seed % starts.length)]), LIBRARY);
        List<BoxPlan> past = new ArrayList<>();
        int taken = 0;
        int own = 0;
        for (int edit = 0; edit < EDITS; edit++) {
            BoxPlan before = model.plan();
            try {
                boolean back = !past.isEmpty() && random.nextInt(5) == 0;
                BoxPlan after =
                        back ? past.get(random.nextInt(past.size())) : change(random).apply(before);
                model = model.after(after);
            } catch (IllegalArgumentException e) {
                continue;
            }
            taken++;
            own += model.plan().materials().isEmpty() ? 0 : 1;
            past.add(before);
            assertSame(
                    model, BoxModel.of(model.plan(), LIBRARY), "seed " + seed + ", edit " + edit);
        }
        assertThat(taken).as("edits that were taken").isGreaterThan(EDITS / 2);
        assertThat(own).as("plans with own materials").isPositive();
    }

    private static UnaryOperator<BoxPlan> change(Random random) {
        return switch (random.nextInt(8)) {
            case 0 -> plan -> OwnMaterials.with(plan, List.of(own(random)));
            case 1 -> plan -> tool(plan, random);
            case 2, 3 -> plan -> choice(plan, random);
            default -> plan -> number(plan, random);
        };
    }

    /** A board of one's own, or the library's own foam made heavier: what must go again when taken back. */
    private static Material own(Random random) {
        boolean fresh = random.nextBoolean();
        double density = 100 + random.nextInt(500);
        Material known = LIBRARY.get("xps");
        Map<Property, Material.Sourced> values = new EnumMap<>(known.values());
        values.put(Property.DENSITY, new Material.Sourced(density, "weighed"));
        return new Material(
                fresh ? "own-foam" : "xps", "Foam of one's own", Material.Kind.FOAM, values);
    }

    private static BoxPlan tool(BoxPlan plan, Random random) {
        return switch (random.nextInt(3)) {
            case 0 -> OutlineTools.withDropFloor(plan);
            case 1 -> OutlineTools.withDripEdge(plan);
            default -> plan.withOpenings(List.of());
        };
    }

    private static BoxPlan number(BoxPlan plan, Random random) {
        List<NumberField> fields = PlanFields.of(plan, LIBRARY).numbers();
        NumberField field = fields.get(random.nextInt(fields.size()));
        double value = field.value(plan).value();
        return field.with(plan, value * (0.8 + 0.4 * random.nextDouble()) + random.nextInt(3));
    }

    private static BoxPlan choice(BoxPlan plan, Random random) {
        List<ChoiceField> fields = PlanFields.of(plan, LIBRARY).choices();
        ChoiceField field = fields.get(random.nextInt(fields.size()));
        String id = field.options().get(random.nextInt(field.options().size()));
        return field.set().apply(plan, id);
    }

    private static void assertSame(BoxModel edited, BoxModel fresh, String told) {
        assertThat(figures(edited)).as(told).isEqualTo(figures(fresh));
        assertThat(edited).as(told).isEqualTo(fresh);
        assertThat(findings(edited)).as(told).isEqualTo(findings(fresh));
        assertThat(lists(edited)).as(told).isEqualTo(lists(fresh));
        assertThat(edited.library().all()).as(told).isEqualTo(fresh.library().all());
    }

    private static List<String> figures(BoxModel model) {
        return model.figures().stream().map(f -> f.key() + " " + f.quantity()).toList();
    }

    private static List<String> findings(BoxModel model) {
        return model.findings().stream().map(EditedOrFromNothingTest::told).toList();
    }

    private static String told(Finding f) {
        return "%s %s %s %s %s %s %s"
                .formatted(
                        f.code(),
                        f.severity(),
                        f.place(),
                        f.demand(),
                        f.limit(),
                        f.cure().kind(),
                        f.cure().amount());
    }

    private static List<String> lists(BoxModel model) {
        List<String> lists = new ArrayList<>();
        model.members().forEach(m -> lists.add(m.name() + " " + m.lengthMm() + " " + m.massKg()));
        model.built()
                .ifPresent(
                        b -> {
                            b.get(Skins.class)
                                    .pieces()
                                    .forEach(p -> lists.add(p.name() + " " + p.massKg()));
                            b.get(Sealing.class)
                                    .joints()
                                    .forEach(j -> lists.add(j.where() + " " + j.lengthMm()));
                        });
        model.balance().parts().forEach(p -> lists.add(p.toString()));
        return lists;
    }
}
