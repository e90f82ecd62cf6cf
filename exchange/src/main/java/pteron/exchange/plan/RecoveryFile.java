package pteron.exchange.plan;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.Optional;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.exchange.file.WholeFile;

/**
 * A plan as it stood while it was worked on, kept against a power cut. Immutable.
 *
 * @param plan the plan
 * @param file where it belongs, empty for one that was never saved
 * @param known by what that file was known when it was read or saved last, empty while it never was, and where a file
 *     of an earlier version does not tell
 * @param time when it was kept
 */
public record RecoveryFile(BoxPlan plan, Optional<Path> file, String known, Instant time) {

    private static final String FORMAT = "pteron-recovery";
    private static final JsonMapper MAPPER = new JsonMapper();

    /**
     * Writes it whole.
     *
     * @throws IOException if it cannot be written
     */
    public void write(Path where) throws IOException {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", FORMAT);
        file.ifPresent(path -> root.put("file", path.toString()));
        root.put("known", known);
        root.put("time", time.toString());
        root.set("plan", PlanWriter.tree(plan));
        WholeFile.write(where, root.toString().getBytes(StandardCharsets.UTF_8));
    }

    /**
     * {@return what was kept}
     *
     * @throws PlanFormatException if it is no good recovery file
     * @throws IOException if it cannot be read
     */
    public static RecoveryFile read(Path where) throws PlanFormatException, IOException {
        JsonNode root = MAPPER.readTree(Files.readAllBytes(where));
        if (!root.path("format").asText().equals(FORMAT)) {
            throw new PlanFormatException("format", "is not " + FORMAT + "; this is another file");
        }
        BoxPlan plan = new PlanReader(MaterialLibrary.starting()).read(root.path("plan"));
        String file = root.path("file").asText("");
        try {
            return new RecoveryFile(
                    plan,
                    file.isEmpty() ? Optional.empty() : Optional.of(Path.of(file)),
                    root.path("known").asText(""),
                    Instant.parse(root.path("time").asText()));
        } catch (DateTimeException e) {
            throw new PlanFormatException("time", "is no time; the file is spoilt");
        }
    }
}
