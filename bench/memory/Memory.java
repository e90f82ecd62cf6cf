import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.FutureTask;
import javafx.application.Platform;
import javafx.stage.Stage;
import pteron.app.window.AppWindow;
import pteron.core.edit.BoxEdits;
import pteron.core.plan.BoxPlan;
import pteron.exchange.demo.Demos;

/** Tells how much memory the window holds after many edits of one plan, and after many plans. */
public final class Memory {

    private static final int WARM_EDITS = 300;
    private static final int EDITS = 2000;
    private static final int WARM_PLANS = 5;
    private static final int PLANS = 200;

    private static AppWindow window;

    private Memory() {}

    /** Edits, opens and closes, and tells the kilobytes that are held. */
    public static void main(String[] words) throws Exception {
        Platform.startup(() -> {});
        Platform.setImplicitExit(false);
        onScreen(
                () -> {
                    Stage stage = new Stage();
                    window = new AppWindow(stage, 1280, 800);
                    window.show(Demos.wagtail(), null);
                    stage.show();
                    return null;
                });
        edit(0, WARM_EDITS);
        tell("after %d edits".formatted(WARM_EDITS));
        edit(WARM_EDITS, EDITS);
        tell("after %d edits".formatted(EDITS));
        open(0, WARM_PLANS);
        tell("after %d plans".formatted(WARM_PLANS));
        open(WARM_PLANS, PLANS);
        tell("after %d plans".formatted(PLANS));
        Runtime.getRuntime().halt(0);
    }

    private static void edit(int from, int to) throws Exception {
        for (int n = from; n < to; n++) {
            double step = n % 2 == 0 ? 5 : -5;
            onScreen(
                    () ->
                            window.bench()
                                    .edit(
                                            plan ->
                                                    BoxEdits.withLength(
                                                            plan, BoxEdits.length(plan) + step)));
        }
    }

    private static void open(int from, int to) throws Exception {
        List<BoxPlan> demos = Demos.all();
        for (int n = from; n < to; n++) {
            BoxPlan demo = demos.get(n % demos.size());
            onScreen(
                    () -> {
                        window.show(demo, null);
                        return null;
                    });
            Thread.sleep(50);
        }
        onScreen(
                () -> {
                    window.showStart();
                    return null;
                });
    }

    private static void tell(String when) throws Exception {
        long used = Long.MAX_VALUE;
        for (int n = 0; n < 8; n++) {
            System.gc();
            Thread.sleep(150);
            onScreen(
                    () -> {
                        window.scene().getRoot().requestLayout();
                        return null;
                    });
            Runtime runtime = Runtime.getRuntime();
            used = Math.min(used, runtime.totalMemory() - runtime.freeMemory());
        }
        System.out.printf("%s: %.1f MB%n", when, used / 1e6);
    }

    private static <T> void onScreen(Callable<T> action) throws Exception {
        FutureTask<T> task = new FutureTask<>(action);
        Platform.runLater(task);
        task.get();
    }
}
