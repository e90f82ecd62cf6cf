package pteron.app.side;

import javafx.beans.value.ObservableBooleanValue;

/** Brings something up to date while it is looked at; what changed meanwhile is made good when it is looked at again. */
public final class WhileShown {

    private final ObservableBooleanValue shown;
    private final Runnable update;
    private boolean late;

    /**
     * Nothing is brought up to date yet.
     *
     * @param shown whether it is looked at
     * @param update brings it up to date
     */
    public WhileShown(ObservableBooleanValue shown, Runnable update) {
        this.shown = shown;
        this.update = update;
        shown.subscribe(
                now -> {
                    if (now && late) {
                        changed();
                    }
                });
    }

    /** What is shown has changed. */
    public void changed() {
        late = !shown.get();
        if (!late) {
            update.run();
        }
    }
}
