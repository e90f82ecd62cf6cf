package pteron.app.keep;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/**
 * By which a file's content is known again. Immutable.
 *
 * @param digest SHA-256 of the content, empty where there is no file
 */
public record Stamp(String digest) {

    /** No file. */
    public static final Stamp NONE = new Stamp("");

    /** A file that was not looked at: whatever is there is another's. */
    public static final Stamp UNKNOWN = new Stamp("unknown");

    /** Size from which a file is no plan and is known by size and time alone (bytes). */
    private static final long LARGEST_BYTES = 64L << 20;

    /**
     * {@return the stamp of a file as it stands now}
     *
     * @throws IOException if it cannot be read, or is no file: a pipe would never end
     */
    public static Stamp of(Path file) throws IOException {
        try {
            BasicFileAttributes there = Files.readAttributes(file, BasicFileAttributes.class);
            if (!there.isRegularFile()) {
                throw new IOException(file + " is no file; choose another place");
            }
            if (there.size() > LARGEST_BYTES) {
                return new Stamp("large " + there.size() + " " + there.lastModifiedTime());
            }
            return of(Files.readAllBytes(file));
        } catch (NoSuchFileException e) {
            return NONE;
        }
    }

    /** {@return the stamp of a content} */
    public static Stamp of(byte[] content) {
        return new Stamp(hex(content));
    }

    /** {@return a short name that stands for a file, the same for every way of writing its path} */
    static String name(Path file) {
        Path whole;
        try {
            whole = file.toRealPath();
        } catch (IOException e) {
            whole = file.toAbsolutePath().normalize();
        }
        return hex(whole.toString().getBytes(StandardCharsets.UTF_8)).substring(0, 24);
    }

    private static String hex(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Impossible state: every Java has SHA-256", e);
        }
    }
}
