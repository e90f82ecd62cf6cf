package pteron.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class NamedTest {

    private enum Face {
        FLOOR_TOP,
        INNER
    }

    @Test
    void names_asWords_andAsKeys() {
        assertThat(Named.small(Face.FLOOR_TOP)).isEqualTo("floor_top");
        assertThat(Named.words(Face.FLOOR_TOP)).isEqualTo("floor top");
        assertThat(Named.key(Face.FLOOR_TOP)).isEqualTo("floor-top");
        assertThat(Named.words(Face.INNER)).isEqualTo("inner");
    }
}
