package pteron.app.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.event.Event;
import javafx.scene.control.Button;
import javafx.scene.control.DialogPane;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import org.junit.jupiter.api.Test;
import pteron.app.keep.EarlierSaves;
import pteron.app.keep.Keeper;
import pteron.app.keep.Stamp;
import pteron.app.keep.UserFolders;
import pteron.core.edit.BoxEdits;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.SamplePlans;
import pteron.exchange.demo.Demos;
import pteron.exchange.plan.PlanFile;
import pteron.exchange.plan.RecoveryFile;

/** Whatever happens to window, file and power, the builder's work is there. */
class NothingIsLostTest extends DesktopRobot {

    private Stage stage() {
        return (Stage) window.scene().getWindow();
    }

    private void closeWindow() {
        robot.interact(
                () ->
                        Event.fireEvent(
                                stage(),
                                new WindowEvent(stage(), WindowEvent.WINDOW_CLOSE_REQUEST)));
        settle();
    }

    private boolean asked() {
        return robot.lookup(".dialog-pane").tryQuery().isPresent();
    }

    private String question() {
        DialogPane pane = robot.lookup(".dialog-pane").queryAs(DialogPane.class);
        return pane.getHeaderText() + "\n" + pane.getContentText();
    }

    private void answer(String words) throws Exception {
        await(this::asked);
        Button button =
                robot.lookup(".dialog-pane .button")
                        .match((Button b) -> b.getText().startsWith(words))
                        .queryAs(Button.class);
        robot.interact(this::allWaysAreReadable);
        robot.interact(button::fire);
        settle();
    }

    /** No way on is cut to dots: what stands in brackets may be what makes it safe. */
    private void allWaysAreReadable() {
        for (Button each : robot.lookup(".dialog-pane .button").queryAllAs(Button.class)) {
            each.getScene().getRoot().applyCss();
            each.getScene().getRoot().layout();
            Text shown = (Text) each.lookup(".text");
            assertThat(shown.getText()).isEqualTo(each.getText());
        }
    }

    private Path saved(String name) throws Exception {
        Path file = folder.resolve(name);
        robot.interact(() -> window.files().saveTo(file));
        await(() -> window.bench().document().file().isPresent());
        return file;
    }

    private static BoxPlan read(Path file) throws Exception {
        return PlanFile.read(file, MaterialLibrary.starting());
    }

    /** Ten of ten times the work was gone: the window went before the file was written. */
    @Test
    void closingWithSave_theFileIsWholeBeforeTheWindowGoes() throws Exception {
        Path file = saved("closing.json");
        for (int n = 1; n <= 4; n++) {
            double length = 4300 + 10 * n;
            type("box.length", Double.toString(length));
            BoxPlan changed = plan();
            closeWindow();
            assertThat(stage().isShowing()).isTrue();
            boolean[] whole = {false};
            stage().setOnHidden(event -> whole[0] = equal(file, changed));
            answer("Save");
            await(() -> !stage().isShowing());
            assertThat(whole[0]).as("whole when the window went, time %d", n).isTrue();
            open();
            robot.interact(() -> window.open(file));
            await(() -> plan().equals(changed));
        }
    }

    private static boolean equal(Path file, BoxPlan plan) {
        try {
            return read(file).equals(plan);
        } catch (Exception e) {
            return false;
        }
    }

    @Test
    void closingWithSave_thatFails_staysOpen_andSaysWhy() throws Exception {
        Path file = saved("protected.json");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
        type("box.length", "4350");
        BoxPlan changed = plan();
        closeWindow();
        answer("Save");
        await(() -> asked() && question().contains("was not saved"));
        assertThat(question()).contains("write-protected", "save elsewhere");
        assertThat(stage().isShowing()).isTrue();
        answer("Not now");
        assertThat(plan()).isEqualTo(changed);
        assertThat(window.bench().document().changedProperty().get()).isTrue();
        closeWindow();
        assertThat(asked()).isTrue();
        answer("Cancel");
        assertThat(stage().isShowing()).isTrue();
        Files.delete(file);
    }

    /** The folder is taken away: said with the way out. */
    @Test
    void savingIntoAFolderThatIsGone() throws Exception {
        Path gone = Files.createDirectory(folder.resolve("gone"));
        robot.interact(() -> window.files().saveTo(gone.resolve("a.json")));
        await(() -> window.bench().document().file().isPresent());
        type("box.length", "4350");
        Files.delete(gone.resolve("a.json"));
        Files.delete(gone);
        robot.push(KeyCode.CONTROL, KeyCode.S);
        await(() -> asked() && question().contains("is no folder"));
        answer("Not now");
        assertThat(BoxEdits.length(plan())).isEqualTo(4350);
    }

    /** With nothing to lose the plan goes at once, and the table of shortcuts with it, while it is being searched. */
    @Test
    void ctrlW_ofAnUnchangedPlan_showsTheStart_andTheNextPlanHasItsKeys() throws Exception {
        for (int round = 0; round < 3; round++) {
            robot.push(KeyCode.CONTROL, KeyCode.W);
            await(() -> exists("start-demo"));
            assertThat(NoFaults.uncaught()).isEmpty();
            robot.push(KeyCode.CONTROL, KeyCode.O);
            await(() -> asked() && question().contains("No files can be chosen here"));
            answer("OK");
            robot.clickOn(node("start-demo"));
            await(() -> window.bench() != null && exists("drawing"));
        }
        robot.push(KeyCode.CONTROL, KeyCode.U);
        settle();
        assertThat(plan().units()).isNotEqualTo(Demos.wagtail().units());
    }

    @Test
    void ctrlW_asks_saves_andShowsTheStart() throws Exception {
        Path file = saved("w.json");
        type("box.length", "4360");
        BoxPlan changed = plan();
        robot.push(KeyCode.CONTROL, KeyCode.W);
        settle();
        answer("Cancel");
        assertThat(plan()).isEqualTo(changed);
        robot.push(KeyCode.CONTROL, KeyCode.W);
        answer("Save");
        await(() -> exists("start-demo"));
        assertThat(read(file)).isEqualTo(changed);
        robot.clickOn(node("start-make"));
        await(() -> window.bench() != null);
        robot.push(KeyCode.CONTROL, KeyCode.U);
        settle();
        assertThat(plan().units()).isNotEqualTo(SamplePlans.rakedNose().units());
    }

    @Test
    void openingAnother_asksFirst() throws Exception {
        Path other = folder.resolve("other.json");
        PlanFile.save(SamplePlans.slopedTail(), other);
        Path file = saved("first.json");
        type("box.length", "4370");
        BoxPlan changed = plan();
        robot.interact(() -> window.files().openInstead(other));
        settle();
        answer("Save");
        await(() -> plan().equals(SamplePlans.slopedTail()));
        assertThat(read(file)).isEqualTo(changed);
    }

    /** Edited while another plan was being read: the edit is asked about, not lost. */
    @Test
    void openingAnother_editedMeanwhile_asks() throws Exception {
        Path other = folder.resolve("later.json");
        PlanFile.save(SamplePlans.slopedTail(), other);
        robot.interact(
                () -> {
                    window.files().openInstead(other);
                    window.bench().document().edit(p -> BoxEdits.withLength(p, 4321));
                });
        await(this::asked);
        answer("Cancel");
        assertThat(BoxEdits.length(plan())).isEqualTo(4321);
    }

    /** What cannot be opened does not take the open plan's place. */
    @Test
    void openingABrokenFile_keepsTheOldPlan() throws Exception {
        Path broken = folder.resolve("broken.json");
        String text =
                PlanFile.text(Demos.wagtail()).replace("\"placeMm\" : 3150", "\"placeMm\" : 14681");
        Files.writeString(broken, text);
        robot.interact(() -> window.open(broken));
        await(this::asked);
        assertThat(question()).contains("cannot be worked out");
        answer("OK");
        assertThat(plan()).isEqualTo(Demos.wagtail());
    }

    @Test
    void changedBySomebodyElse_bothAreKept() throws Exception {
        Path file = saved("shared.json");
        BoxPlan theirs = SamplePlans.slopedTail();
        type("box.length", "4380");
        PlanFile.save(theirs, file);
        BoxPlan mine = plan();
        saveIntoTheirs();
        answer("Save mine");
        Path beside = folder.resolve("shared-mine.json");
        await(() -> Files.exists(beside) && !window.bench().document().changedProperty().get());
        assertThat(read(file)).isEqualTo(theirs);
        assertThat(read(beside)).isEqualTo(mine);
        type("box.length", "4390");
        PlanFile.save(theirs, beside);
        saveIntoTheirs();
        answer("Overwrite");
        await(() -> !window.bench().document().changedProperty().get());
        assertThat(BoxEdits.length(read(beside))).isEqualTo(4390);
        EarlierSaves kept = new EarlierSaves(UserFolders.data());
        assertThat(kept.all(beside)).anyMatch(save -> equal(save.copy(), theirs));
    }

    /** Saves; whoever watches the file may have told of the change before, and is answered first. */
    private void saveIntoTheirs() throws Exception {
        robot.interact(() -> window.files().save());
        await(() -> asked() && question().contains("changed by someone else"));
    }

    /** One question about one fact: saving takes the watcher's place, and the watcher keeps still then. */
    @Test
    void changedBySomebodyElse_isAskedOnce() throws Exception {
        Path file = saved("once.json");
        PlanFile.save(SamplePlans.slopedTail(), file);
        await(() -> asked() && question().contains("outside this window"));
        saveIntoTheirs();
        assertThat(robot.lookup(".dialog-pane").queryAll()).hasSize(1);
        PlanFile.save(SamplePlans.rakedNose(), file);
        Thread.sleep(2 * Keeper.USUAL.toMillis());
        assertThat(robot.lookup(".dialog-pane").queryAll()).hasSize(1);
        assertThat(question()).contains("changed by someone else");
        answer("Not now");
    }

    @Test
    void theFileIsWatched() throws Exception {
        Path file = saved("watched.json");
        PlanFile.save(SamplePlans.slopedTail(), file);
        await(() -> asked() && question().contains("Someone else changed"));
        answer("Open theirs");
        await(() -> plan().equals(SamplePlans.slopedTail()));
    }

    @Test
    void aSecondWindowOnTheFile_isTold() throws Exception {
        Path file = saved("twice.json");
        AppWindow[] second = new AppWindow[1];
        robot.interact(
                () -> {
                    Stage other = new Stage();
                    second[0] = new AppWindow(other, 1000, 700);
                    other.show();
                    second[0].open(file);
                });
        await(this::asked);
        assertThat(question()).contains("open in another window");
        answer("OK");
        robot.interact(
                () -> {
                    second[0].dispose();
                    second[0].scene().getWindow().hide();
                });
        settle();
    }

    /** An edit lies in the recovery file within five seconds, and goes from there when it is saved. */
    @Test
    void anEditIsKept_untilItIsSaved() throws Exception {
        Path file = saved("kept.json");
        type("box.length", "4400");
        BoxPlan changed = plan();
        Instant edited = Instant.now();
        await(() -> recovered().equals(Optional.of(changed)));
        assertThat(Instant.now()).isBefore(edited.plusSeconds(5));
        robot.push(KeyCode.CONTROL, KeyCode.S);
        await(() -> recovered().isEmpty());
        assertThat(read(file)).isEqualTo(changed);
    }

    private static Optional<BoxPlan> recovered() throws IOException {
        Path kept = UserFolders.data().resolve("recovery");
        if (!Files.isDirectory(kept)) {
            return Optional.empty();
        }
        try (Stream<Path> files = Files.list(kept)) {
            return files.filter(f -> f.toString().endsWith(".json"))
                    .findFirst()
                    .map(
                            f -> {
                                try {
                                    return RecoveryFile.read(f).plan();
                                } catch (Exception e) {
                                    throw new AssertionError(e);
                                }
                            });
        }
    }

    /** What a killed process left is offered with its time and how it differs, and opens as changed. */
    @Test
    void afterAPowerCut_thePlanIsOffered() throws Exception {
        Path file = folder.resolve("cut.json");
        PlanFile.save(Demos.wagtail(), file);
        BoxPlan longer = BoxEdits.withLength(Demos.wagtail(), 4444);
        Path left = UserFolders.data().resolve("recovery/left.json");
        Files.createDirectories(left.getParent());
        new RecoveryFile(
                        longer,
                        Optional.of(file),
                        Stamp.of(file).digest(),
                        Instant.parse("2026-11-26T06:07:08Z"))
                .write(left);
        robot.interact(() -> window.files().offerRecovered());
        await(() -> robot.lookup("#choices").tryQuery().isPresent());
        String words = robot.lookup("#choices .list-cell").queryLabeled().getText();
        assertThat(words).contains("Wagtail", "26 November 2026", "4\u2009300 mm → 4\u2009444 mm");
        answer("Open");
        await(() -> plan().equals(longer));
        assertThat(window.bench().document().changedProperty().get()).isTrue();
        assertThat(window.bench().document().file()).contains(file);
        await(() -> !Files.exists(left) && recovered().equals(Optional.of(longer)));
    }

    /** Somebody else saved the file after the power cut: what was left does not go over it unasked. */
    @Test
    void recovered_doesNotGoOverOthersWork() throws Exception {
        Path file = folder.resolve("others.json");
        PlanFile.save(Demos.wagtail(), file);
        String known = Stamp.of(file).digest();
        BoxPlan mine = BoxEdits.withLength(Demos.wagtail(), 4445);
        BoxPlan theirs = BoxEdits.withLength(Demos.wagtail(), 4111);
        PlanFile.save(theirs, file);
        Path left = UserFolders.data().resolve("recovery/left.json");
        Files.createDirectories(left.getParent());
        new RecoveryFile(mine, Optional.of(file), known, Instant.parse("2026-11-26T06:07:08Z"))
                .write(left);
        robot.interact(() -> window.files().offerRecovered());
        await(() -> robot.lookup("#choices").tryQuery().isPresent());
        answer("Open");
        await(() -> plan().equals(mine));
        robot.interact(() -> window.files().saveTo(file));
        await(this::asked);
        assertThat(read(file)).isEqualTo(theirs);
    }

    /** The watch looks every two seconds: for a while the file was new and the window did not know yet. */
    @Test
    void savedWhileTheWindowIsBusy_nobodyElseIsBlamed() throws Exception {
        Path file = saved("busy.json");
        type("box.length", "4420");
        robot.interact(
                () -> {
                    window.files().saveTo(file);
                    pause(3 * Keeper.USUAL.toMillis());
                });
        await(() -> !window.bench().document().changedProperty().get());
        assertThat(BoxEdits.length(read(file))).isEqualTo(4420);
        assertThat(asked()).isFalse();
    }

    /** Saved under another name meanwhile: what others did to the old file is no question of this plan any more. */
    @Test
    void savedElsewhere_theOldFileIsNoQuestion() throws Exception {
        Path old = saved("old.json");
        Path other = folder.resolve("other.json");
        robot.interact(
                () -> {
                    saveTheirs(old);
                    window.files().saveTo(other);
                    pause(3 * Keeper.USUAL.toMillis());
                });
        await(() -> window.bench().document().file().equals(Optional.of(other)));
        assertThat(asked()).isFalse();
    }

    /** The watch saw theirs just before saving began, and is heard while it is under way. */
    @Test
    void theWatchSpeaksWhileItIsSaved_isNotHeard() throws Exception {
        Path old = saved("before.json");
        Path other = folder.resolve("after.json");
        robot.interact(
                () -> {
                    saveTheirs(old);
                    pause(3 * Keeper.USUAL.toMillis());
                    window.files().saveTo(other);
                });
        await(() -> window.bench().document().file().equals(Optional.of(other)));
        assertThat(asked()).isFalse();
    }

    private static void saveTheirs(Path file) {
        try {
            PlanFile.save(SamplePlans.slopedTail(), file);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    private static void pause(long millis) {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void earlierSaves_areOpened() throws Exception {
        BoxPlan first = plan();
        Path file = saved("history.json");
        type("box.length", "4410");
        robot.push(KeyCode.CONTROL, KeyCode.S);
        await(() -> !window.bench().document().changedProperty().get());
        robot.interact(() -> window.files().chooseEarlier());
        await(() -> robot.lookup("#choices").tryQuery().isPresent());
        robot.interact(
                () -> robot.lookup("#choices").queryListView().getSelectionModel().selectLast());
        answer("Open");
        await(() -> plan().equals(first));
        assertThat(BoxEdits.length(read(file))).isEqualTo(4410);
        assertThat(window.bench().document().changedProperty().get()).isTrue();
    }

    /** By keys an opening once went past the range of its place, and threw. */
    @Test
    void anOpeningMovedFarLeftByKeys_stopsAtItsLimit() {
        robot.interact(
                () ->
                        window.bench()
                                .document()
                                .edit(
                                        p ->
                                                p.withOpening(
                                                        "window-b",
                                                        o ->
                                                                o.withPlace(
                                                                        new pteron.core.plan.Opening
                                                                                .Place(
                                                                                -1990, 720)))));
        robot.interact(() -> window.bench().selectedProperty().set("window-b"));
        robot.interact(() -> node("drawing").requestFocus());
        for (int n = 0; n < 6; n++) {
            robot.push(KeyCode.LEFT);
        }
        settle();
        assertThat(plan().opening("window-b").place().alongMm()).isEqualTo(-2000);
    }

    /** An import that breaks off says so. */
    @Test
    void anImportWithAnOpenQuote_isTold() throws Exception {
        Path file = folder.resolve("open.csv");
        Files.writeString(file, "id,name,kind,source,density\nx,\"Open,board,me,400\n");
        robot.interact(() -> window.files().lists().importMaterials(file));
        await(this::asked);
        assertThat(question()).contains("No materials were imported", "quote");
        answer("OK");
    }

    /** A damaged list of recent files is an empty one. */
    @Test
    void aDamagedListOfRecentFiles_isDropped() throws Exception {
        Files.createDirectories(settings);
        Files.write(settings.resolve("recent-files.txt"), new byte[] {0, (byte) 0xff, 10, 0, 65});
        robot.interact(window::showStart);
        settle();
        assertThat(exists("start-demo")).isTrue();
        Files.writeString(settings.resolve("recent-files.txt"), "/tmp/\0bad\n");
        robot.interact(window::showStart);
        settle();
        assertThat(exists("start-demo")).isTrue();
    }
}
