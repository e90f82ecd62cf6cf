package pteron.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What was asked for last is not worked out again; what is older is forgotten. */
class RememberedTest {

    private final List<Integer> worked = new ArrayList<>();
    private final Remembered<Integer, Integer> squares =
            new Remembered<>(
                    2,
                    n -> {
                        worked.add(n);
                        return n * n;
                    });

    @Test
    void theLastOnes_areKnown() {
        assertThat(squares.of(3)).isEqualTo(9);
        assertThat(squares.of(4)).isEqualTo(16);
        assertThat(squares.of(3)).isEqualTo(9);
        assertThat(squares.of(5)).isEqualTo(25);
        assertThat(worked).containsExactly(3, 4, 5);
        squares.of(3);
        assertThat(worked).as("asked for just before").containsExactly(3, 4, 5);
        squares.of(4);
        assertThat(worked).as("forgotten").containsExactly(3, 4, 5, 4);
    }

    @Test
    void noneToRemember_isRefused() {
        assertThatThrownBy(() -> new Remembered<>(0, n -> n)).hasMessageContaining("remember");
    }
}
