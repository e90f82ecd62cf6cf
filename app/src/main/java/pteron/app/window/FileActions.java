package pteron.app.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.util.Subscription;
import pteron.app.document.FileDesk;
import pteron.app.document.PlanDocument;
import pteron.app.keep.EarlierSaves;
import pteron.app.keep.Keeper;
import pteron.app.keep.OpenPlans;
import pteron.app.keep.Recoveries;
import pteron.app.keep.Stamp;
import pteron.app.keep.UserFolders;
import pteron.app.station.Workbench;
import pteron.app.window.Dialogs.Choice;
import pteron.core.field.PlanDifference;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.exchange.plan.PlanFile;
import pteron.exchange.plan.PlanFormatException;

/** What is done with files, so that no work is lost. Used on the interface thread only. */
public final class FileActions implements AutoCloseable {

    private static final Runnable NOTHING = () -> {};

    private final AppWindow window;
    private final Recoveries recoveries = new Recoveries(UserFolders.data());
    private final EarlierSaves saves = new EarlierSaves(UserFolders.data());
    private final OpenPlans openPlans = new OpenPlans(UserFolders.data());
    private final FileDesk desk = new FileDesk(saves);
    private final ListActions lists;
    private Keeper keeper;
    private Subscription following = Subscription.EMPTY;
    private boolean leaving;

    /** Takes back what was said about a file changed by somebody else; saving asks the same more sharply. */
    private Runnable notice = NOTHING;

    private boolean deciding;

    FileActions(AppWindow window) {
        this.window = window;
        this.lists = new ListActions(window, desk);
    }

    /** {@return what goes out and in besides the plan's own file} */
    public ListActions lists() {
        return lists;
    }

    private Dialogs dialogs() {
        return window.dialogs();
    }

    private PlanDocument document() {
        return window.bench().document();
    }

    // --- keeping

    /** Keeps a document against a power cut and watches its file. */
    void keep(PlanDocument document) {
        keeper =
                new Keeper(
                        recoveries,
                        Keeper.USUAL,
                        new Keeper.Listeners(
                                file -> Platform.runLater(() -> changedByOthers(document, file)),
                                sentence ->
                                        Platform.runLater(
                                                () ->
                                                        window.tell(
                                                                "The plan cannot be kept against a power cut",
                                                                sentence))));
        Keeper following = keeper;
        Runnable stands =
                () ->
                        following.stands(
                                document.plan(),
                                document.changedProperty().get(),
                                document.file(),
                                document.stamp());
        this.following =
                Subscription.combine(
                        document.modelProperty().subscribe(stands),
                        document.changedProperty().subscribe(stands),
                        document.fileProperty().subscribe(stands));
        stands.run();
        document.file().ifPresent(this::markOpen);
    }

    private void markOpen(Path file) {
        if (!openPlans.open(file)) {
            window.tell(
                    "This plan is open in another window",
                    file.getFileName()
                            + " is open in another window too. Whoever saves last is asked before anything is written over.");
        }
    }

    private void changedByOthers(PlanDocument document, Path file) {
        if (window.bench() == null || document() != document || deciding) {
            return;
        }
        notice.run();
        notice =
                dialogs()
                        .ask(
                                "Somebody else changed this plan",
                                file.getFileName()
                                        + " was changed outside of this window. Yours stays open; saving it asks before anything is written over.",
                                List.of(
                                        new Choice("Keep mine open", () -> {}),
                                        new Choice(
                                                "Open theirs instead", () -> openInstead(file))));
    }

    /** Lets the open document go: it is saved, or not wanted. */
    void letGo() {
        following.unsubscribe();
        following = Subscription.EMPTY;
        notice.run();
        notice = NOTHING;
        openPlans.close();
        if (keeper != null) {
            keeper.close();
            keeper = null;
        }
    }

    /** Ends; what was asked to be written is written first. */
    @Override
    public void close() {
        desk.close();
    }

    // --- opening

    /** Opens a plan file; what is wrong with it is said in a sentence. */
    void open(Path file) {
        BoxPlan letGo = window.bench() == null ? null : document().plan();
        desk.read(
                file,
                read -> {
                    Runnable show =
                            () -> {
                                window.show(
                                        new PlanDocument(read.model(), read.file(), read.stamp()));
                                window.recent().opened(file);
                            };
                    // edited while the other was read: asked about once more
                    boolean asLetGo = window.bench() == null || document().plan().equals(letGo);
                    if (asLetGo) {
                        show.run();
                    } else {
                        leave(show);
                    }
                },
                sentence -> window.tell("This plan was not opened", sentence));
    }

    /** Opens a plan file in place of the open plan, when that may go. */
    void openInstead(Path file) {
        leave(() -> open(file));
    }

    void chooseAndOpen() {
        dialogs().chooseToOpen(folder()).ifPresent(this::openInstead);
    }

    /** Offers what a process that ended without closing left, if anything. */
    public void offerRecovered() {
        desk.beside(
                () ->
                        recoveries.left().stream()
                                .map(left -> new Found(left, difference(left)))
                                .toList(),
                found -> {
                    if (!found.isEmpty()) {
                        dialogs()
                                .choose(
                                        "Not saved when Pteron ended",
                                        "Choose what to open again.",
                                        found,
                                        new Dialogs.Picking<>(
                                                Found::words, this::recover, this::throwAway));
                    }
                },
                sentence -> window.tell("Nothing was recovered", sentence));
    }

    /** What was left, and how it differs from what is saved. */
    private record Found(Recoveries.Left left, String difference) {
        String words() {
            String name = left.kept().plan().name();
            return "%s, %s%n%s".formatted(name, Dialogs.time(left.kept().time()), difference);
        }
    }

    private static String difference(Recoveries.Left left) {
        Optional<Path> file = left.kept().file();
        if (file.isEmpty()) {
            return "never saved";
        }
        Path name = file.get().getFileName();
        if (!Files.isRegularFile(file.get())) {
            return name + " is gone";
        }
        try {
            BoxPlan saved = PlanFile.read(file.get(), MaterialLibrary.starting());
            return "beside " + name + ": " + PlanDifference.text(saved, left.kept().plan());
        } catch (IOException | PlanFormatException e) {
            return name + " cannot be read";
        }
    }

    private void recover(Found found) {
        leave(
                () -> {
                    Path file = found.left.kept().file().orElse(null);
                    BoxModel model =
                            BoxModel.of(found.left.kept().plan(), MaterialLibrary.starting());
                    PlanDocument document = new PlanDocument(model, file, stamp(file));
                    document.neverSaved();
                    window.show(document);
                    keeper.keepNow(() -> recoveries.forget(found.left));
                });
    }

    private static Stamp stamp(Path file) {
        try {
            return file == null ? Stamp.NONE : Stamp.of(file);
        } catch (IOException e) {
            return Stamp.NONE;
        }
    }

    private void throwAway(Found found) {
        recoveries.forget(found.left);
    }

    /** Lets one of the earlier saves of the open plan's file be opened. */
    void chooseEarlier() {
        Optional<Path> file = document().file();
        if (file.isEmpty()) {
            window.tell("No earlier saves", "This plan was never saved; save it first.");
            return;
        }
        BoxPlan now = document().plan();
        desk.beside(
                () -> saves.all(file.get()).stream().map(save -> Old.of(save, now)).toList(),
                all -> {
                    if (all.isEmpty()) {
                        window.tell("No earlier saves", "None is kept of " + file.get() + ".");
                    } else {
                        dialogs()
                                .choose(
                                        "Earlier saves",
                                        "The last %d at most. The one you choose opens in place of the plan, and its file stays as it is until you save."
                                                .formatted(EarlierSaves.MOST),
                                        all,
                                        new Dialogs.Picking<>(
                                                Old::words,
                                                old -> openEarlier(old, file.get()),
                                                null));
                    }
                },
                sentence -> window.tell("Earlier saves were not read", sentence));
    }

    /** An earlier save, and how it differs from the open plan. */
    private record Old(EarlierSaves.Save save, Optional<BoxPlan> plan, String difference) {
        static Old of(EarlierSaves.Save save, BoxPlan now) {
            try {
                BoxPlan plan = PlanFile.read(save.copy(), MaterialLibrary.starting());
                return new Old(save, Optional.of(plan), PlanDifference.text(now, plan));
            } catch (IOException | PlanFormatException e) {
                return new Old(save, Optional.empty(), "cannot be read");
            }
        }

        String words() {
            return "%s%n%s".formatted(Dialogs.time(save.time()), difference);
        }
    }

    private void openEarlier(Old old, Path file) {
        Stamp stamp = document().stamp();
        old.plan.ifPresent(
                plan ->
                        leave(
                                () -> {
                                    BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
                                    PlanDocument document = new PlanDocument(model, file, stamp);
                                    document.neverSaved();
                                    window.show(document);
                                }));
    }

    // --- saving

    void save() {
        save(() -> {});
    }

    private void save(Runnable then) {
        document()
                .file()
                .ifPresentOrElse(
                        file -> saveTo(file, document().stamp(), then), () -> chooseAndSave(then));
    }

    void chooseAndSave() {
        chooseAndSave(() -> {});
    }

    private void chooseAndSave(Runnable then) {
        String name = document().plan().name() + ".json";
        Optional<Path> chosen = dialogs().chooseToSave(folder(), name);
        chosen.ifPresent(file -> saveTo(file, known(file), then));
        if (chosen.isEmpty()) {
            leaving = false;
        }
    }

    /** {@return the stamp of the open plan's own file; null for another, which the chooser asked about} */
    private Stamp known(Path file) {
        return document().file().filter(file::equals).map(own -> document().stamp()).orElse(null);
    }

    /** Saves the plan to a file. */
    public void saveTo(Path file) {
        saveTo(file, known(file), () -> {});
    }

    private void saveTo(Path file, Stamp known, Runnable then) {
        PlanDocument document = document();
        BoxPlan plan = document.plan();
        desk.save(
                new FileDesk.Saving(plan, file, known),
                new FileDesk.Saved(
                        stamp -> {
                            boolean other = !document.file().equals(Optional.of(file));
                            document.savedAs(plan, file, stamp);
                            if (other && window.bench() != null && document() == document) {
                                markOpen(file);
                            }
                            window.recent().opened(file);
                            then.run();
                        },
                        () -> conflict(file, then),
                        sentence -> notSaved(sentence, then)));
    }

    private void notSaved(String sentence, Runnable then) {
        dialogs()
                .ask(
                        "The plan was not saved",
                        sentence,
                        List.of(
                                new Choice("Save elsewhere …", () -> chooseAndSave(then)),
                                new Choice("Not now", () -> leaving = false)));
    }

    private void conflict(Path file, Runnable then) {
        notice.run();
        deciding = true;
        dialogs()
                .ask(
                        "Somebody else changed this plan meanwhile",
                        file.getFileName()
                                + " is not as it was when you opened or saved it. Nothing has been written yet.",
                        List.of(
                                new Choice(
                                        "Save mine beside it",
                                        decided(() -> saveTo(beside(file), Stamp.NONE, then))),
                                new Choice(
                                        "Write over theirs (kept among earlier saves)",
                                        decided(() -> saveTo(file, null, then))),
                                new Choice("Not now", decided(() -> leaving = false))));
    }

    private Runnable decided(Runnable way) {
        return () -> {
            deciding = false;
            way.run();
        };
    }

    /** {@return a name beside a file that is not taken} */
    private static Path beside(Path file) {
        String name = file.getFileName().toString();
        int dot = name.lastIndexOf('.');
        String stem = dot > 0 ? name.substring(0, dot) : name;
        String ending = dot > 0 ? name.substring(dot) : "";
        Path other = file.resolveSibling(stem + "-mine" + ending);
        for (int n = 2; Files.exists(other); n++) {
            other = file.resolveSibling(stem + "-mine-" + n + ending);
        }
        return other;
    }

    /**
     * Lets the open plan go when it is saved or not wanted, and does something then.
     *
     * @param then done at once when nothing would be lost, else when the file is whole on the disk
     */
    void leave(Runnable then) {
        Workbench bench = window.bench();
        if (bench == null || !bench.document().changedProperty().get()) {
            leaving = false;
            then.run();
            return;
        }
        if (leaving) {
            return;
        }
        leaving = true;
        dialogs()
                .ask(
                        "Save the changes?",
                        "The plan has changes that are not saved.",
                        List.of(
                                new Choice(
                                        "Save",
                                        () ->
                                                save(
                                                        () -> {
                                                            // edited while it was written: asked
                                                            // again
                                                            leaving = false;
                                                            leave(then);
                                                        })),
                                new Choice(
                                        "Don't save",
                                        () -> {
                                            leaving = false;
                                            then.run();
                                        }),
                                new Choice("Cancel", () -> leaving = false)));
    }

    void closePlan() {
        leave(window::showStart);
    }

    /** {@return folder of the open plan, empty while it never was saved} */
    private Optional<Path> folder() {
        return Optional.ofNullable(window.bench())
                .flatMap(open -> open.document().file())
                .map(file -> file.toAbsolutePath().getParent());
    }
}
