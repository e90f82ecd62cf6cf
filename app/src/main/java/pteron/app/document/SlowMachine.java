package pteron.app.document;

import java.time.Duration;

/**
 * A machine that is slow for once: with {@code -Dpteron.delay=400} every plan takes 400 ms longer to be worked out, on
 * the thread that works it out. For trying by hand and in tests what drags and keys do meanwhile; 0 unless asked for.
 */
final class SlowMachine {

    private static final String DELAY_MS = "pteron.delay";

    private SlowMachine() {}

    /** Waits as long as was asked for; an interrupted wait ends at once and leaves the thread marked. */
    static void delay() {
        int delay = Integer.getInteger(DELAY_MS, 0);
        if (delay <= 0) {
            return;
        }
        try {
            Thread.sleep(Duration.ofMillis(delay));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
