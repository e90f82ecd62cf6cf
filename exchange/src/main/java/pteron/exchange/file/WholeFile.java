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
import java.util.UUID;

/** Writes a file so that a crash leaves either the old or the new one whole. */
public final class WholeFile {

    private WholeFile() {}

    /**
     * Writes a file.
     *
     * @param file where to
     * @param bytes what, whole
     * @throws IOException if it cannot be written; the old file then stands as it was
     */
    public static void write(Path file, byte[] bytes) throws IOException {
        Path target = file.toAbsolutePath();
        Path folder = target.getParent();
        if (!Files.isDirectory(folder)) {
            throw new IOException(folder + " is no folder; make it first or save elsewhere");
        }
        Path beside =
                folder.resolve("." + target.getFileName() + "." + UUID.randomUUID() + ".part");
        try {
            try (FileChannel channel =
                    FileChannel.open(
                            beside, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
                ByteBuffer left = ByteBuffer.wrap(bytes);
                while (left.hasRemaining()) {
                    channel.write(left);
                }
                channel.force(true);
            }
            keepPermissions(target, beside);
            move(beside, target);
        } finally {
            Files.deleteIfExists(beside);
        }
    }

    /** Whoever could read or write the old file can do so with the new one. */
    private static void keepPermissions(Path old, Path other) throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(old, PosixFileAttributeView.class);
        if (view != null && Files.isRegularFile(old)) {
            Files.setPosixFilePermissions(other, view.readAttributes().permissions());
        }
    }

    private static void move(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }
}
