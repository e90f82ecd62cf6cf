package pteron.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** How near is equal is said by name: no bare 0.01, 0.5 or 1e-9 in a condition of the core. */
class ToleranceNamesTest {

    private static final Pattern BARE =
            Pattern.compile("[<>]=? *-?(0\\.\\d|1e-)|[<>][^;]*[+-] *(0\\.01|0\\.5|1e-\\d+)\\b");

    private static boolean isBare(String line) {
        return BARE.matcher(line).find()
                && !line.contains("static final")
                && !line.strip().startsWith("*");
    }

    @Test
    void tolerances_haveNames() throws IOException {
        List<String> bare = new ArrayList<>();
        for (Path file : Sources.all()) {
            if (file.toString().contains("/core/src/main/")) {
                for (String line : Files.readAllLines(file)) {
                    if (isBare(line)) {
                        bare.add(file.getFileName() + ": " + line.strip());
                    }
                }
            }
        }
        assertThat(bare).isEmpty();
        assertThat(isBare("if (left < right - 0.01) {")).isTrue();
        assertThat(isBare("return Math.abs(turn) < 1e-9;")).isTrue();
    }
}
