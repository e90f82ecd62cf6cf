package pteron.core.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
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

    /** Where a number of a working can be followed to. */
    public sealed interface Lead {

        /** It was decided or looked up: it leads no further. */
        Lead END = new End();

        /** The number stands by itself. Immutable. */
        record End() implements Lead {}

        /**
         * The number is a figure of its own. Immutable.
         *
         * @param key key of that figure
         */
        record ToFigure(String key) implements Lead {}

        /**
         * The number is no figure, but was worked out all the same. Immutable but for what it writes.
         *
         * @param working writes out how
         */
        record ToWorking(Supplier<Working> working) implements Lead {}
    }

    /**
     * One number put into a formula. Immutable.
     *
     * @param symbol as the formula writes it
     * @param meaning in words a builder reads
     * @param quantity the number with its unit
     * @param origin where it came from
     * @param lead where it can be followed to
     */
    public record Term(
            String symbol, String meaning, Quantity quantity, Origin origin, Lead lead) {}

    /** Collects the terms of a working. */
    public static final class Builder {
        private final String formula;
        private final List<Term> terms = new ArrayList<>();

        private Builder(String formula) {
            this.formula = formula;
        }

        /** {@return this, with a term that the builder decided} */
        public Builder plan(String symbol, String meaning, Quantity quantity) {
            return term(new Term(symbol, meaning, quantity, Origin.PLAN, Lead.END));
        }

        /** {@return this, with a term from the material library} */
        public Builder material(String symbol, String meaning, Quantity quantity) {
            return term(new Term(symbol, meaning, quantity, Origin.MATERIAL, Lead.END));
        }

        /** {@return this, with a term from a standard} */
        public Builder standard(String symbol, String meaning, Quantity quantity) {
            return term(new Term(symbol, meaning, quantity, Origin.STANDARD, Lead.END));
        }

        /** {@return this, with a term that is a figure of its own, by its key} */
        public Builder worked(String symbol, String meaning, Quantity quantity, String figure) {
            return worked(symbol, meaning, quantity, new Lead.ToFigure(figure));
        }

        /** {@return this, with a term that is no figure but was worked out: how is written when asked for} */
        public Builder worked(
                String symbol, String meaning, Quantity quantity, Supplier<Working> working) {
            return worked(symbol, meaning, quantity, new Lead.ToWorking(working));
        }

        private Builder worked(String symbol, String meaning, Quantity quantity, Lead lead) {
            return term(new Term(symbol, meaning, quantity, Origin.WORKED_OUT, lead));
        }

        private Builder term(Term term) {
            terms.add(term);
            return this;
        }

        /** {@return the working, with its source} */
        public Working source(String source) {
            return new Working(formula, terms, source);
        }
    }
}
