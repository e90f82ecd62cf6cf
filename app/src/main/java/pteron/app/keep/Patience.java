package pteron.app.keep;

import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;

/** Asks a disk that may never answer. */
public final class Patience {

    private Patience() {}

    /**
     * {@return what a disk answers in time}
     *
     * <p>What takes longer goes on by itself on a thread that nobody waits for.
     *
     * @param most how long to wait
     * @param name what is asked, for the sentence
     * @param question the question
     * @throws IOException if it fails or does not answer in time
     */
    public static <T> T within(Duration most, Object name, Callable<T> question)
            throws IOException {
        CompletableFuture<T> answer = new CompletableFuture<>();
        Thread.ofPlatform()
                .daemon()
                .name("asks a disk")
                .start(
                        () -> {
                            try {
                                answer.complete(question.call());
                            } catch (Throwable e) {
                                answer.completeExceptionally(e);
                            }
                        });
        try {
            return answer.get(most.toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException e) {
            throw new IOException(name + " does not answer; check the disk or the network", e);
        } catch (ExecutionException e) {
            throw e.getCause() instanceof IOException fault
                    ? fault
                    : new IOException(name + " could not be reached; check it", e.getCause());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(name + " did not answer in time; try again", e);
        }
    }
}
