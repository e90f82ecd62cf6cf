package pteron.exchange.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WholeFileTest {

    @TempDir Path folder;

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void write_newAndOver() throws IOException {
        Path file = folder.resolve("a");
        WholeFile.write(file, bytes("one"));
        WholeFile.write(file, bytes("two"));
        assertThat(Files.readString(file)).isEqualTo("two");
    }

    @Test
    void write_keepsThePermissions() throws IOException {
        Path file = folder.resolve("shared");
        WholeFile.write(file, bytes("one"));
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw-r--"));
        WholeFile.write(file, bytes("two"));
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-rw-r--");
    }

    /** A reader beside the writer never sees half a file. */
    @Test
    void write_isSeenWholeOrNotAtAll() throws Exception {
        Path file = folder.resolve("a");
        String old = "a".repeat(300_000);
        String other = "b".repeat(200_000);
        WholeFile.write(file, bytes(old));
        AtomicBoolean done = new AtomicBoolean();
        Thread writer =
                Thread.ofPlatform()
                        .start(
                                () -> {
                                    try {
                                        for (int i = 0; i < 60; i++) {
                                            WholeFile.write(file, bytes(i % 2 == 0 ? other : old));
                                        }
                                    } catch (IOException e) {
                                        throw new IllegalStateException(e);
                                    } finally {
                                        done.set(true);
                                    }
                                });
        while (!done.get()) {
            assertThat(Files.readString(file)).isIn(old, other);
        }
        writer.join();
        try (Stream<Path> all = Files.list(folder)) {
            assertThat(all).containsExactly(file);
        }
    }

    @Test
    void write_failing_leavesTheOldFileAndNoRest() throws IOException {
        Path target = folder.resolve("taken");
        Files.createDirectories(target.resolve("inside"));
        assertThatThrownBy(() -> WholeFile.write(target, bytes("x")))
                .isInstanceOf(IOException.class);
        assertThat(target.resolve("inside")).isDirectory();
        try (Stream<Path> all = Files.list(folder)) {
            assertThat(all).containsExactly(target);
        }
    }

    /** The steps of writing, one of which fails. */
    private static final class Failing extends Disk {
        private final int failsAt;
        private int step;

        Failing(int failsAt) {
            this.failsAt = failsAt;
        }

        private void step() throws IOException {
            if (step++ == failsAt) {
                throw new IOException("No space left on device");
            }
        }

        @Override
        void writeNew(Path file, byte[] bytes) throws IOException {
            step();
            super.writeNew(file, Arrays.copyOf(bytes, bytes.length / 2));
            step();
            Files.delete(file);
            super.writeNew(file, bytes);
            step();
        }

        @Override
        boolean dressLike(Path old, Path other) throws IOException {
            step();
            return super.dressLike(old, other);
        }

        @Override
        void move(Path from, Path to) throws IOException {
            step();
            super.move(from, to);
        }

        @Override
        void forceNames(Path folder) throws IOException {
            step();
            super.forceNames(folder);
        }
    }

    /** Whatever step fails, the file is the old or the new one, whole, and nothing lies beside it. */
    @Test
    void write_failingAtAnyStep() throws IOException {
        int failed = 0;
        for (int at = 0; at < 8; at++) {
            Path file = folder.resolve("plan" + at);
            WholeFile.write(file, bytes("old"));
            try {
                WholeFile.write(file, bytes("the new one"), new Failing(at));
            } catch (IOException e) {
                failed++;
            }
            assertThat(Files.readString(file)).isIn("old", "the new one");
        }
        assertThat(failed).isEqualTo(6);
        try (Stream<Path> all = Files.list(folder)) {
            assertThat(all).hasSize(8).noneMatch(f -> f.toString().endsWith(".part"));
        }
    }

    /** A fault is told of the file that was meant, with the sentence that was written for it. */
    @Test
    void faults_nameTheFileThatWasMeant() throws IOException {
        Path file = folder.resolve("plan.json");
        WholeFile.write(file, bytes("old"));
        assertThatThrownBy(() -> WholeFile.write(file, bytes("the new one"), new Failing(1)))
                .isInstanceOfSatisfying(
                        IOException.class,
                        e ->
                                assertThat(FileWords.sentence(e))
                                        .contains("the disk is full at " + file)
                                        .doesNotContain(".part"));
        Disk readOnly =
                new Disk() {
                    @Override
                    void writeNew(Path beside, byte[] bytes) throws IOException {
                        throw new FileSystemException(
                                beside.toString(), null, "Read-only file system");
                    }
                };
        assertThatThrownBy(() -> WholeFile.write(file, bytes("x"), readOnly))
                .isInstanceOfSatisfying(
                        IOException.class,
                        e ->
                                assertThat(FileWords.sentence(e))
                                        .contains(file + " is on a disk that is read-only")
                                        .doesNotContain(".part"));
        Disk forbidden =
                new Disk() {
                    @Override
                    void writeNew(Path beside, byte[] bytes) throws IOException {
                        throw new AccessDeniedException(beside.toString());
                    }
                };
        assertThatThrownBy(() -> WholeFile.write(file, bytes("x"), forbidden))
                .isInstanceOfSatisfying(
                        IOException.class,
                        e ->
                                assertThat(FileWords.sentence(e))
                                        .contains(folder + " is a folder that you may not write in")
                                        .doesNotContain(".part"));
        // a name as long as the disk takes is written all the same
        Path longest = folder.resolve("x".repeat(250) + ".json");
        WholeFile.write(longest, bytes("new"));
        assertThat(Files.readString(longest)).isEqualTo("new");
    }

    /** What others are writing stays, and a number that is no process keeps no folder from being read. */
    @Test
    void tidy_leavesOthersAlone() throws IOException {
        List<String> others =
                List.of(
                        ".plan.json.999999-1.part",
                        ".plan.json.99999999999999999999999999-1.part",
                        ".plan.json.pteron-00000000-999999-1.part",
                        ".plan.json.pteron-00000000-99999999999999999999-1.part",
                        "plan.part");
        for (String name : others) {
            Files.writeString(folder.resolve(name), "half");
        }
        WholeFile.tidy(folder);
        for (String name : others) {
            assertThat(folder.resolve(name)).exists();
        }
    }

    @Test
    void write_followsALink() throws IOException {
        Path real = Files.createDirectory(folder.resolve("real")).resolve("plan.json");
        Files.writeString(real, "old");
        Path link =
                Files.createSymbolicLink(folder.resolve("link.json"), Path.of("real/plan.json"));
        Path second = Files.createSymbolicLink(folder.resolve("second.json"), link);
        WholeFile.write(second, bytes("new"));
        assertThat(Files.isSymbolicLink(link)).isTrue();
        assertThat(Files.isSymbolicLink(second)).isTrue();
        assertThat(Files.readString(real)).isEqualTo("new");
        Path round = folder.resolve("round");
        Files.createSymbolicLink(round, round);
        assertThatThrownBy(() -> WholeFile.write(round, bytes("x")))
                .isInstanceOf(IOException.class);
    }

    @Test
    void write_refusesAProtectedFile() throws IOException {
        Path file = folder.resolve("protected");
        Files.writeString(file, "old");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
        assertThatThrownBy(() -> WholeFile.write(file, bytes("new")))
                .hasMessageContaining("write-protected")
                .hasMessageContaining("save elsewhere");
        assertThat(Files.readString(file)).isEqualTo("old");
    }

    /** Writes a file in a process of its own, as another user where this is root. */
    public static void main(String[] words) throws IOException {
        try {
            WholeFile.write(Path.of(words[0]), bytes(words[1]));
            System.out.println("written");
        } catch (IOException e) {
            System.out.println(FileWords.sentence(e));
        }
    }

    private String asNobody(Path file, String text) throws Exception {
        Path classes = Files.createDirectories(folder.resolve("classes"));
        for (Class<?> root : new Class<?>[] {WholeFile.class, WholeFileTest.class}) {
            Path from =
                    Path.of(root.getProtectionDomain().getCodeSource().getLocation().toURI())
                            .resolve("pteron/exchange/file");
            Path to = Files.createDirectories(classes.resolve("pteron/exchange/file"));
            try (Stream<Path> all = Files.list(from)) {
                for (Path one : all.toList()) {
                    Files.copy(one, to.resolve(one.getFileName()));
                }
            }
        }
        List<String> command = new ArrayList<>();
        if (isRoot()) {
            command.addAll(List.of("setpriv", "--reuid=65534", "--regid=65534", "--clear-groups"));
        }
        command.addAll(
                List.of(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        classes.toString(),
                        WholeFileTest.class.getName(),
                        file.toString(),
                        text));
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        return said;
    }

    private static boolean isRoot() {
        return System.getProperty("user.name").equals("root");
    }

    private void open(Path path, String mode) throws IOException {
        Files.setPosixFilePermissions(path, PosixFilePermissions.fromString(mode));
    }

    /** Somebody who is not root: another's protected file is refused, a shared one stays its owner's. */
    @Test
    void write_byAUserWhoIsNotRoot() throws Exception {
        open(folder, "rwxrwxrwx");
        Path shut = folder.resolve("shut");
        Files.writeString(shut, "old");
        open(shut, isRoot() ? "rw-r--r--" : "r--r--r--");
        assertThat(asNobody(shut, "new")).contains("write-protected");
        assertThat(Files.readString(shut)).isEqualTo("old");
        deleteClasses();
        Path shared = folder.resolve("shared");
        Files.writeString(shared, "old");
        open(shared, "rw-rw-rw-");
        String owner = Files.getOwner(shared).getName();
        assertThat(asNobody(shared, "new")).contains("written");
        assertThat(Files.readString(shared)).isEqualTo("new");
        assertThat(Files.getOwner(shared).getName()).isEqualTo(owner);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(shared)))
                .isEqualTo("rw-rw-rw-");
        deleteClasses();
        try (Stream<Path> all = Files.list(folder)) {
            assertThat(all).containsExactlyInAnyOrder(shut, shared);
        }
    }

    private void deleteClasses() throws IOException {
        try (Stream<Path> all = Files.walk(folder.resolve("classes"))) {
            for (Path one : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(one);
            }
        }
    }

    /** What a killed process left goes; what a living one writes stays. */
    @Test
    void tidy_takesAwayWhatTheDeadLeft() throws Exception {
        Process gone = new ProcessBuilder("true").start();
        gone.waitFor();
        Path dead = folder.resolve(part(gone.pid(), 1));
        Path living = folder.resolve(part(ProcessHandle.current().pid(), 9));
        Path other = folder.resolve("mine.part");
        for (Path file : List.of(dead, living, other)) {
            Files.writeString(file, "half");
        }
        WholeFile.tidy(folder);
        assertThat(dead).doesNotExist();
        assertThat(living).exists();
        assertThat(other).exists();
    }

    private static String part(long process, int number) {
        return ".plan.json.pteron-%s-%d-%d.part".formatted(WholeFile.HERE, process, number);
    }
}
