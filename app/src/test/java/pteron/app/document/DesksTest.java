package pteron.app.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import pteron.app.keep.EarlierSaves;
import pteron.app.keep.Stamp;
import pteron.core.cutting.BarCutting;
import pteron.core.edit.BoxEdits;
import pteron.core.plan.StartingPlans;
import pteron.exchange.plan.PlanFile;

/** What runs beside: cutting and files. */
class DesksTest {

    private static final long PATIENCE_SECONDS = 60;

    @TempDir Path folder;
    @TempDir static Path data;

    private final FileDesk files = new FileDesk(new EarlierSaves(data));
    private final CuttingDesk cutting = new CuttingDesk();

    @BeforeAll
    static void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @AfterEach
    void close() {
        files.close();
        cutting.close();
    }

    private <T> T await(CompletableFuture<T> future) throws Exception {
        return future.get(PATIENCE_SECONDS, TimeUnit.SECONDS);
    }

    @Test
    void saveAndRead_answerOnTheInterfaceThread() throws Exception {
        Path file = folder.resolve("a.json");
        CompletableFuture<Boolean> saved = new CompletableFuture<>();
        files.save(
                new FileDesk.Saving(StartingPlans.square(), file, Stamp.NONE),
                new FileDesk.Saved(
                        stamp -> saved.complete(Platform.isFxApplicationThread()),
                        () -> saved.completeExceptionally(new AssertionError("changed")),
                        sentence -> saved.completeExceptionally(new AssertionError(sentence)),
                        slow -> {}));
        assertThat(await(saved)).isTrue();
        CompletableFuture<FileDesk.Read> read = new CompletableFuture<>();
        files.read(file, read::complete, s -> read.completeExceptionally(new AssertionError(s)));
        assertThat(await(read).model().plan()).isEqualTo(StartingPlans.square());
        assertThat(await(read).stamp()).isEqualTo(Stamp.of(file));
    }

    @Test
    void failures_areSentences() throws Exception {
        CompletableFuture<String> sentence = new CompletableFuture<>();
        files.read(folder.resolve("none.json"), plan -> {}, sentence::complete);
        assertThat(await(sentence)).contains("does not exist");
        CompletableFuture<String> other = new CompletableFuture<>();
        files.save(
                new FileDesk.Saving(
                        StartingPlans.square(), folder.resolve("no/a.json"), Stamp.NONE),
                new FileDesk.Saved(stamp -> {}, () -> {}, other::complete, slow -> {}));
        assertThat(await(other)).contains("is no folder");
        assertThat(folder.resolve("no")).doesNotExist();
        assertThat(Files.list(folder)).isEmpty();
    }

    /** Behind a disk that does not answer nothing waits, and it is told what is waited for; what ends late ends. */
    @Test
    void heldUp_nothingWaitsBehindIt() throws Exception {
        CountDownLatch disk = new CountDownLatch(1);
        CompletableFuture<Boolean> slow = new CompletableFuture<>();
        CompletableFuture<Boolean> late = new CompletableFuture<>();
        List<String> order = new CopyOnWriteArrayList<>();
        try (FileWorker worker = new FileWorker(Duration.ofMillis(80))) {
            worker.submit(
                    () -> {
                        try {
                            disk.await();
                        } catch (InterruptedException e) {
                            late.completeExceptionally(e);
                        }
                        late.complete(true);
                    },
                    () -> slow.complete(true));
            CompletableFuture<Boolean> after = new CompletableFuture<>();
            for (int i = 0; i < 5; i++) {
                String name = "job " + i;
                worker.submit(() -> order.add(name), () -> {});
            }
            worker.submit(() -> after.complete(true), () -> {});
            assertThat(await(slow)).isTrue();
            assertThat(await(after)).isTrue();
            assertThat(late).isNotDone();
            assertThat(order).containsExactly("job 0", "job 1", "job 2", "job 3", "job 4");
            disk.countDown();
            assertThat(await(late)).isTrue();
        }
    }

    /** A pipe would never end: it is no file. */
    @Test
    void pipe_isRefused() throws Exception {
        Path pipe = folder.resolve("pipe.json");
        assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor()).isZero();
        CompletableFuture<String> read = new CompletableFuture<>();
        files.read(pipe, plan -> {}, read::complete);
        assertThat(await(read)).contains("is no file");
        CompletableFuture<String> saved = new CompletableFuture<>();
        files.save(
                new FileDesk.Saving(StartingPlans.square(), pipe, Stamp.NONE),
                new FileDesk.Saved(stamp -> {}, () -> {}, saved::complete, slow -> {}));
        assertThat(await(saved)).contains("is no file");
    }

    /** Theirs is written over only when a copy of it is kept. */
    @Test
    void writeOver_withoutACopy_isRefused() throws Exception {
        Path file = folder.resolve("theirs.json");
        PlanFile.save(StartingPlans.square(), file);
        String theirs = Files.readString(file);
        Path blocked = Files.createDirectories(folder.resolve("blocked"));
        Files.writeString(blocked.resolve("saves"), "a file where the copies should go");
        CompletableFuture<String> failed = new CompletableFuture<>();
        FileDesk desk = new FileDesk(new EarlierSaves(blocked));
        desk.save(
                new FileDesk.Saving(BoxEdits.withLength(StartingPlans.square(), 4000), file, null),
                new FileDesk.Saved(
                        stamp -> failed.complete("written"),
                        () -> {},
                        failed::complete,
                        slow -> {}));
        assertThat(await(failed)).contains("could not be kept", "save elsewhere");
        desk.close();
        assertThat(Files.readString(file)).isEqualTo(theirs);
    }

    /** A fault beside is no silence: it has a sentence and a report. */
    @Test
    void faultBeside_isToldWithAReport() throws Exception {
        System.setProperty("pteron.data", data.toString());
        CompletableFuture<String> sentence = new CompletableFuture<>();
        files.beside(
                () -> {
                    throw new IllegalStateException("Impossible state: for a test");
                },
                done -> {},
                sentence::complete);
        assertThat(await(sentence)).contains("Your plan is safe", data.toString());
        Path report = Files.list(data.resolve("reports")).findFirst().orElseThrow();
        assertThat(Files.readString(report)).contains("for a test", "DesksTest");
    }

    @Test
    void cutting_followsEveryEdit_theNewestWins() throws Exception {
        PlanDocument document = new PlanDocument(StartingPlans.square(), null);
        WaitForAsyncUtils.asyncFx(() -> cutting.follow(document)).get();
        WaitForAsyncUtils.asyncFx(
                        () -> {
                            for (int i = 1; i <= 5; i++) {
                                double length = 4300 + 100 * i;
                                document.edit(plan -> BoxEdits.withLength(plan, length));
                            }
                        })
                .get();
        WaitForAsyncUtils.waitFor(
                PATIENCE_SECONDS, TimeUnit.SECONDS, () -> !cutting.workingProperty().get());
        WaitForAsyncUtils.waitForFxEvents();
        BarCutting wanted = BarCutting.of(document.model().members(), document.plan().supplies());
        assertThat(cutting.cuttingProperty().get().boughtMm()).isEqualTo(wanted.boughtMm());
    }

    @Test
    void cutting_isNotDoneAgainForNothing() throws Exception {
        PlanDocument document = new PlanDocument(StartingPlans.square(), null);
        WaitForAsyncUtils.asyncFx(() -> cutting.follow(document)).get();
        WaitForAsyncUtils.waitFor(
                PATIENCE_SECONDS, TimeUnit.SECONDS, () -> !cutting.workingProperty().get());
        WaitForAsyncUtils.asyncFx(
                        () -> document.edit(plan -> plan.withLoads(plan.loads().withWindSpeed(30))))
                .get();
        assertThat(cutting.workingProperty().get()).isFalse();
    }
}
