package pteron.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The sources of the product. */
final class Sources {

    private static final Path ROOT = Path.of("").toAbsolutePath().getParent();

    private Sources() {}

    /** {@return all source files but tests and measurements} */
    static List<Path> all() throws IOException {
        List<Path> sources = new ArrayList<>();
        for (String module : List.of("core", "exchange", "standins", "app")) {
            try (Stream<Path> files = Files.walk(ROOT.resolve(module + "/src/main/java"))) {
                files.filter(file -> file.toString().endsWith(".java")).forEach(sources::add);
            }
        }
        return sources;
    }
}
