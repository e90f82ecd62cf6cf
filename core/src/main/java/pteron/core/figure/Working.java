package pteron.core.figure;

import java.util.ArrayList;
import java.util.List;
import pteron.core.quantity.Quantity;

/**
 * How a figure came about. Immutable.
 *
 * @param formula as a carpenter or an engineer would write it
 * @param terms the numbers put in, in the order of the formula
 * @param source the book, standard or custom the formula comes from, and what it leaves out
 */
public record Working(String formula, List<Term> terms, String source) {

    /** Copies the list. */
    public Working {
        terms = List.copyOf(terms);
    }

    /** {@return a working begun with its formula} */
    public static Builder of(String formula) {
        return new Builder(formula);
    }

    /** Collects the terms of a working. */
    public static final class Builder {
        private final String formula;
        private final List<Term> terms = new ArrayList<>();

        private Builder(String formula) {
            this.formula = formula;
        }

        /** {@return this, with a term that the builder decided} */
        public Builder plan(String symbol, String meaning, Quantity quantity) {
            return term(new Term(symbol, meaning, quantity, Origin.PLAN));
        }

        /** {@return this, with a term from the material library} */
        public Builder material(String symbol, String meaning, Quantity quantity) {
            return term(new Term(symbol, meaning, quantity, Origin.MATERIAL));
        }

        /** {@return this, with a term from a standard} */
        public Builder standard(String symbol, String meaning, Quantity quantity) {
            return term(new Term(symbol, meaning, quantity, Origin.STANDARD));
        }

        /** {@return this, with a term that an earlier step worked out} */
        public Builder worked(String symbol, String meaning, Quantity quantity) {
            return term(new Term(symbol, meaning, quantity, Origin.WORKED_OUT));
        }

        /** {@return this, with a term} */
        public Builder term(Term term) {
            terms.add(term);
            return this;
        }

        /** {@return the working, with its source} */
        public Working source(String source) {
            return new Working(formula, terms, source);
        }
    }
}
