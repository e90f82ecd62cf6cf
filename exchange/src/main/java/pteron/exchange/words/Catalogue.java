package pteron.exchange.words;

import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import pteron.exchange.route.FileRoute;
import pteron.exchange.station.StationWords;

/** The words of all stations together; no two stations word the same thing. */
final class Catalogue {

    private Catalogue() {}

    static Map<String, String> of(Function<StationWords, Map<String, String>> kind) {
        return FileRoute.ALL.stream()
                .flatMap(files -> kind.apply(files.words()).entrySet().stream())
                .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));
    }
}
