package pteron.app.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is worked on beside is said when it takes long, and not any more when it is over. */
class UnderwayTest extends DesktopRobot {

    @Test
    void longWork_isSaid_untilItIsOver() throws Exception {
        Runnable[] over = new Runnable[1];
        robot.interact(() -> over[0] = window.underway("Counting rivets …"));
        assertThat(exists("underway")).isFalse();
        await(() -> exists("underway"));
        assertThat(text("underway")).isEqualTo("Counting rivets …");
        robot.interact(() -> over[0].run());
        assertThat(exists("underway")).isFalse();
    }

    /** A saving overtaken by the next one is not told that it ended: what is said of it ends with the other. */
    @Test
    void overtakenSaving_isNotSaidAnyMore() throws Exception {
        Path file = folder.resolve("twice.json");
        robot.interact(
                () -> {
                    window.files().saveTo(folder.resolve("once.json"));
                    window.files().saveTo(file);
                });
        await(() -> window.bench().document().file().equals(Optional.of(file)));
        Thread.sleep(700);
        assertThat(exists("underway")).isFalse();
    }

    @Test
    void shortWork_isNeverSaid() throws Exception {
        robot.interact(() -> window.underway("Blinking …").run());
        Thread.sleep(700);
        assertThat(exists("underway")).isFalse();
    }
}
