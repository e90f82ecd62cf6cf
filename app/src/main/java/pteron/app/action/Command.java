package pteron.app.action;

import java.util.List;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableBooleanValue;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
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
        return new Command(id, name, keys.isEmpty() ? null : combination(keys), enabled, action);
    }

    /** {@return the shortcut written like {@code Shortcut+Shift+Z}, the key by its name as a key code} */
    private static KeyCombination combination(String keys) {
        List<String> words = List.of(keys.split("\\+"));
        KeyCombination.Modifier[] modifiers =
                words.subList(0, words.size() - 1).stream()
                        .map(Command::modifier)
                        .toArray(KeyCombination.Modifier[]::new);
        return new KeyCodeCombination(KeyCode.valueOf(words.getLast()), modifiers);
    }

    private static KeyCombination.Modifier modifier(String word) {
        return switch (word) {
            case "Shortcut" -> KeyCombination.SHORTCUT_DOWN;
            case "Shift" -> KeyCombination.SHIFT_DOWN;
            case "Alt" -> KeyCombination.ALT_DOWN;
            default -> throw new IllegalArgumentException("no such modifier key: [" + word + "]");
        };
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
