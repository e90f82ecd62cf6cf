package pteron.app.keep;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import java.util.function.Predicate;
import pteron.core.plan.BoxPlan;
import pteron.exchange.file.FileWords;
import pteron.exchange.plan.RecoveryFile;

/**
 * Keeps an open plan against a power cut, and watches its file for changes by somebody else; each on a thread of its own, so
 * that a file that does not answer stops no keeping. What it is told it may be told on any thread.
 */
public final class Keeper implements AutoCloseable {

    /** How often it looks; with the time to write, an edit is kept within five seconds. */
    public static final Duration USUAL = Duration.ofSeconds(2);

    /**
     * Whom it asks and tells, on its own thread.
     *
     * @param own tells whether a file's content was written by this window, which was not told yet
     * @param changedByOthers is given the file that somebody else changed, once for each change
     * @param keeps is given a sentence when the plan cannot be kept, and nothing when it can be again; once for each turn
     */
    public record Listeners(
            Predicate<Stamp> own,
            Consumer<Path> changedByOthers,
            Consumer<Optional<String>> keeps) {}

    /** What there is to keep: plan and its file, and by what the file is known. */
    private record State(BoxPlan plan, boolean changed, Optional<Path> file, Stamp stamp) {}

    private final Recoveries recoveries;
    private final Listeners listeners;
    private final ScheduledExecutorService ticks =
            Executors.newSingleThreadScheduledExecutor(task -> daemon(task, "keeper"));
    private final ExecutorService watching =
            Executors.newSingleThreadExecutor(task -> daemon(task, "watch"));
    private final AtomicBoolean looks = new AtomicBoolean();
    private volatile State state;
    private Recoveries.Place place;
    private BoxPlan kept;
    private volatile Stamp told;
    private boolean failing;

    private static Thread daemon(Runnable task, String name) {
        Thread thread = new Thread(task, name);
        thread.setDaemon(true);
        return thread;
    }

    /** A keeper that looks so often. */
    public Keeper(Recoveries recoveries, Duration every, Listeners listeners) {
        this.recoveries = recoveries;
        this.listeners = listeners;
        long millis = every.toMillis();
        ticks.scheduleWithFixedDelay(this::tick, millis, millis, TimeUnit.MILLISECONDS);
    }

    /**
     * Tells how the document stands.
     *
     * @param plan the plan
     * @param changed whether it differs from what is saved
     * @param file its file, empty while it never was saved
     * @param stamp the file as it was read or saved last
     */
    public void stands(BoxPlan plan, boolean changed, Optional<Path> file, Stamp stamp) {
        state = new State(plan, changed, file, stamp);
    }

    /** Whatever goes wrong, it looks again. */
    private void tick() {
        State now = state;
        if (now == null) {
            return;
        }
        watchBeside(now);
        try {
            keep(now);
            kept();
        } catch (IOException e) {
            fail(FileWords.sentence(e));
        } catch (Throwable e) {
            // one report for each turn, not one for each look
            if (!failing) {
                fail(Faults.report(e));
            }
        }
    }

    private void kept() {
        if (failing) {
            failing = false;
            listeners.keeps.accept(Optional.empty());
        }
    }

    private void fail(String sentence) {
        if (!failing) {
            failing = true;
            listeners.keeps.accept(Optional.of(sentence));
        }
    }

    /** Looks at the file, unless it is still being looked at. */
    private void watchBeside(State now) {
        if (!watching.isShutdown() && looks.compareAndSet(false, true)) {
            watching.execute(
                    () -> {
                        try {
                            watch(now);
                        } catch (Throwable e) {
                            Faults.report(e);
                        } finally {
                            looks.set(false);
                        }
                    });
        }
    }

    private void keep(State now) throws IOException {
        if (!now.changed) {
            forget();
        } else if (!now.plan.equals(kept)) {
            if (place == null) {
                place = recoveries.newPlace();
            }
            new RecoveryFile(
                            now.plan,
                            now.file.map(Path::toAbsolutePath),
                            now.stamp.digest(),
                            Instant.now())
                    .write(place.file());
            kept = now.plan;
        }
    }

    private void forget() throws IOException {
        if (place != null) {
            place.close();
            place = null;
            kept = null;
        }
    }

    private void watch(State now) {
        if (now.file.isEmpty()) {
            return;
        }
        try {
            Stamp there = Stamp.of(now.file.get());
            // own writing is asked about first: the window is told before it ends to be under way
            boolean own = there.equals(now.stamp) || listeners.own.test(there);
            boolean other = !own && !there.equals(Stamp.NONE);
            boolean newer = state == now && !there.equals(told);
            told = other ? there : null;
            if (other && newer) {
                listeners.changedByOthers.accept(now.file.get());
            }
        } catch (IOException e) {
            // a folder that is gone is told when the plan is saved
            Faults.note(e);
        }
    }

    /** Keeps the plan now, and does something then, on the keeper's thread. */
    public void keepNow(Runnable then) {
        if (!ticks.isShutdown()) {
            ticks.execute(
                    () -> {
                        tick();
                        then.run();
                    });
        }
    }

    /** Ends; the kept plan goes, for it is saved or not wanted. */
    @Override
    public void close() {
        ticks.shutdown();
        watching.shutdownNow();
        try {
            if (!ticks.awaitTermination(5, TimeUnit.SECONDS)) {
                return;
            }
            forget();
        } catch (IOException e) {
            Faults.note(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
