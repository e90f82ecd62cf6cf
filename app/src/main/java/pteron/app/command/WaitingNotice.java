package pteron.app.command;

import java.io.PrintStream;
import java.nio.file.Path;
import java.time.Duration;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;

/** Says what a command waits for while a pipe, a disk or the network does not answer; the command goes on waiting. */
final class WaitingNotice implements AutoCloseable {

    private static final Duration SILENT = Duration.ofSeconds(10);

    private final ScheduledExecutorService clock =
            Executors.newSingleThreadScheduledExecutor(
                    task -> Thread.ofPlatform().daemon().name("waiting notice").unstarted(task));

    WaitingNotice(Path file) {
        this(file, SILENT, System.err);
    }

    WaitingNotice(Path file, Duration silent, PrintStream out) {
        String sentence =
                "pteron: waiting for %s, which does not answer yet; Ctrl+C ends it".formatted(file);
        clock.schedule(() -> out.println(sentence), silent.toMillis(), TimeUnit.MILLISECONDS);
    }

    @Override
    public void close() {
        clock.shutdownNow();
    }
}
