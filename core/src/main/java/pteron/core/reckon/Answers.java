package pteron.core.reckon;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.quantity.Quantity;

/** Collects the answers of one sum, which share their working. Not safe for use by several threads. */
final class Answers {

    private final Supplier<Working> working;
    private final List<Figure> figures = new ArrayList<>();

    Answers(Supplier<Working> working) {
        this.working = working;
    }

    Answers add(String key, String name, Quantity value) {
        figures.add(Figure.of(key, name, value, working));
        return this;
    }

    Answers mm(String key, String name, double mm) {
        return add(key, name, Quantity.mm(mm));
    }

    /** A greatest length. */
    Answers mmAtMost(String key, String name, double mm) {
        figures.add(Figure.of(key, name, Quantity.mm(mm), working).atMost());
        return this;
    }

    /** A least length. */
    Answers mmAtLeast(String key, String name, double mm) {
        figures.add(Figure.of(key, name, Quantity.mm(mm), working).atLeast());
        return this;
    }

    List<Figure> list() {
        return List.copyOf(figures);
    }
}
