package pteron.core.stage;

import java.util.NoSuchElementException;
import java.util.Optional;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;

/** What a stage may ask: the plan, its materials and what other stages gave. */
public interface Given {

    /** {@return the plan} */
    BoxPlan plan();

    /** {@return its materials} */
    MaterialLibrary library();

    /** {@return the result of that kind, empty where it cannot be worked out} */
    <R extends Result> Optional<R> find(Class<R> kind);

    /**
     * {@return the result of that kind}
     *
     * @throws NoSuchElementException if it cannot be worked out
     */
    default <R extends Result> R get(Class<R> kind) {
        return find(kind)
                .orElseThrow(
                        () ->
                                new NoSuchElementException(
                                        "there is no result of kind [%s]"
                                                .formatted(kind.getSimpleName())));
    }
}
