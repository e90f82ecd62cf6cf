package pteron.app.makeup;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Function;
import pteron.core.school.School;

/** Which of several build-ups is the best in what: told where at least two are known and one wins. */
record Best(
        OptionalDouble massKg,
        OptionalDouble transmittance,
        OptionalDouble stiffness,
        OptionalDouble cost) {

    private static final double SAME = 1e-9;

    static Best of(List<School> schools) {
        return new Best(
                least(schools, school -> OptionalDouble.of(school.sums().massKg())),
                least(schools, school -> school.sums().transmittance()),
                least(schools, school -> negative(school.sums().stiffness())),
                least(schools, school -> school.sums().cost()));
    }

    private static OptionalDouble negative(OptionalDouble value) {
        return value.isEmpty() ? value : OptionalDouble.of(-value.getAsDouble());
    }

    private static OptionalDouble least(
            List<School> schools, Function<School, OptionalDouble> value) {
        double[] known =
                schools.stream()
                        .map(value)
                        .filter(OptionalDouble::isPresent)
                        .mapToDouble(OptionalDouble::getAsDouble)
                        .sorted()
                        .toArray();
        return known.length > 1 && known[1] - known[0] > SAME
                ? OptionalDouble.of(known[0])
                : OptionalDouble.empty();
    }

    private static boolean is(OptionalDouble best, OptionalDouble value) {
        return best.isPresent()
                && value.isPresent()
                && Math.abs(best.getAsDouble() - value.getAsDouble()) < SAME;
    }

    boolean isLightest(School school) {
        return is(massKg, OptionalDouble.of(school.sums().massKg()));
    }

    boolean isWarmest(School school) {
        return is(transmittance, school.sums().transmittance());
    }

    boolean isStiffest(School school) {
        return is(stiffness, negative(school.sums().stiffness()));
    }

    boolean isCheapest(School school) {
        return is(cost, school.sums().cost());
    }
}
