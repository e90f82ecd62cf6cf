package pteron.exchange.file;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;

/** The steps of writing a file, one by one, so that each can be made to fail in a test. */
class Disk {

    /** The real one. */
    static final Disk REAL = new Disk();

    /** Writes a new file and forces it to the disk. */
    void writeNew(Path file, byte[] bytes) throws IOException {
        write(file, bytes, StandardOpenOption.CREATE_NEW);
    }

    /** Writes over a file that stands and forces it to the disk. */
    void writeOver(Path file, byte[] bytes) throws IOException {
        write(file, bytes, StandardOpenOption.TRUNCATE_EXISTING);
    }

    private static void write(Path file, byte[] bytes, StandardOpenOption how) throws IOException {
        try (FileChannel channel = FileChannel.open(file, how, StandardOpenOption.WRITE)) {
            ByteBuffer left = ByteBuffer.wrap(bytes);
            while (left.hasRemaining()) {
                channel.write(left);
            }
            channel.force(true);
        }
    }

    /**
     * Gives a file owner, group and mode of another.
     *
     * @return whether that may be done
     */
    boolean dressLike(Path old, Path other) throws IOException {
        PosixFileAttributeView before =
                Files.getFileAttributeView(old, PosixFileAttributeView.class);
        PosixFileAttributeView after =
                Files.getFileAttributeView(other, PosixFileAttributeView.class);
        if (before == null || after == null) {
            return true;
        }
        PosixFileAttributes wanted = before.readAttributes();
        PosixFileAttributes now = after.readAttributes();
        try {
            if (!now.owner().equals(wanted.owner())) {
                after.setOwner(wanted.owner());
            }
            if (!now.group().equals(wanted.group())) {
                after.setGroup(wanted.group());
            }
        } catch (IOException e) {
            // only the owner, or root, may give a file away
            return false;
        }
        after.setPermissions(wanted.permissions());
        return true;
    }

    /** Gives a file another's name, in one step where the disk can. */
    void move(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** Forces the names in a folder to the disk, where the system lets a folder be opened. */
    void forceNames(Path folder) throws IOException {
        try (FileChannel names = FileChannel.open(folder, StandardOpenOption.READ)) {
            names.force(true);
        }
    }
}
