package pteron.core.wind;

import java.util.ArrayList;
import java.util.List;

/** The mean of zones over what a part carries, and their names. */
final class Mean {

    /** Share of what is carried from which a zone is named. */
    private static final double NAMED_FROM = 0.005;

    private final double whole;
    private final List<String> names = new ArrayList<>();
    private double sum;

    /**
     * Nothing yet.
     *
     * @param whole length or area of all of it, above 0
     */
    Mean(double whole) {
        this.whole = whole;
    }

    void add(String name, double coefficient, double part) {
        sum += coefficient * part / whole;
        if (part > NAMED_FROM * whole && !names.contains(name)) {
            names.add(name);
        }
    }

    double value() {
        return sum;
    }

    /** {@return the zones in a row: {@code F, G and H}} */
    String names() {
        int last = names.size() - 1;
        return last < 1
                ? String.join("", names)
                : String.join(", ", names.subList(0, last)) + " and " + names.get(last);
    }
}
