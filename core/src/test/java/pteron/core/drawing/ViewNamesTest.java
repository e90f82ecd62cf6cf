package pteron.core.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.model.Route;

/** Names that were there are readable beside those that builders read now. */
class ViewNamesTest {

    @ParameterizedTest
    @CsvSource({
        "unfolded, UNFOLDED",
        "flat, UNFOLDED",
        "solid, SOLID",
        "3d, SOLID",
        "inside, INSIDE",
        "partitions, INSIDE",
        "plan, PLAN",
        "floor, PLAN",
        "left, LEFT"
    })
    void view_byOldAndNewName(String word, View view) {
        assertThat(Arrays.stream(View.values()).filter(one -> one.isCalled(word)))
                .containsExactly(view);
    }

    @ParameterizedTest
    @CsvSource({"make-up, make-up", "layers, make-up", "cutting, cutting", "buy-and-cut, cutting"})
    void station_byOldAndNewName(String word, String key) {
        assertThat(Route.station(word).orElseThrow().key()).isEqualTo(key);
    }

    @Test
    void station_unknown() {
        assertThat(Route.station("attic")).isEmpty();
    }
}
