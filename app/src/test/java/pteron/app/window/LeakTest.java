package pteron.app.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.management.ManagementFactory;
import java.lang.ref.WeakReference;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import pteron.core.model.Route;
import pteron.exchange.demo.Demos;

/**
 * Plans that were opened and closed are let go. On a stage of its own: the robot of the other tests remembers
 * every event with its node.
 */
class LeakTest {

    /** Plans opened and closed; {@code -Dpteron.opened=200} for the longer run. */
    private static final int OPENED = Integer.getInteger("pteron.opened", 24);

    private static final int WARM = 5;

    /** So many times the heap is read again, a second each, until it has come down. */
    private static final int PATIENCE = 40;

    @RegisterExtension static final NoFaults FAULTS = new NoFaults();

    @TempDir static Path settings;

    private AppWindow window;

    private static void onScreen(Runnable act) throws Exception {
        FutureTask<Void> task = new FutureTask<>(act, null);
        Platform.runLater(task);
        task.get(30, TimeUnit.SECONDS);
    }

    @BeforeEach
    void open() throws Exception {
        System.setProperty("pteron.settings", settings.toString());
        System.setProperty("pteron.data", settings.resolve("data").toString());
        try {
            Platform.startup(() -> {});
        } catch (IllegalStateException e) {
            // another test has started it
        }
        Platform.setImplicitExit(false);
        onScreen(
                () -> {
                    Stage stage = new Stage();
                    window = new AppWindow(stage, 1280, 800);
                    window.showStart();
                    stage.show();
                });
    }

    @AfterEach
    void close() throws Exception {
        onScreen(
                () -> {
                    window.dispose();
                    window.scene().getWindow().hide();
                });
    }

    @Test
    void openedAndClosed_areLetGo() throws Exception {
        List<WeakReference<Object>> closed = new ArrayList<>();
        long afterWarm = 0;
        for (int n = 1; n <= OPENED; n++) {
            int which = n % 3;
            onScreen(
                    () -> {
                        window.show(Demos.all().get(which), null);
                        closed.add(new WeakReference<>(window.bench().document().model()));
                        closed.add(new WeakReference<>(window.bench()));
                        window.bench().stationProperty().set(Route.stations().get(which + 1));
                        window.showSide("inputs");
                    });
            Thread.sleep(50);
            onScreen(window::showStart);
            if (n == WARM) {
                afterWarm = heap();
            }
        }
        long most = afterWarm * 11 / 10;
        long atEnd = heap();
        // bars of the last plan may still be cut beside, on a machine that has other things to do
        for (int n = 0; n < PATIENCE && atEnd >= most; n++) {
            atEnd = heap();
        }
        System.out.printf(
                "heap after %d plans %d kB, after %d plans %d kB%n",
                WARM, afterWarm / 1024, OPENED, atEnd / 1024);
        long reachable = closed.stream().filter(one -> one.get() != null).count();
        // the last one may still stand in a pulse of the screen
        assertThat(reachable).isLessThanOrEqualTo(4);
        assertThat(atEnd).isLessThan(most);
    }

    private long heap() throws Exception {
        long used = Long.MAX_VALUE;
        for (int n = 0; n < 8; n++) {
            System.gc();
            Thread.sleep(100);
            // what the toolkit drew with goes when it draws again
            onScreen(() -> window.scene().getRoot().requestLayout());
            // total less free, read one after the other, goes below 0 when the heap grows between
            // them
            long now = ManagementFactory.getMemoryMXBean().getHeapMemoryUsage().getUsed();
            used = Math.min(used, now);
        }
        return used;
    }
}
