package pteron.core.figure;

import java.util.List;
import java.util.Optional;
import pteron.core.quantity.Quantity;

/**
 * A change that would mend a finding. A value; {@link pteron.core.edit.Cures} carries it out. Immutable.
 *
 * @param kind stable name of the cure, such as {@code MOVE_BOX_FORWARD}
 * @param amount by how much, or to what
 * @param press what one press reaches, empty where only the builder can decide
 */
public record Cure(String kind, Quantity amount, Optional<Press> press) {

    /**
     * What one press reaches. Immutable.
     *
     * @param part what is changed, such as {@code walls} or the id of an opening; may be empty
     * @param numbers what the kind needs beside its amount, in its own order
     */
    public record Press(String part, List<Double> numbers) {
        /** Copies the numbers. */
        public Press {
            numbers = List.copyOf(numbers);
        }
    }

    /** {@return a cure that the builder must carry out} */
    public static Cure advice(String kind, Quantity amount) {
        return new Cure(kind, amount, Optional.empty());
    }

    /** {@return a cure that one press carries out on a part, by the numbers that its kind needs} */
    public static Cure press(String kind, Quantity amount, String part, Double... numbers) {
        return new Cure(kind, amount, Optional.of(new Press(part, List.of(numbers))));
    }

    /** {@return whether one press can carry it out} */
    public boolean canBeApplied() {
        return press.isPresent();
    }
}
