package pteron.app.keep;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import pteron.core.plan.BoxPlan;
import pteron.exchange.file.WholeFile;
import pteron.exchange.plan.PlanFile;

/** The last saves of each file, kept in the user's data folder. */
public final class EarlierSaves {

    /** Most saves of a file that are kept. */
    public static final int MOST = 20;

    private final Path folder;

    /** Saves kept in a folder of the user's. */
    public EarlierSaves(Path data) {
        this.folder = data.resolve("saves");
    }

    /**
     * A save. Immutable.
     *
     * @param time when it was written
     * @param copy where it is kept
     */
    public record Save(Instant time, Path copy) {}

    private Path of(Path file) {
        return folder.resolve(Stamp.name(file));
    }

    /** Keeps what was saved; the oldest beyond {@link #MOST} goes. */
    public void keep(BoxPlan plan, Path file, Instant time) throws IOException {
        keep(PlanFile.text(plan).getBytes(StandardCharsets.UTF_8), file, time);
    }

    /** Keeps what a file holds now, as before it is written over. */
    public void keepOther(Path file, Instant time) throws IOException {
        keep(Files.readAllBytes(file), file, time);
    }

    private void keep(byte[] content, Path file, Instant time) throws IOException {
        Path saves = of(file);
        Files.createDirectories(saves);
        long millis = time.toEpochMilli();
        while (Files.exists(saves.resolve(millis + ".json"))) {
            millis++;
        }
        WholeFile.write(saves.resolve(millis + ".json"), content);
        List<Save> all = all(file);
        for (Save old : all.subList(Math.min(MOST, all.size()), all.size())) {
            Files.deleteIfExists(old.copy());
        }
    }

    /** {@return the kept saves of a file, newest first} */
    public List<Save> all(Path file) throws IOException {
        Path saves = of(file);
        if (!Files.isDirectory(saves)) {
            return List.of();
        }
        try (Stream<Path> copies = Files.list(saves)) {
            return copies.filter(copy -> copy.getFileName().toString().matches("\\d{1,18}\\.json"))
                    .map(copy -> new Save(time(copy), copy))
                    .sorted(Comparator.comparing(Save::time).reversed())
                    .toList();
        }
    }

    private static Instant time(Path copy) {
        String name = copy.getFileName().toString();
        return Instant.ofEpochMilli(Long.parseLong(name.substring(0, name.indexOf('.'))));
    }
}
