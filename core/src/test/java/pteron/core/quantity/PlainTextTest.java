package pteron.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;

/** Marks that cannot be seen, and texts that are too long, where they come in. */
class PlainTextTest {

    @ParameterizedTest
    @ValueSource(
            ints = {
                0x0, 0x1, 0x7, 0x9, 0xA, 0x1B, 0x7F, 0x85, 0x9B, 0x61C, 0x200E, 0x200F, 0x2028,
                0x202A, 0x202E, 0x2066, 0x2069, 0xD800, 0xFEFF, 0xFFFE, 0xFFFF, 0x1FFFF
            })
    void marks_areRefused_orMadeVisible(int mark) {
        String text = "Finch" + new String(Character.toChars(mark)) + "box";
        assertThatThrownBy(() -> PlainText.require("name", text))
                .hasMessageContaining("name has a mark")
                .hasMessageContaining("U+%04X".formatted(mark))
                .hasMessageContaining("type it anew");
        assertThat(PlainText.visible(text)).isEqualTo("Finch\uFFFDbox");
        BoxPlan plan = StartingPlans.square();
        assertThatThrownBy(() -> plan.withName(text)).hasMessageContaining("mark");
        String id = plan.openings().getFirst().id();
        assertThatThrownBy(() -> plan.withOpening(id, one -> one.withName(text)))
                .hasMessageContaining("mark");
    }

    @Test
    void lettersOfTheWorld_stay() {
        for (String name :
                new String[] {"Wohnkiste Ährenfeld", "Кемпер", "旅の箱", "بيت", "👩‍🔧 box"}) {
            assertThat(PlainText.require("name", name)).isEqualTo(name);
            assertThat(PlainText.visible(name)).isEqualTo(name);
        }
    }

    @Test
    void thousandLetters_andNoMore() {
        BoxPlan plan = StartingPlans.square();
        assertThat(plan.withName("x".repeat(1000)).name()).hasSize(1000);
        assertThatThrownBy(() -> plan.withName("x".repeat(1001)))
                .hasMessageContaining("1001 letters and may have 1000; shorten it");
    }

    @Test
    void lines_keepTheirEnds() {
        assertThat(PlainText.visibleLines("a\u001b[2J\nb\n")).isEqualTo("a\uFFFD[2J\nb\n");
    }
}
