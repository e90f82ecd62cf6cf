package pteron.core.reckon;

import java.util.List;

/** All calculators, in the order of the work. */
public final class Reckoner {

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
                                        "there is no calculator [%s]; there are %s"
                                                .formatted(
                                                        name,
                                                        String.join(
                                                                ", ",
                                                                ALL.stream()
                                                                        .map(Calculator::name)
                                                                        .toList()))));
    }
}
