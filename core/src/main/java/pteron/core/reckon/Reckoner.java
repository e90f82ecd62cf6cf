package pteron.core.reckon;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** All calculators, in the order of the work. */
public final class Reckoner {

    /** Names of the calculators by what they are about, in the order of the work. */
    private static final Map<String, List<String>> GROUPS = new LinkedHashMap<>();

    static {
        GROUPS.put("Corners and slopes", List.of("mitre", "upright", "fillet", "steps"));
        GROUPS.put("Curves", List.of("arc", "batten", "kerf", "plywood-bend"));
        GROUPS.put("Heat and moisture", List.of("u-value", "dew-point"));
        GROUPS.put("Strength", List.of("beam", "sandwich", "tube", "angle", "channel"));
        GROUPS.put("Axle loads", List.of("coupler"));
        GROUPS.put("Quantities", List.of("glue", "cartridges", "bars"));
    }

    /** {@return the calculators by what they are about; those that no group names are under others} */
    public static Map<String, List<Calculator>> groups() {
        Map<String, List<Calculator>> groups = new LinkedHashMap<>();
        GROUPS.forEach(
                (words, names) ->
                        groups.put(
                                words,
                                ALL.stream().filter(one -> names.contains(one.name())).toList()));
        List<Calculator> others =
                ALL.stream()
                        .filter(
                                one ->
                                        GROUPS.values().stream()
                                                .noneMatch(names -> names.contains(one.name())))
                        .toList();
        if (!others.isEmpty()) {
            groups.put("Others", others);
        }
        return groups;
    }

    private static final List<Calculator> ALL =
            List.of(
                    GeometryCalculators.mitre(),
                    GeometryCalculators.upright(),
                    CurveCalculators.arc(),
                    CurveCalculators.fillet(),
                    CurveCalculators.batten(),
                    CurveCalculators.kerfs(),
                    CurveCalculators.plywood(),
                    WarmthCalculators.layers(),
                    WarmthCalculators.dewPoint(),
                    StrengthCalculators.beam(),
                    StrengthCalculators.sandwich(),
                    SectionCalculators.tube(),
                    SectionCalculators.angle(),
                    SectionCalculators.channel(),
                    WarmthCalculators.glue(),
                    SupplyCalculators.cartridges(),
                    WarmthCalculators.steps(),
                    LoadCalculators.coupler(),
                    SupplyCalculators.bars());

    private Reckoner() {}

    /** {@return all calculators} */
    public static List<Calculator> all() {
        return ALL;
    }

    /**
     * {@return the calculator with that name}
     *
     * @throws IllegalArgumentException if there is none
     */
    public static Calculator named(String name) {
        return ALL.stream()
                .filter(calculator -> calculator.name().equals(name))
                .findFirst()
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "calculator %s: choose one of %s"
                                                .formatted(
                                                        name,
                                                        String.join(
                                                                ", ",
                                                                ALL.stream()
                                                                        .map(Calculator::name)
                                                                        .toList()))));
    }
}
