package pteron.app.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import pteron.app.keep.Faults;

/** Fails a test in which a fault was caught by nobody, on any thread, or reported from beside. */
final class NoFaults implements BeforeAllCallback, AfterEachCallback {

    private static final List<Throwable> UNCAUGHT = new CopyOnWriteArrayList<>();
    private static final List<String> REPORTED = new CopyOnWriteArrayList<>();
    private static boolean listening;

    @Override
    public void beforeAll(ExtensionContext context) {
        Thread.setDefaultUncaughtExceptionHandler(
                (thread, fault) -> {
                    UNCAUGHT.add(fault);
                    fault.printStackTrace();
                });
        if (!listening) {
            Faults.tell(REPORTED::add);
            listening = true;
        }
    }

    @Override
    public void afterEach(ExtensionContext context) {
        List<Throwable> uncaught = List.copyOf(UNCAUGHT);
        List<String> reported = List.copyOf(REPORTED);
        forget();
        assertThat(uncaught).as("uncaught faults").isEmpty();
        assertThat(reported).as("reported faults").isEmpty();
    }

    /** Takes what has happened as meant. */
    static void forget() {
        UNCAUGHT.clear();
        REPORTED.clear();
    }

    static List<Throwable> uncaught() {
        return List.copyOf(UNCAUGHT);
    }
}
