package pteron.app.window;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import pteron.app.document.FileDesk;
import pteron.app.document.PlanDocument;
import pteron.app.keep.EarlierSaves;
import pteron.app.keep.Recoveries;
import pteron.app.keep.Stamp;
import pteron.app.keep.UserFolders;
import pteron.app.station.Workbench;
import pteron.app.window.Dialogs.Choice;
import pteron.core.plan.BoxPlan;

/** What is done with files, so that no work is lost. Used on the interface thread only. */
public final class FileActions implements AutoCloseable {

    private final PlanWindow window;
    private final Recoveries recoveries = new Recoveries(UserFolders.data());
    private final EarlierSaves saves = new EarlierSaves(UserFolders.data());
    private final FileDesk desk = new FileDesk(saves);
    private final ListActions lists;
    private final ExportActions exports;
    private final Printing printing;
    private final Keeping keeping;
    private final OldPlans old;
    private boolean leaving;
    private Runnable lastSaving = () -> {};

    FileActions(PlanWindow window) {
        this.window = window;
        this.lists = new ListActions(window, desk);
        this.exports = new ExportActions(window, desk);
        this.printing = new Printing(window, desk);
        this.keeping = new Keeping(window, recoveries, desk, this::openInstead);
        this.old = new OldPlans(window, desk, recoveries, saves, keeping, this::leave);
    }

    /** Shows what would be printed. */
    void print() {
        printing.preview();
    }

    /** {@return what brings materials in and out} */
    public ListActions lists() {
        return lists;
    }

    /** {@return what brings lists and drawings out} */
    public ExportActions exports() {
        return exports;
    }

    private Dialogs dialogs() {
        return window.dialogs();
    }

    private PlanDocument document() {
        return window.bench().document();
    }

    /** Keeps a document against a power cut and watches its file. */
    void keep(PlanDocument document) {
        keeping.keep(document);
    }

    /** Lets the open document go: it is saved, or not wanted. */
    void letGo() {
        keeping.letGo();
    }

    /** Offers what a process that ended without closing left, if anything. */
    public void offerRecovered() {
        old.offerRecovered();
    }

    /** Lets one of the earlier saves of the open plan's file be opened. */
    void chooseEarlier() {
        old.chooseEarlier();
    }

    /** Ends; what was asked to be written is written first. */
    @Override
    public void close() {
        desk.close();
    }

    /** Opens a plan file; what is wrong with it is said in a sentence. */
    void open(Path file) {
        BoxPlan letGo = window.bench() == null ? null : document().plan();
        Runnable over = window.underway("Opening " + file.getFileName() + " …");
        desk.read(
                file,
                read -> {
                    over.run();
                    Runnable show =
                            () -> {
                                window.show(
                                        new PlanDocument(read.model(), read.file(), read.stamp()));
                                window.opened(file);
                            };
                    // edited while the other was read: asked about once more
                    boolean asLetGo = window.bench() == null || document().plan().equals(letGo);
                    if (asLetGo) {
                        show.run();
                    } else {
                        leave(show);
                    }
                },
                sentence -> {
                    over.run();
                    window.tell("This plan was not opened", sentence);
                });
    }

    /** Opens a plan file in place of the open plan, when that may go. */
    void openInstead(Path file) {
        leave(() -> open(file));
    }

    void chooseAndOpen() {
        dialogs().chooseToOpen(folder()).ifPresent(this::openInstead);
    }

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
        // a saving that is overtaken by this one tells nobody that it ended
        lastSaving.run();
        Waiting waiting = new Waiting(then);
        lastSaving = waiting::over;
        keeping.deciding();
        desk.save(
                new FileDesk.Saving(plan, file, known),
                new FileDesk.Saved(
                        stamp -> {
                            waiting.over();
                            boolean other = !document.file().equals(Optional.of(file));
                            document.savedAs(plan, file, stamp);
                            saved(document, file, other);
                            then.run();
                        },
                        () -> {
                            waiting.over();
                            conflict(file, then);
                        },
                        sentence -> {
                            waiting.over();
                            notSaved(sentence, then);
                        },
                        waiting::say));
    }

    private void saved(PlanDocument document, Path file, boolean other) {
        keeping.decided();
        if (other && window.bench() != null && document() == document) {
            keeping.markOpen(file);
        }
        window.opened(file);
    }

    /** A saving that takes long: said with a way out, and taken back when it has ended. */
    private final class Waiting {

        private final Runnable then;
        private Runnable notice = () -> {};
        private final Runnable over = window.underway("Saving …");

        private Waiting(Runnable then) {
            this.then = then;
        }

        private void say(String sentence) {
            over.run();
            notice =
                    dialogs()
                            .ask(
                                    "The plan is still being saved",
                                    sentence,
                                    List.of(
                                            new Choice(
                                                    "Save elsewhere …", () -> chooseAndSave(then)),
                                            new Choice("Keep waiting", () -> {})));
        }

        private void over() {
            over.run();
            notice.run();
        }
    }

    private void notNow() {
        leaving = false;
        keeping.decided();
    }

    private void notSaved(String sentence, Runnable then) {
        keeping.decided();
        dialogs()
                .ask(
                        "The plan was not saved",
                        sentence,
                        List.of(
                                new Choice("Save elsewhere …", () -> chooseAndSave(then)),
                                new Choice("Not now", () -> leaving = false)));
    }

    private void conflict(Path file, Runnable then) {
        dialogs()
                .ask(
                        "The file was changed by someone else",
                        file.getFileName()
                                + " has changed since you opened or saved it. Nothing has been written yet.",
                        List.of(
                                new Choice("Save mine as a copy", () -> saveBeside(file, then)),
                                new Choice(
                                        "Overwrite theirs (kept in Earlier saves)",
                                        () -> saveTo(file, null, then)),
                                new Choice("Not now", this::notNow)));
    }

    private void saveBeside(Path file, Runnable then) {
        desk.beside(
                () -> beside(file),
                other -> saveTo(other, Stamp.NONE, then),
                sentence -> notSaved(sentence, then));
    }

    /** {@return a name beside a file that is not taken; the disk may take its time} */
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
        // edited while it was written: asked again
        Runnable again = () -> left(() -> leave(then));
        dialogs()
                .ask(
                        "Save the changes?",
                        "The plan has changes that are not saved.",
                        List.of(
                                new Choice("Save", () -> save(again)),
                                new Choice("Don't save", () -> left(then)),
                                new Choice("Cancel", () -> leaving = false)));
    }

    private void left(Runnable then) {
        leaving = false;
        then.run();
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
