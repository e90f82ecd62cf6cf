package pteron.app.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import java.util.function.Consumer;
import pteron.app.document.FileDesk;
import pteron.app.document.PlanDocument;
import pteron.app.keep.EarlierSaves;
import pteron.app.keep.Patience;
import pteron.app.keep.Recoveries;
import pteron.app.keep.Stamp;
import pteron.core.field.PlanDifference;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.exchange.plan.PlanFile;
import pteron.exchange.plan.PlanFormatException;
import pteron.exchange.plan.RecoveryFile;

/** Plans of before: left by a process that ended without closing, and earlier saves. */
final class OldPlans {

    /** How long a file is waited for that is only to be compared. */
    private static final Duration PATIENCE = Duration.ofSeconds(3);

    private final PlanWindow window;
    private final FileDesk desk;
    private final Recoveries recoveries;
    private final EarlierSaves saves;
    private final Keeping keeping;
    private final Consumer<Runnable> leave;

    /**
     * Offers nothing yet.
     *
     * @param window the window
     * @param desk reads beside
     * @param recoveries what was left
     * @param saves earlier saves
     * @param keeping keeps what is opened
     * @param leave lets the open plan go when it may, and does something then
     */
    OldPlans(
            PlanWindow window,
            FileDesk desk,
            Recoveries recoveries,
            EarlierSaves saves,
            Keeping keeping,
            Consumer<Runnable> leave) {
        this.window = window;
        this.desk = desk;
        this.recoveries = recoveries;
        this.saves = saves;
        this.keeping = keeping;
        this.leave = leave;
    }

    /** Offers what a process that ended without closing left, if anything. */
    void offerRecovered() {
        desk.beside(
                () ->
                        recoveries.left().stream()
                                .map(left -> new Found(left, difference(left)))
                                .toList(),
                found -> {
                    if (!found.isEmpty()) {
                        window.dialogs()
                                .choose(
                                        "Recover unsaved plans",
                                        "Choose which to open.",
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
        try {
            return Patience.within(
                    PATIENCE, name, () -> difference(file.get(), left.kept().plan()));
        } catch (IOException e) {
            return name + " cannot be read";
        }
    }

    private static String difference(Path file, BoxPlan kept)
            throws IOException, PlanFormatException {
        Path name = file.getFileName();
        if (!Files.exists(file)) {
            return name + " is gone";
        }
        if (!Files.isRegularFile(file)) {
            return name + " is no longer a file";
        }
        BoxPlan saved = PlanFile.read(file, MaterialLibrary.starting());
        return "compared with " + name + ": " + PlanDifference.text(saved, kept);
    }

    private void recover(Found found) {
        leave.accept(
                () -> {
                    Path file = found.left.kept().file().orElse(null);
                    BoxModel model =
                            BoxModel.of(found.left.kept().plan(), MaterialLibrary.starting());
                    PlanDocument document = new PlanDocument(model, file, stamp(found.left.kept()));
                    document.neverSaved();
                    window.show(document);
                    keeping.keepNow(() -> recoveries.forget(found.left));
                });
    }

    /**
     * The file as it was known when the plan was kept, not as it is now: what others wrote since then is asked about before
     * it is written over.
     */
    private static Stamp stamp(RecoveryFile kept) {
        if (!kept.known().isEmpty()) {
            return new Stamp(kept.known());
        }
        return kept.file().isPresent() ? Stamp.UNKNOWN : Stamp.NONE;
    }

    private void throwAway(Found found) {
        recoveries.forget(found.left);
    }

    /** Lets one of the earlier saves of the open plan's file be opened. */
    void chooseEarlier() {
        Optional<Path> file = window.bench().document().file();
        if (file.isEmpty()) {
            window.tell("No earlier saves", "This plan was never saved; save it first.");
            return;
        }
        BoxPlan now = window.bench().document().plan();
        desk.beside(
                () -> saves.all(file.get()).stream().map(save -> Old.of(save, now)).toList(),
                all -> {
                    if (all.isEmpty()) {
                        window.tell("No earlier saves", "None is kept of " + file.get() + ".");
                    } else {
                        window.dialogs()
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
        Stamp stamp = window.bench().document().stamp();
        old.plan.ifPresent(
                plan ->
                        leave.accept(
                                () -> {
                                    BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
                                    PlanDocument document = new PlanDocument(model, file, stamp);
                                    document.neverSaved();
                                    window.show(document);
                                }));
    }
}
