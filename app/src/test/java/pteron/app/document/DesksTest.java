package pteron.app.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;
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
                        sentence -> saved.completeExceptionally(new AssertionError(sentence))));
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
                new FileDesk.Saved(stamp -> {}, () -> {}, other::complete));
        assertThat(await(other)).contains("is no folder");
        assertThat(folder.resolve("no")).doesNotExist();
        assertThat(Files.list(folder)).isEmpty();
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
        assertThat(await(sentence)).contains("Your plan is kept", data.toString());
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
