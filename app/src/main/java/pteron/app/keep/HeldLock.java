package pteron.app.keep;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;

/** A file locked as long as the process lives: the system lets go of it when the process is killed. */
final class HeldLock implements AutoCloseable {

    private final Path file;
    private final FileChannel channel;

    private HeldLock(Path file, FileChannel channel) {
        this.file = file;
        this.channel = channel;
    }

    /** {@return the lock, empty while this or another process holds it} */
    static Optional<HeldLock> take(Path file) throws IOException {
        Files.createDirectories(file.getParent());
        FileChannel channel =
                FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        try {
            FileLock lock = channel.tryLock();
            if (lock != null) {
                return Optional.of(new HeldLock(file, channel));
            }
        } catch (OverlappingFileLockException e) {
            // another window of this process holds it
        }
        channel.close();
        return Optional.empty();
    }

    @Override
    public void close() throws IOException {
        Files.deleteIfExists(file);
        channel.close();
    }
}
