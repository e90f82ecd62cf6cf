package pteron.app.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.ref.WeakReference;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import pteron.app.station.Station;
import pteron.exchange.demo.Demos;

/** Plans that were opened and closed are let go. */
class LeakTest extends DesktopRobot {

    /** Plans opened and closed; {@code -Dpteron.opened=200} for the longer run. */
    private static final int OPENED = Integer.getInteger("pteron.opened", 40);

    private static final int WARM = 5;

    @Test
    void openedAndClosed_areLetGo() throws Exception {
        List<WeakReference<Object>> closed = new ArrayList<>();
        long afterWarm = 0;
        for (int n = 1; n <= OPENED; n++) {
            int which = n % 3;
            robot.interact(
                    () -> {
                        window.show(Demos.all().get(which), null);
                        closed.add(new WeakReference<>(window.bench().document().model()));
                        closed.add(new WeakReference<>(window.bench()));
                        window.bench().stationProperty().set(Station.values()[which + 1]);
                        window.showSide("inputs");
                        window.showStart();
                    });
            settle();
            if (n == WARM) {
                afterWarm = heap();
            }
        }
        long atEnd = heap();
        System.out.printf(
                "heap after %d plans %d kB, after %d plans %d kB%n",
                WARM, afterWarm / 1024, OPENED, atEnd / 1024);
        long reachable = closed.stream().filter(one -> one.get() != null).count();
        // the last one may still stand in a pulse of the screen
        assertThat(reachable).isLessThanOrEqualTo(4);
        assertThat(atEnd).isLessThan(afterWarm + afterWarm / 10);
    }

    private static long heap() throws Exception {
        long used = Long.MAX_VALUE;
        for (int n = 0; n < 6; n++) {
            // the robot remembers every event with its node
            FxToolkit.toolkitContext().getFiredEvents().clearEvents();
            System.gc();
            Thread.sleep(150);
            settle();
            Runtime runtime = Runtime.getRuntime();
            used = Math.min(used, runtime.totalMemory() - runtime.freeMemory());
        }
        return used;
    }
}
