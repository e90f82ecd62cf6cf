package pteron.app.window;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.util.Subscription;
import pteron.app.document.FileDesk;
import pteron.app.document.PlanDocument;
import pteron.app.keep.Keeper;
import pteron.app.keep.OpenPlans;
import pteron.app.keep.Recoveries;
import pteron.app.keep.UserFolders;
import pteron.app.window.Dialogs.Choice;

/** Keeps the open plan against a power cut and watches its file. Used on the interface thread only. */
final class Keeping {

    private static final Runnable NOTHING = () -> {};

    private final PlanWindow window;
    private final Recoveries recoveries;
    private final FileDesk desk;
    private final Consumer<Path> openInstead;
    private final OpenPlans openPlans = new OpenPlans(UserFolders.data());
    private Keeper keeper;
    private Subscription following = Subscription.EMPTY;

    /** Takes back what was said about a file changed by somebody else; saving asks the same more sharply. */
    private Runnable notice = NOTHING;

    private boolean deciding;

    /**
     * Keeps nothing yet.
     *
     * @param window the window
     * @param recoveries where it is kept
     * @param desk writes its file
     * @param openInstead opens another file in place of the plan, when that may go
     */
    Keeping(PlanWindow window, Recoveries recoveries, FileDesk desk, Consumer<Path> openInstead) {
        this.window = window;
        this.recoveries = recoveries;
        this.desk = desk;
        this.openInstead = openInstead;
    }

    /** Keeps a document against a power cut and watches its file. */
    void keep(PlanDocument document) {
        // what is still being written or decided is about the plan before
        deciding = false;
        keeper =
                new Keeper(
                        recoveries,
                        Keeper.USUAL,
                        new Keeper.Listeners(
                                desk::isUnderway,
                                file -> Platform.runLater(() -> changedByOthers(document, file)),
                                why -> Platform.runLater(() -> keeps(document, why))));
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

    /** The foot says for as long as it lasts that the plan cannot be kept; the first time a dialog says why. */
    private void keeps(PlanDocument document, Optional<String> why) {
        document.setNotKept(why.orElse(""));
        why.ifPresent(
                sentence ->
                        window.tell("Pteron cannot save automatic copies of this plan", sentence));
    }

    /** Tells other windows that a file is open here; a disk that does not answer is not waited for. */
    void markOpen(Path file) {
        desk.beside(
                () -> openPlans.open(file),
                alone -> {
                    if (!alone) {
                        window.tell(
                                "This plan is open in another window",
                                file.getFileName()
                                        + " is open in another window too. Whoever saves last is asked before anything is overwritten.");
                    }
                },
                sentence -> {});
    }

    private void changedByOthers(PlanDocument document, Path file) {
        if (window.bench() == null || window.bench().document() != document || deciding) {
            return;
        }
        // saved elsewhere since the watch looked: the old file is theirs alone
        if (!document.file().equals(Optional.of(file))) {
            return;
        }
        notice.run();
        notice =
                window.dialogs()
                        .ask(
                                "Someone else changed this plan",
                                file.getFileName()
                                        + " was changed outside this window. Yours stays open; you are asked before anything is overwritten.",
                                List.of(
                                        new Choice("Keep mine open", () -> {}),
                                        new Choice(
                                                "Open theirs instead",
                                                () -> openInstead.accept(file))));
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

    /** Keeps the plan as it stands at once, and does something then. */
    void keepNow(Runnable then) {
        keeper.keepNow(then);
    }

    /**
     * The plan is being saved, or what others did to its file is being decided: saving asks that more sharply than the watch,
     * which says nothing until it is decided.
     */
    void deciding() {
        notice.run();
        notice = NOTHING;
        deciding = true;
    }

    /** That has ended. */
    void decided() {
        deciding = false;
    }
}
