package pteron.app.document;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import javafx.application.Platform;
import pteron.app.keep.EarlierSaves;
import pteron.app.keep.Faults;
import pteron.app.keep.Stamp;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.exchange.file.FileWords;
import pteron.exchange.file.WholeFile;
import pteron.exchange.plan.PlanFile;
import pteron.exchange.plan.PlanFormatException;

/**
 * Reads and saves plans beside, so that the window never waits for a disk. One thing after the other; behind a disk that does
 * not answer nothing waits: what comes later is done by another thread.
 */
public final class FileDesk implements AutoCloseable {

    /** After this a saving says what it waits for. */
    private static final Duration PATIENCE = Duration.ofSeconds(10);

    private final EarlierSaves saves;

    /** What is on the disk, or soon, and whose saver was not told yet. */
    private final Set<Stamp> underway = ConcurrentHashMap.newKeySet();

    /** The last saving of each file: one that was held up writes nothing over a later one. */
    private final Map<Path, Saving> newest = new ConcurrentHashMap<>();

    private final FileWorker worker;

    /** A desk that keeps earlier saves. */
    public FileDesk(EarlierSaves saves) {
        this(saves, PATIENCE);
    }

    /**
     * A desk that keeps earlier saves.
     *
     * @param patience after which a saving says what it waits for, and others no longer wait for it
     */
    FileDesk(EarlierSaves saves, Duration patience) {
        this.saves = saves;
        this.worker = new FileWorker(patience);
    }

    /**
     * A plan that was read. Immutable.
     *
     * @param model everything that follows from it
     * @param file where it was read
     * @param stamp by which the file is known again
     */
    public record Read(BoxModel model, Path file, Stamp stamp) {}

    /**
     * Reads a plan and works out what follows from it.
     *
     * @param file the file
     * @param done is given the plan, on the interface thread
     * @param failed is given a sentence, on the interface thread
     */
    public void read(Path file, Consumer<Read> done, Consumer<String> failed) {
        beside(
                () -> {
                    comfort(() -> WholeFile.tidy(file.toAbsolutePath().getParent()));
                    Stamp stamp = Stamp.of(file);
                    BoxPlan plan = PlanFile.read(file, MaterialLibrary.starting());
                    return new Read(BoxModel.of(plan, MaterialLibrary.starting()), file, stamp);
                },
                done,
                failed);
    }

    /**
     * A plan to be saved. Immutable.
     *
     * @param plan the plan
     * @param file the file
     * @param known the file as it was read or saved last; null to write over whatever is there, which is then
     *     kept among the earlier saves
     */
    public record Saving(BoxPlan plan, Path file, Stamp known) {}

    /**
     * Whom a saving tells, on the interface thread.
     *
     * @param done is given by what the file is known again, when it is whole on the disk
     * @param changedMeanwhile is run when somebody else changed the file; nothing is written then
     * @param failed is given a sentence
     * @param slow is given a sentence when it takes long; the saving goes on
     */
    public record Saved(
            Consumer<Stamp> done,
            Runnable changedMeanwhile,
            Consumer<String> failed,
            Consumer<String> slow) {}

    /** Somebody else changed the file since it was read or saved. */
    private static final class ChangedMeanwhile extends Exception {
        private static final long serialVersionUID = 1;
    }

    /** The same file was saved once more while this saving was held up. */
    private static final class Overtaken extends Exception {
        private static final long serialVersionUID = 1;
    }

    /** Saves a plan. */
    public void save(Saving saving, Saved told) {
        newest.put(saving.file(), saving);
        worker.submit(
                () -> Platform.runLater(answer(saving, told)),
                () -> Platform.runLater(() -> told.slow.accept(waitsFor(saving.file()))));
    }

    private static String waitsFor(Path file) {
        return "Waiting for %s: the disk or the network does not answer. An automatic copy of your plan is safe."
                .formatted(file);
    }

    /** {@return what is told of a saving that was carried out, or was not} */
    private Runnable answer(Saving saving, Saved told) {
        try {
            Stamp stamp = written(saving);
            return () -> {
                told.done.accept(stamp);
                underway.remove(stamp);
            };
        } catch (ChangedMeanwhile e) {
            return told.changedMeanwhile;
        } catch (Overtaken e) {
            return () -> {};
        } catch (Throwable e) {
            String sentence = sentence(e);
            return () -> told.failed.accept(sentence);
        }
    }

    /**
     * Whether a file's content is from here, and whoever saved it was not told yet. To be asked on any thread,
     * before asking by what the file is known.
     */
    public boolean isUnderway(Stamp stamp) {
        return underway.contains(stamp);
    }

    private Stamp written(Saving saving) throws IOException, ChangedMeanwhile, Overtaken {
        Path file = saving.file();
        Stamp there = Stamp.of(file);
        if (saving.known() != null && !there.equals(Stamp.NONE) && !there.equals(saving.known())) {
            throw new ChangedMeanwhile();
        }
        byte[] text = PlanFile.text(saving.plan()).getBytes(StandardCharsets.UTF_8);
        if (saving.known() == null && !there.equals(Stamp.NONE)) {
            keepTheirs(file);
        }
        if (newest.get(file) != saving) {
            throw new Overtaken();
        }
        Stamp stamp = Stamp.of(text);
        underway.add(stamp);
        try {
            WholeFile.write(file, text);
        } catch (IOException e) {
            underway.remove(stamp);
            throw e;
        }
        comfort(() -> saves.keep(saving.plan(), file, Instant.now()));
        return stamp;
    }

    /** What somebody else wrote is written over only when a copy of it is kept. */
    private void keepTheirs(Path file) throws IOException {
        try {
            saves.keepOther(file, Instant.now());
        } catch (IOException e) {
            throw new IOException(
                    "a copy of what is in %s could not be kept, so nothing was written over it; save elsewhere"
                            .formatted(file),
                    e);
        }
    }

    /** Something that is good to have and no reason to say that the plan was not saved. */
    private interface Comfort {
        void give() throws IOException;
    }

    private static void comfort(Comfort comfort) {
        try {
            comfort.give();
        } catch (IOException e) {
            System.getLogger("pteron").log(System.Logger.Level.DEBUG, "not kept", e);
        }
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
                    } catch (Throwable e) {
                        String sentence = sentence(e);
                        Platform.runLater(() -> failed.accept(sentence));
                    }
                },
                () -> {});
    }

    /** What went wrong in a sentence; a fault of ours gets a report. */
    private static String sentence(Throwable fault) {
        return switch (fault) {
            case PlanFormatException e -> e.getMessage();
            case IllegalArgumentException e when e.getMessage() != null -> e.getMessage();
            case IOException e -> FileWords.sentence(e);
            default -> Faults.report(fault);
        };
    }

    @Override
    public void close() {
        worker.close();
    }
}
