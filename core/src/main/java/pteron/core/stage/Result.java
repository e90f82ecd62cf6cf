package pteron.core.stage;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;

/** What a stage gives. Immutable, and equal to another of equal values. */
public interface Result {

    /** {@return its figures, in the order in which they are told} */
    default List<Figure> figures() {
        return List.of();
    }

    /** {@return what is wrong or close} */
    default List<Finding> findings() {
        return List.of();
    }

    /** {@return what it adds to the weight} */
    default List<Part> parts() {
        return List.of();
    }
}
