package pteron.exchange.file;

import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermission;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Writes a file so that a crash leaves either the old or the new one whole. */
public final class WholeFile {

    private static final Set<PosixFilePermission> WRITERS =
            Set.of(
                    PosixFilePermission.OWNER_WRITE,
                    PosixFilePermission.GROUP_WRITE,
                    PosixFilePermission.OTHERS_WRITE);

    /** A file that is being written by us: a dot, the name, which machine and user, the number of the process, a running number. */
    private static final Pattern PART =
            Pattern.compile("\\..+\\.pteron-([0-9a-f]{8})-(\\d{1,10})-\\d{1,18}\\.part");

    /** Which machine and user this is: another's process of the same number is not ours. */
    static final String HERE = "%08x".formatted(here().hashCode());

    /** Longest name that the disk takes, less what a file that is being written has more. */
    private static final int LONGEST_STEM = 180;

    private static long running;

    private static String here() {
        String machine;
        try {
            machine = Files.readString(Path.of("/etc/machine-id"));
        } catch (IOException e) {
            machine = System.getenv().getOrDefault("COMPUTERNAME", "");
        }
        return machine.strip() + "/" + System.getProperty("user.name");
    }

    private final Path target;
    private final Path folder;
    private final Disk disk;

    private WholeFile(Path file, Disk disk) throws IOException {
        this.target = followed(file.toAbsolutePath());
        this.folder = target.getParent();
        this.disk = disk;
    }

    /**
     * Writes a file. A link is followed, owner and mode of an old file are kept.
     *
     * @param file where to
     * @param bytes what, whole
     * @throws IOException if it cannot be written; the old file then stands as it was
     */
    public static void write(Path file, byte[] bytes) throws IOException {
        write(file, bytes, Disk.REAL);
    }

    /**
     * Writes a file of an export. A link is not followed: it may lead out of the folder that was named.
     *
     * @throws IOException if there is a link, or it cannot be written
     */
    public static void writeHere(Path file, byte[] bytes) throws IOException {
        if (Files.isSymbolicLink(file)) {
            throw new IOException(
                    "%s is a link to %s; remove it or choose another folder"
                            .formatted(file, Files.readSymbolicLink(file)));
        }
        write(file, bytes);
    }

    static void write(Path file, byte[] bytes, Disk disk) throws IOException {
        new WholeFile(file, disk).write(bytes);
    }

    private void write(byte[] bytes) throws IOException {
        check();
        Path beside = beside();
        try {
            writeBy(beside, bytes);
        } catch (IOException e) {
            throw Told.of(e, beside, target);
        }
    }

    private void writeBy(Path beside, byte[] bytes) throws IOException {
        try {
            disk.writeNew(beside, bytes);
            if (!Files.exists(target) || disk.dressLike(target, beside)) {
                disk.move(beside, target);
                disk.forceNames(folder);
            } else {
                // another's file that the builder may write: it stays that one's
                disk.writeOver(target, bytes);
            }
        } finally {
            Files.deleteIfExists(beside);
        }
    }

    private void check() throws IOException {
        if (!Files.isDirectory(folder)) {
            throw new IOException(folder + " is no folder; make it first or save elsewhere");
        }
        if (Files.isDirectory(target)) {
            throw new IOException(target + " is a folder; give a file's name in it");
        }
        if (Files.exists(target) && !Files.isRegularFile(target)) {
            throw new IOException(target + " is a device or a pipe, no file; choose another name");
        }
        if (Files.exists(target) && isProtected(target)) {
            throw new IOException(
                    target + " is write-protected; take the protection off or save elsewhere");
        }
    }

    /** {@return whether nobody may write it, not even its owner, or this user may not} */
    private static boolean isProtected(Path file) throws IOException {
        PosixFileAttributeView view =
                Files.getFileAttributeView(file, PosixFileAttributeView.class);
        boolean nobody =
                view != null
                        && view.readAttributes().permissions().stream()
                                .noneMatch(WRITERS::contains);
        return nobody || !Files.isWritable(file);
    }

    private static Path followed(Path file) throws IOException {
        Path at = file;
        for (int links = 0; Files.isSymbolicLink(at); links++) {
            if (links > 40) {
                throw new FileSystemException(
                        file.toString(), null, "links lead round in a circle");
            }
            at = at.resolveSibling(Files.readSymbolicLink(at)).normalize();
        }
        return at;
    }

    private Path beside() {
        String name = target.getFileName().toString();
        String stem = name.length() > LONGEST_STEM ? name.substring(0, LONGEST_STEM) : name;
        return folder.resolve(
                ".%s.pteron-%s-%d-%d.part"
                        .formatted(stem, HERE, ProcessHandle.current().pid(), next()));
    }

    private static synchronized long next() {
        return ++running;
    }

    /**
     * Takes away what processes of this user on this machine that have ended left half written in a folder.
     *
     * @throws IOException if the folder cannot be read
     */
    public static void tidy(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return;
        }
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.toList()) {
                Matcher part = PART.matcher(file.getFileName().toString());
                if (part.matches()
                        && Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS)
                        && part.group(1).equals(HERE)
                        && ProcessHandle.of(Long.parseLong(part.group(2))).isEmpty()) {
                    Files.deleteIfExists(file);
                }
            }
        }
    }
}
