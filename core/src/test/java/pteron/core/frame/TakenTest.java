package pteron.core.frame;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class TakenTest {

    private final Taken taken = new Taken();

    TakenTest() {
        taken.add(0, 38);
        taken.add(500, 538);
    }

    @Test
    void backs_needsTimberOnBothSides() {
        assertThat(taken.backs(19)).isTrue();
        assertThat(taken.backs(28)).isTrue();
        assertThat(taken.backs(29)).isFalse();
        assertThat(taken.backs(200)).isFalse();
    }

    @Test
    void roomFor_free_isCentred() {
        assertThat(taken.roomFor(200, 38)).hasValue(181);
    }

    @Test
    void roomFor_besideATimber_isMovedAgainstIt() {
        assertThat(taken.roomFor(45, 38)).hasValue(38);
        assertThat(taken.roomFor(490, 38)).hasValue(462);
        assertThat(taken.roomFor(545, 38)).hasValue(538);
    }

    @Test
    void roomFor_betweenTwo_tooNarrow() {
        taken.add(60, 98);
        assertThat(taken.roomFor(49, 38)).isEmpty();
    }

    @Test
    void faces_ofWhatStandsThere() {
        assertThat(taken.lastFaceIn(10, 60)).hasValue(38);
        assertThat(taken.lastFaceIn(38, 60)).isEmpty();
        assertThat(taken.firstFaceIn(490, 530)).hasValue(500);
        assertThat(taken.firstFaceIn(100, 200)).isEmpty();
    }

    @Property(seed = "20261126")
    void roomFor_neverOverlaps_andStaysNear(@ForAll @DoubleRange(min = 40, max = 700) double at) {
        taken.roomFor(at, 38)
                .ifPresent(
                        from -> {
                            assertThat(
                                            from >= 38 - 0.01 && from + 38 <= 500 + 0.01
                                                    || from >= 538 - 0.01)
                                    .isTrue();
                            assertThat(Math.abs(from + 19 - at)).isLessThanOrEqualTo(38.01);
                        });
    }
}
