package pteron.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import pteron.core.quantity.Tolerance;

/** The stretches of u that timbers of full height take up in a panel. */
final class Taken {

    /** Timber that a sheet's edge needs behind it on each side of a seam (mm); common practice. */
    static final double EDGE_BACKING_MM = 10;

    /** A stretch of u. */
    private record Stretch(double from, double to) {}

    private final List<Stretch> stretches = new ArrayList<>();

    void add(double from, double to) {
        stretches.add(new Stretch(from, to));
    }

    /** {@return whether a seam at u has timber behind both edges} */
    boolean backs(double u) {
        return stretches.stream()
                .anyMatch(s -> s.from + EDGE_BACKING_MM <= u && u <= s.to - EDGE_BACKING_MM);
    }

    /** {@return where a timber over u may begin beside what is there, empty where it has no room} */
    OptionalDouble roomFor(double u, double thickness) {
        double from = u - thickness / 2;
        for (Stretch s : stretches) {
            if (s.from < from + thickness && from < s.to) {
                from = (s.from + s.to) / 2 < u ? s.to : s.from - thickness;
            }
        }
        double begin = from;
        boolean free =
                stretches.stream()
                        .noneMatch(
                                s ->
                                        s.from < begin + thickness - Tolerance.TOUCH.lengthMm()
                                                && begin < s.to - Tolerance.TOUCH.lengthMm());
        return free ? OptionalDouble.of(begin) : OptionalDouble.empty();
    }

    /** {@return the far face of a timber between from and to, if one stands there} */
    OptionalDouble lastFaceIn(double from, double to) {
        return stretches.stream()
                .filter(
                        s ->
                                s.to > from + Tolerance.TOUCH.lengthMm()
                                        && s.from < to - Tolerance.TOUCH.lengthMm())
                .mapToDouble(s -> s.to)
                .max();
    }

    /** {@return the near face of a timber between from and to, if one stands there} */
    OptionalDouble firstFaceIn(double from, double to) {
        return stretches.stream()
                .filter(
                        s ->
                                s.to > from + Tolerance.TOUCH.lengthMm()
                                        && s.from < to - Tolerance.TOUCH.lengthMm())
                .mapToDouble(s -> s.from)
                .min();
    }
}
