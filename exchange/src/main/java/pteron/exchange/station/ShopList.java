package pteron.exchange.station;

import java.util.function.Function;

/**
 * A list as CSV. Immutable.
 *
 * @param name what it is called, the end of its file's name: {@code cut-list}
 * @param text writes it
 */
public record ShopList(String name, Function<Job, String> text) {}
