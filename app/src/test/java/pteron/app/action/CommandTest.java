package pteron.app.action;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.concurrent.atomic.AtomicInteger;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import org.junit.jupiter.api.Test;

class CommandTest {

    private final AtomicInteger done = new AtomicInteger();

    @Test
    void run_onlyWhenEnabled() {
        SimpleBooleanProperty enabled = new SimpleBooleanProperty(false);
        Command command = Command.of("x", "X", "", enabled, done::incrementAndGet);
        command.run();
        assertThat(done).hasValue(0);
        enabled.set(true);
        command.run();
        assertThat(done).hasValue(1);
        assertThat(command.keysText()).isEmpty();
    }

    @Test
    void keys_areByKeyCode() {
        Command command = Command.of("x", "X", "Shortcut+Shift+Z", done::incrementAndGet);
        assertThat(command.keys())
                .isEqualTo(
                        new KeyCodeCombination(
                                KeyCode.Z,
                                KeyCombination.SHORTCUT_DOWN,
                                KeyCombination.SHIFT_DOWN));
        assertThat(Command.of("y", "Y", "Alt+DIGIT3", done::incrementAndGet).keys())
                .isEqualTo(new KeyCodeCombination(KeyCode.DIGIT3, KeyCombination.ALT_DOWN));
        assertThat(Command.of("z", "Z", "F2", done::incrementAndGet).keys())
                .isEqualTo(new KeyCodeCombination(KeyCode.F2));
    }

    @Test
    void keys_illegalArguments() {
        assertThatThrownBy(() -> Command.of("x", "X", "Hyper+Z", done::incrementAndGet))
                .hasMessageContaining("[Hyper]");
        assertThatThrownBy(() -> Command.of("x", "X", "Shift+NOKEY", done::incrementAndGet))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
