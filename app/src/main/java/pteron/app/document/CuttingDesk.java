package pteron.app.document;

import java.util.List;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import pteron.app.keep.Faults;
import pteron.core.cutting.BarCutting;
import pteron.core.frame.Member;
import pteron.core.model.BoxModel;
import pteron.core.plan.Supplies;

/** Cuts the bars of a document beside, each edit stopping the cutting before it. */
public final class CuttingDesk implements AutoCloseable {

    private static final long FIRST_WAITS_MS = 500;

    private final ReadOnlyObjectWrapper<BarCutting> cutting =
            new ReadOnlyObjectWrapper<>(BarCutting.NONE);
    private final ReadOnlyBooleanWrapper working = new ReadOnlyBooleanWrapper();
    private final AtomicLong newest = new AtomicLong();
    private final ScheduledExecutorService worker = worker();
    private List<Member> lastMembers = List.of();
    private Supplies lastSupplies;

    private static ScheduledExecutorService worker() {
        ScheduledThreadPoolExecutor worker =
                new ScheduledThreadPoolExecutor(
                        1,
                        task -> {
                            Thread thread = new Thread(task, "cutting");
                            thread.setDaemon(true);
                            return thread;
                        });
        // a plan that was closed before its first cut needs none
        worker.setExecuteExistingDelayedTasksAfterShutdownPolicy(false);
        return worker;
    }

    /** Follows a document: cuts now and after every edit. */
    public void follow(PlanDocument document) {
        document.modelProperty().subscribe(this::cut);
    }

    private void cut(BoxModel model) {
        List<Member> members = model.members();
        Supplies supplies = model.plan().supplies();
        if (members.equals(lastMembers) && supplies.equals(lastSupplies)) {
            return;
        }
        lastMembers = members;
        lastSupplies = supplies;
        long job = newest.incrementAndGet();
        working.set(true);
        // the first picture of the box comes before its bars
        long wait = job == 1 ? FIRST_WAITS_MS : 0;
        worker.schedule(
                () -> {
                    BarCutting done;
                    try {
                        done =
                                BarCutting.of(
                                        members, supplies, best -> {}, () -> job != newest.get());
                    } catch (Throwable e) {
                        Faults.report(e);
                        done = BarCutting.NONE;
                    }
                    BarCutting cut = done;
                    Platform.runLater(() -> finish(job, cut));
                },
                wait,
                TimeUnit.MILLISECONDS);
    }

    private void finish(long job, BarCutting done) {
        if (job == newest.get()) {
            cutting.set(done);
            working.set(false);
        }
    }

    /** {@return the newest cutting; that of the plan before the last edit while {@link #workingProperty}} */
    public ReadOnlyObjectProperty<BarCutting> cuttingProperty() {
        return cutting.getReadOnlyProperty();
    }

    /** {@return whether a cutting is being worked out} */
    public ReadOnlyBooleanProperty workingProperty() {
        return working.getReadOnlyProperty();
    }

    @Override
    public void close() {
        newest.incrementAndGet();
        worker.shutdown();
    }
}
