package pteron.core.cutting;

import java.util.function.BooleanSupplier;
import java.util.function.Supplier;

/** Asks beside, while a solver runs, whether to stop, and interrupts the solver then. */
final class Interruption {

    /** How long a wish to stop may wait (ms). */
    static final long PATIENCE_MS = 20;

    private Interruption() {}

    /**
     * {@return what the work gives}
     *
     * @param stopped asked again and again while it works
     * @param interrupt makes the work end early; is not called any more once this returns
     * @param work runs on the calling thread
     */
    static <T> T during(BooleanSupplier stopped, Runnable interrupt, Supplier<T> work) {
        Thread watch = Thread.ofVirtual().start(() -> watch(stopped, interrupt));
        try {
            return work.get();
        } finally {
            watch.interrupt();
            end(watch);
        }
    }

    private static void watch(BooleanSupplier stopped, Runnable interrupt) {
        try {
            while (!stopped.getAsBoolean()) {
                Thread.sleep(PATIENCE_MS);
            }
            interrupt.run();
        } catch (InterruptedException e) {
            // the solver came to its end first
            Thread.currentThread().interrupt();
        }
    }

    private static void end(Thread watch) {
        boolean interrupted = false;
        while (watch.isAlive()) {
            try {
                watch.join();
            } catch (InterruptedException e) {
                interrupted = true;
            }
        }
        if (interrupted) {
            Thread.currentThread().interrupt();
        }
    }
}
