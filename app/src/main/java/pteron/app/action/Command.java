package pteron.app.action;

import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableBooleanValue;
import javafx.scene.input.KeyCombination;

/**
 * Something that can be done. Immutable.
 *
 * @param id stable id, {@code undo}
 * @param name what it is called
 * @param keys its shortcut, null for none
 * @param enabled whether it can be done now
 * @param action does it
 */
public record Command(
        String id,
        String name,
        KeyCombination keys,
        ObservableBooleanValue enabled,
        Runnable action) {

    /** {@return a command that can always be done} */
    public static Command of(String id, String name, String keys, Runnable action) {
        return of(id, name, keys, Bindings.createBooleanBinding(() -> true), action);
    }

    /** {@return a command that can be done at times} */
    public static Command of(
            String id, String name, String keys, ObservableBooleanValue enabled, Runnable action) {
        KeyCombination combination = keys.isEmpty() ? null : KeyCombination.valueOf(keys);
        return new Command(id, name, combination, enabled, action);
    }

    /** Does it, if it can be done now. */
    public void run() {
        if (enabled.get()) {
            action.run();
        }
    }

    /** {@return its shortcut in words, empty for none} */
    public String keysText() {
        return keys == null ? "" : keys.getDisplayText();
    }
}
