package pteron.exchange.station;

import java.util.function.Function;
import java.util.function.Predicate;

/**
 * A list as CSV. Immutable.
 *
 * @param name what it is called, the end of its file's name: {@code cut-list}
 * @param wanted whether a job has anything for it; others write no file
 * @param text writes it
 */
public record ShopList(String name, Predicate<Job> wanted, Function<Job, String> text) {

    /** A list of every job. */
    public ShopList(String name, Function<Job, String> text) {
        this(name, job -> true, text);
    }
}
