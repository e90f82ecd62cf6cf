package pteron.core.edit;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import pteron.core.figure.Cure;
import pteron.core.figure.Cure.Press;
import pteron.core.plan.BoxPlan;

/** Carries cures out. */
public final class Cures {

    private static final Map<String, CureWay> WAYS = new HashMap<>();

    static {
        WAYS.putAll(BoxCures.WAYS);
        WAYS.putAll(OutlineCures.WAYS);
        WAYS.putAll(MakeUpCures.WAYS);
        WAYS.putAll(PartitionEdits.WAYS);
    }

    private Cures() {}

    /** {@return the kinds of cure that one press can carry out} */
    public static Set<String> kinds() {
        return Set.copyOf(WAYS.keySet());
    }

    /**
     * {@return a plan that is cured}
     *
     * @param plan the plan that the cure was found for
     * @param cure a cure that can be applied
     * @throws IllegalArgumentException if only the builder can carry it out, or the change goes out of a range
     */
    public static BoxPlan apply(BoxPlan plan, Cure cure) {
        Press press =
                cure.press()
                        .orElseThrow(
                                () ->
                                        new IllegalArgumentException(
                                                "cure [%s] is for the builder to carry out"
                                                        .formatted(cure.kind())));
        CureWay way = WAYS.get(cure.kind());
        if (way == null) {
            throw new IllegalStateException("Impossible state: no way for cure " + cure.kind());
        }
        return way.apply(plan, cure.amount().value(), press);
    }
}
