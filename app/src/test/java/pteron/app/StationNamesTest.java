package pteron.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import pteron.core.model.Route;
import pteron.core.station.Station;

/** No string names a station outside its own registration and the format of plan files. */
class StationNamesTest {

    /** Words of a sentence or keys of the plan file that happen to be the name of a station. */
    private static final Set<String> WORDS =
            Set.of(
                    "MakeUpStage.java: \"frame\"",
                    "OpeningStage.java: \"openings\"",
                    "PlanKeys.java: \"outline.",
                    "BoxPlan.java: \"openings\"",
                    "CuttingDesk.java: \"cutting\"");

    @Test
    void stations_areNamedByTheirType() throws IOException {
        String keys =
                Route.stations().stream()
                        .map(Station::key)
                        .map(Pattern::quote)
                        .collect(Collectors.joining("|"));
        Pattern name = Pattern.compile("\"(" + keys + ")[.\"]");
        List<String> named = new ArrayList<>();
        int files = 0;
        for (Path file : Sources.all()) {
            boolean ownName = file.toString().endsWith("Station.java");
            if (ownName || file.toString().contains("/exchange/plan/")) {
                continue;
            }
            files++;
            Matcher found = name.matcher(Files.readString(file));
            while (found.find()) {
                named.add(file.getFileName() + ": " + found.group());
            }
        }
        assertThat(files).isGreaterThan(400);
        assertThat(named).filteredOn(one -> !WORDS.contains(one)).isEmpty();
        assertThat(named).containsAll(WORDS);
    }
}
