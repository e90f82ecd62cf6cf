package pteron.core.buildup;

import java.util.List;
import java.util.Optional;
import pteron.core.quantity.LengthText;

/**
 * Dry lumber by its name in the shop: a 2×4 is 1 1/2 by 3 1/2 inches. Source: US PS 20 (19 % moisture or less); value not
 * yet checked against the document.
 */
public final class Lumber {

    /** Metric sizes nearer than this (mm) are the same piece: 38 × 63 is a 2×3. */
    private static final double SAME_MM = 0.7;

    /**
     * A side by its name and by the tape.
     *
     * @param name name of the side in the shop (in)
     * @param inches what it measures, dry (in)
     */
    private record Face(String name, double inches) {
        double mm() {
            return LengthText.fromInches(inches);
        }
    }

    private static final List<Face> FACES =
            List.of(
                    new Face("1", 0.75),
                    new Face("5/4", 1),
                    new Face("2", 1.5),
                    new Face("3", 2.5),
                    new Face("4", 3.5),
                    new Face("6", 5.5),
                    new Face("8", 7.25),
                    new Face("10", 9.25),
                    new Face("12", 11.25));

    private Lumber() {}

    /**
     * {@return the name of a solid bar in the shop, the less side first: {@code 2×4}; empty for one that has none}
     *
     * <p>Example: 38.1 × 88.9 mm is a 2×4.
     */
    public static Optional<String> name(Section section) {
        double less = Math.min(section.thicknessMm(), section.depthMm());
        double more = Math.max(section.thicknessMm(), section.depthMm());
        return section.isTube()
                ? Optional.empty()
                : face(less).flatMap(one -> face(more).map(other -> one + "×" + other));
    }

    private static Optional<String> face(double mm) {
        return FACES.stream()
                .filter(face -> Math.abs(face.mm() - mm) < SAME_MM)
                .map(Face::name)
                .findFirst();
    }

    /** {@return the dry size that is nearest to one (mm)} */
    static double nearestMm(double mm) {
        return FACES.stream()
                .mapToDouble(Face::mm)
                .boxed()
                .min((one, other) -> Double.compare(Math.abs(one - mm), Math.abs(other - mm)))
                .orElseThrow();
    }
}
