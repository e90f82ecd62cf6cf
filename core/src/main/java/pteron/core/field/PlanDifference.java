package pteron.core.field;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.UnitSystem;

/** How one plan differs from another, in words a builder reads. */
public final class PlanDifference {

    /** Differences that are told one by one. */
    private static final int TOLD = 3;

    private PlanDifference() {}

    /** {@return the differences in one line, the first few one by one} */
    public static String text(BoxPlan before, BoxPlan after) {
        if (before.equals(after)) {
            return "the same";
        }
        List<String> lines = lines(before, after);
        if (lines.isEmpty()) {
            return "changed";
        }
        String first = String.join("; ", lines.subList(0, Math.min(TOLD, lines.size())));
        int more = lines.size() - TOLD;
        return more > 0 ? first + "; and %d more".formatted(more) : first;
    }

    /**
     * {@return one line for each field that differs: what it is called, and from what to what; what is new or gone first,
     * as it moves the numbers of others}
     */
    public static List<String> lines(BoxPlan before, BoxPlan after) {
        UnitSystem units = after.units();
        Map<String, String[]> old = values(before, units);
        Map<String, String[]> now = values(after, units);
        List<String> lines = new ArrayList<>();
        List<String> changed = new ArrayList<>();
        now.forEach(
                (key, value) -> {
                    String[] was = old.get(key);
                    if (was == null) {
                        lines.add(value[0] + " " + value[1] + ", new");
                    } else if (!was[1].equals(value[1])) {
                        changed.add("%s %s → %s".formatted(value[0], was[1], value[1]));
                    }
                });
        old.forEach(
                (key, value) -> {
                    if (!now.containsKey(key)) {
                        lines.add(value[0] + ", gone");
                    }
                });
        lines.addAll(changed);
        return lines;
    }

    /** Name and value in words, by key. */
    private static Map<String, String[]> values(BoxPlan plan, UnitSystem units) {
        PlanFields fields = PlanFields.of(plan, MaterialLibrary.starting());
        Map<String, String[]> values = new LinkedHashMap<>();
        values.put("name", new String[] {"Name", plan.name()});
        fields.numbers()
                .forEach(
                        field ->
                                values.put(
                                        field.key(),
                                        new String[] {
                                            field.name(), field.value(plan).text(units)
                                        }));
        fields.lengths()
                .forEach(
                        field ->
                                values.put(
                                        field.key(),
                                        new String[] {field.name(), field.text(plan)}));
        fields.choices()
                .forEach(
                        field ->
                                values.put(
                                        field.key(),
                                        new String[] {field.name(), field.get().apply(plan)}));
        return values;
    }
}
