package pteron.app.keep;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;

/** Which plan file a window has open, so that a second window on it can be told. */
public final class OpenPlans implements AutoCloseable {

    private final Path folder;
    private Optional<HeldLock> held = Optional.empty();

    /** Marks kept in a folder of the user's. */
    public OpenPlans(Path data) {
        this.folder = data.resolve("open");
    }

    /**
     * Marks a file as open and the one before as closed.
     *
     * @return whether it was not open in another window
     */
    public synchronized boolean open(Path file) {
        close();
        try {
            held = HeldLock.take(folder.resolve(Stamp.name(file) + ".lock"));
            return held.isPresent();
        } catch (IOException e) {
            // where marks cannot be kept, saving still looks whether the file was changed meanwhile
            Faults.note(e);
            return true;
        }
    }

    /** Marks the file as closed. */
    @Override
    public synchronized void close() {
        try {
            if (held.isPresent()) {
                held.get().close();
            }
        } catch (IOException e) {
            Faults.note(e);
        }
        held = Optional.empty();
    }
}
