package pteron.app.window;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Twelve stations will stand on the route; each has a key of its own. */
class StationKeysTest {

    private static final int STATIONS = 12;

    @Test
    void everyStation_hasAKeyOfItsOwn() {
        assertThat(Commands.STATION_KEYS).hasSize(STATIONS).doesNotHaveDuplicates();
        assertThat(Commands.STATION_KEYS)
                .allSatisfy(key -> assertThat(KeyCode.valueOf(key)).isNotNull());
    }
}
