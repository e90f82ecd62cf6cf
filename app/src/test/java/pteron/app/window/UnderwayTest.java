package pteron.app.window;

import static org.assertj.core.api.Assertions.assertThat;

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

    @Test
    void shortWork_isNeverSaid() throws Exception {
        robot.interact(() -> window.underway("Blinking …").run());
        Thread.sleep(700);
        assertThat(exists("underway")).isFalse();
    }
}
