package pteron.app.document;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.application.Platform;
import pteron.core.cutting.BarCutting;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.export.Exports;
import pteron.exchange.pdf.Paper;
import pteron.exchange.plan.PlanFile;
import pteron.exchange.plan.PlanFormatException;

/** Reads and saves plans beside, so that the window never waits for a disk. */
public final class FileDesk implements AutoCloseable {

    private final ExecutorService worker =
            Executors.newSingleThreadExecutor(
                    task -> {
                        Thread thread = new Thread(task, "files");
                        thread.setDaemon(true);
                        return thread;
                    });

    /**
     * Reads a plan.
     *
     * @param file the file
     * @param done is given the plan, on the interface thread
     * @param failed is given a sentence, on the interface thread
     */
    public void read(Path file, Consumer<BoxPlan> done, Consumer<String> failed) {
        beside(() -> PlanFile.read(file, MaterialLibrary.starting()), done, failed);
    }

    /**
     * Saves a plan.
     *
     * @param plan the plan
     * @param file the file
     * @param done is told when it is on the disk, on the interface thread
     * @param failed is given a sentence, on the interface thread
     */
    public void save(BoxPlan plan, Path file, Runnable done, Consumer<String> failed) {
        beside(
                () -> {
                    PlanFile.save(plan, file);
                    return plan;
                },
                written -> done.run(),
                failed);
    }

    /**
     * Exports lists and drawings, on the paper that goes with the plan's units.
     *
     * @param model the box; its bars are cut for the purpose
     * @param folder where to
     * @param done is given the files written, on the interface thread
     * @param failed is given a sentence, on the interface thread
     */
    public void export(
            BoxModel model, Path folder, Consumer<List<Path>> done, Consumer<String> failed) {
        Paper paper = model.plan().units() == UnitSystem.METRIC ? Paper.A4 : Paper.LETTER;
        beside(
                () -> {
                    BarCutting cutting = BarCutting.of(model.members(), model.plan().supplies());
                    return Exports.write(
                            model, cutting, new Exports.Order(folder, Exports.KINDS, paper));
                },
                done,
                failed);
    }

    /**
     * Does something that takes a file.
     *
     * @param work what is done, off the interface thread
     * @param done is given its result, on the interface thread
     * @param failed is given a sentence, on the interface thread
     */
    public <T> void beside(Callable<T> work, Consumer<T> done, Consumer<String> failed) {
        worker.submit(
                () -> {
                    try {
                        T result = work.call();
                        Platform.runLater(() -> done.accept(result));
                    } catch (PlanFormatException | IllegalArgumentException e) {
                        Platform.runLater(() -> failed.accept(e.getMessage()));
                    } catch (IOException e) {
                        String sentence =
                                "The file could not be read or written: " + e.getMessage();
                        Platform.runLater(() -> failed.accept(sentence));
                    }
                    return null;
                });
    }

    @Override
    public void close() {
        worker.shutdown();
    }
}
