package pteron.app.document;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.util.Subscription;
import pteron.app.keep.Faults;
import pteron.core.cure.CureTrial;
import pteron.core.cure.CureTrial.Tried;
import pteron.core.figure.Finding;
import pteron.core.model.BoxModel;

/** Tries the cures of all findings beside, after every edit, the most serious first. Used on the interface thread only. */
public final class CureDesk implements AutoCloseable {

    private final ExecutorService worker =
            Executors.newSingleThreadExecutor(
                    task -> {
                        Thread thread = new Thread(task, "cures");
                        thread.setDaemon(true);
                        return thread;
                    });
    private final ReadOnlyObjectWrapper<Map<Finding, Tried>> tried =
            new ReadOnlyObjectWrapper<>(Map.of());
    private Subscription subscription = Subscription.EMPTY;
    private Future<?> running;
    private BoxModel newest;

    /** Follows a document. */
    public void follow(PlanDocument document) {
        subscription = document.modelProperty().subscribe(this::begin);
    }

    /** {@return what the trials of the newest plan gave, empty while they run} */
    public ReadOnlyObjectProperty<Map<Finding, Tried>> triedProperty() {
        return tried.getReadOnlyProperty();
    }

    private void begin(BoxModel model) {
        newest = model;
        if (running != null) {
            running.cancel(true);
        }
        tried.set(Map.of());
        List<Finding> findings = model.findings();
        running = worker.submit(() -> work(model, findings));
    }

    private void work(BoxModel model, List<Finding> findings) {
        Map<Finding, Tried> all = new LinkedHashMap<>();
        try {
            for (Finding finding : findings) {
                if (Thread.currentThread().isInterrupted()) {
                    return;
                }
                all.put(finding, CureTrial.of(model, finding));
            }
        } catch (RuntimeException e) {
            Faults.report(e);
            return;
        }
        Platform.runLater(() -> told(model, Map.copyOf(all)));
    }

    private void told(BoxModel model, Map<Finding, Tried> all) {
        if (model == newest) {
            tried.set(all);
        }
    }

    @Override
    public void close() {
        subscription.unsubscribe();
        worker.shutdownNow();
        newest = null;
    }
}
