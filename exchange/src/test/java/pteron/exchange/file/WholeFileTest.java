package pteron.exchange.file;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
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
}
