package pteron.app.document;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.app.keep.UserFolders;
import pteron.exchange.file.WholeFile;

/** The files opened last, newest first, kept in the user's settings folder. */
public final class RecentFiles {

    /** Most files that are remembered: as many as fit the start screen. */
    private static final int MOST = 8;

    private final Path list;

    /** Recent files kept in a folder. */
    public RecentFiles(Path folder) {
        this.list = folder.resolve("recent-files.txt");
    }

    /** {@return those of the user, in {@code ~/.config/pteron} or where {@code pteron.settings} says} */
    public static RecentFiles ofUser() {
        return new RecentFiles(UserFolders.settings());
    }

    /** {@return the files that still exist, newest first} */
    public List<Path> all() {
        try {
            return Files.exists(list)
                    ? Files.readAllLines(list).stream()
                            .filter(line -> !line.isBlank())
                            .flatMap(line -> path(line).stream())
                            .filter(Files::exists)
                            .limit(MOST)
                            .toList()
                    : List.of();
        } catch (IOException e) {
            // a list that cannot be read is an empty one: it is a comfort, not the builder's work
            return List.of();
        }
    }

    private static Optional<Path> path(String line) {
        try {
            return Optional.of(Path.of(line));
        } catch (InvalidPathException e) {
            // a damaged line names no file
            return Optional.empty();
        }
    }

    /** Puts a file first. */
    public void opened(Path file) {
        List<String> lines = new ArrayList<>();
        Path whole = file.toAbsolutePath().normalize();
        lines.add(whole.toString());
        all().stream()
                .filter(other -> !other.equals(whole))
                .map(Path::toString)
                .forEach(lines::add);
        try {
            Files.createDirectories(list.getParent());
            String text = String.join("\n", lines.stream().limit(MOST).toList()) + "\n";
            WholeFile.write(list, text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            System.getLogger("pteron").log(System.Logger.Level.DEBUG, "recent files not kept", e);
        }
    }
}
