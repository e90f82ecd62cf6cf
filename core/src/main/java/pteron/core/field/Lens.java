package pteron.core.field;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/**
 * A part of a whole that can be read and put back changed. Immutable.
 *
 * @param get reads it
 * @param set makes the whole with another part in its place
 * @param <S> the whole
 * @param <T> the part
 */
record Lens<S, T>(Function<S, T> get, BiFunction<S, T, S> set) {

    /** {@return the whole itself} */
    static <S> Lens<S, S> whole() {
        return new Lens<>(whole -> whole, (whole, other) -> other);
    }

    /** {@return one of a list} */
    static <T> Lens<List<T>, T> at(int index) {
        return new Lens<>(
                list -> list.get(index),
                (list, other) -> {
                    List<T> changed = new ArrayList<>(list);
                    changed.set(index, other);
                    return changed;
                });
    }

    /** {@return a part of the part} */
    <U> Lens<S, U> then(Lens<T, U> inner) {
        return new Lens<>(
                whole -> inner.get.apply(get.apply(whole)),
                (whole, other) -> change(whole, part -> inner.set.apply(part, other)));
    }

    /** {@return the whole with the part changed} */
    S change(S whole, UnaryOperator<T> change) {
        return set.apply(whole, change.apply(get.apply(whole)));
    }
}
