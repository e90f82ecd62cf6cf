package pteron.app.keep;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import pteron.exchange.file.WholeFile;
import pteron.exchange.plan.PlanFormatException;
import pteron.exchange.plan.RecoveryFile;

/** Plans kept against a power cut, in the user's data folder. */
public final class Recoveries {

    private static final String ENDING = ".json";

    private final Path folder;

    /** Plans kept in a folder of the user's. */
    public Recoveries(Path data) {
        this.folder = data.resolve("recovery");
    }

    /**
     * What was left by a process that ended without closing its plan. Immutable.
     *
     * @param place where it is kept
     * @param kept the plan, its file and when it was kept
     */
    public record Left(Path place, RecoveryFile kept) {}

    /** A place of its own for an open plan; held as long as the process lives. */
    static final class Place implements AutoCloseable {
        private final Path file;
        private final HeldLock lock;

        private Place(Path file, HeldLock lock) {
            this.file = file;
            this.lock = lock;
        }

        Path file() {
            return file;
        }

        /** Takes the kept plan away: it is saved, or the builder let it go. */
        @Override
        public void close() throws IOException {
            Files.deleteIfExists(file);
            lock.close();
        }
    }

    Place newPlace() throws IOException {
        Path file = folder.resolve(UUID.randomUUID() + ENDING);
        HeldLock lock =
                HeldLock.take(lock(file))
                        .orElseThrow(
                                () ->
                                        new IllegalStateException(
                                                "Impossible state: a new name is locked"));
        return new Place(file, lock);
    }

    private static Path lock(Path file) {
        return file.resolveSibling(file.getFileName() + ".lock");
    }

    /** {@return what processes that have ended left, newest first; what cannot be read stays where it is} */
    public List<Left> left() {
        List<Left> all = new ArrayList<>();
        try {
            WholeFile.tidy(folder);
            for (Path file : files()) {
                if (isAbandoned(file)) {
                    read(file).ifPresent(all::add);
                }
            }
        } catch (IOException e) {
            Faults.note(e);
        }
        all.sort(Comparator.comparing((Left left) -> left.kept().time()).reversed());
        return all;
    }

    private List<Path> files() throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.toString().endsWith(ENDING)).sorted().toList();
        }
    }

    private static boolean isAbandoned(Path file) throws IOException {
        Optional<HeldLock> lock = HeldLock.take(lock(file));
        if (lock.isPresent()) {
            lock.get().close();
        }
        return lock.isPresent();
    }

    private static Optional<Left> read(Path file) {
        try {
            return Optional.of(new Left(file, RecoveryFile.read(file)));
        } catch (PlanFormatException | IOException e) {
            Faults.note(e);
        }
        return Optional.empty();
    }

    /** Takes away what was left: it is opened again, or not wanted. */
    public void forget(Left left) {
        try {
            Files.deleteIfExists(left.place());
            Files.deleteIfExists(lock(left.place()));
        } catch (IOException e) {
            Faults.note(e);
        }
    }
}
