package pteron.app.side;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import pteron.core.field.NumberField;
import pteron.core.field.PlanFields;
import pteron.core.figure.Working;
import pteron.core.material.Material;
import pteron.core.model.BoxModel;
import pteron.core.quantity.Quantity;

/**
 * Where a number that was decided can be followed to: an input, a material. Found by unit and value, and by the
 * words that both have in common where several are alike.
 */
final class WorkingLinks {

    /** Part of a value by which two may differ and still be the same. */
    private static final double SAME = 1e-9;

    private WorkingLinks() {}

    /** {@return the input that a number was typed into, empty for none} */
    static Optional<NumberField> field(Working.Term term, BoxModel model) {
        return PlanFields.of(model.plan(), model.library()).numbers().stream()
                .filter(field -> isSame(field.value(model.plan()), term.quantity()))
                .filter(field -> common(field.name(), term.meaning()) > 0)
                .max(Comparator.comparingInt(field -> common(field.name(), term.meaning())));
    }

    /** {@return the material that a number was taken from, empty for none that is named} */
    static Optional<Material> material(Working.Term term, BoxModel model) {
        String words = term.meaning().toLowerCase(Locale.ROOT);
        return model.library().all().stream()
                .filter(one -> words.contains(one.name().toLowerCase(Locale.ROOT)))
                .max(Comparator.comparingInt(one -> one.name().length()));
    }

    private static boolean isSame(Quantity one, Quantity other) {
        double most = Math.max(Math.abs(one.value()), Math.abs(other.value()));
        return one.unit() == other.unit()
                && Math.abs(one.value() - other.value()) <= SAME * Math.max(1, most);
    }

    private static int common(String one, String other) {
        List<String> words = List.of(one.toLowerCase(Locale.ROOT).split("\\W+"));
        return (int)
                Arrays.stream(other.toLowerCase(Locale.ROOT).split("\\W+"))
                        .filter(words::contains)
                        .count();
    }
}
