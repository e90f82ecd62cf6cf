package pteron.core.vehicle;

import java.util.List;

/** Lists of places along the deck. */
final class Places {

    private Places() {}

    /**
     * {@return the places, copied}
     *
     * @throws IllegalArgumentException if one does not lie behind the one before
     */
    static List<Double> inOrder(String name, List<Double> placesMm) {
        double last = Double.NEGATIVE_INFINITY;
        for (double place : placesMm) {
            if (place <= last) {
                throw new IllegalArgumentException(
                        "%s: [%s] mm does not lie behind [%s] mm; list them front to rear"
                                .formatted(name, place, last));
            }
            last = place;
        }
        return List.copyOf(placesMm);
    }
}
