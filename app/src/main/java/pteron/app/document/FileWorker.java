package pteron.app.document;

import java.time.Duration;
import java.util.concurrent.Executors;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Does one thing after the other on a thread of its own. A thing that takes longer than may be waited for keeps its thread;
 * what comes after it is done by another. Nothing is interrupted: a disk that answers late ends what it began.
 */
final class FileWorker implements AutoCloseable {

    /** How long a slow disk may take when the window goes (s). */
    private static final long PATIENCE_SECONDS = 20;

    private final long patienceMillis;
    private final LinkedBlockingQueue<Job> queue = new LinkedBlockingQueue<>();
    private final AtomicInteger heldUp = new AtomicInteger();
    private final ScheduledExecutorService clock =
            Executors.newSingleThreadScheduledExecutor(task -> daemon(task, "patience"));
    private Hand hand = new Hand();

    /** Something to be done, and what is said when it takes long. */
    private record Job(Runnable work, Runnable slow) {

        /** After this nothing more is done. */
        static final Job LAST = new Job(() -> {}, () -> {});
    }

    FileWorker(Duration patience) {
        this.patienceMillis = patience.toMillis();
        hand.thread.start();
    }

    private static Thread daemon(Runnable task, String name) {
        Thread thread = new Thread(task, name);
        thread.setDaemon(true);
        return thread;
    }

    /**
     * Does something after what was asked for before.
     *
     * @param work what is done; what it throws it must tell itself
     * @param slow is run, once, when it takes longer than may be waited for
     */
    void submit(Runnable work, Runnable slow) {
        queue.add(new Job(work, slow));
    }

    /** A thread that does one job after the other until it is left behind with one that takes too long. */
    private final class Hand {

        private final Thread thread = daemon(this::work, "files");
        private volatile boolean leftBehind;

        private void work() {
            try {
                Job job = queue.take();
                while (job != Job.LAST) {
                    done(job);
                    if (leftBehind) {
                        heldUp.decrementAndGet();
                        return;
                    }
                    job = queue.take();
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        }

        private void done(Job job) {
            ScheduledFuture<?> alarm =
                    clock.schedule(() -> leaveBehind(job), patienceMillis, TimeUnit.MILLISECONDS);
            try {
                job.work.run();
            } finally {
                alarm.cancel(false);
            }
        }

        private void leaveBehind(Job job) {
            leftBehind = true;
            heldUp.incrementAndGet();
            next();
            job.slow.run();
        }
    }

    private synchronized void next() {
        hand = new Hand();
        hand.thread.start();
    }

    /** Ends; what was asked to be written is written, even when the window goes, as far as the disk answers. */
    @Override
    public void close() {
        queue.add(Job.LAST);
        Hand last;
        synchronized (this) {
            last = hand;
        }
        try {
            last.thread.join(TimeUnit.SECONDS.toMillis(PATIENCE_SECONDS));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        clock.shutdown();
        if (last.thread.isAlive() || heldUp.get() > 0) {
            System.err.println("pteron: a file is still being written");
        }
    }
}
