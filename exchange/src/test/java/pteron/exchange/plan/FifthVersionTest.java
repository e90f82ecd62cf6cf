package pteron.exchange.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.Assembly;
import pteron.core.plan.BoxPlan;
import pteron.exchange.demo.Demos;

/** Plans of the fifth version open as they were: put together as all boxes were then. */
class FifthVersionTest {

    private static BoxPlan read(String text) throws PlanFormatException, IOException {
        return PlanFile.read(
                new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)),
                MaterialLibrary.starting());
    }

    private static BoxPlan put(Assembly assembly) {
        BoxPlan plan = Demos.wagtail();
        return plan.withMakeUp(plan.makeUp().withAssembly(assembly));
    }

    @Test
    void fifthVersion_isReadAsItWas() throws Exception {
        for (BoxPlan plan : new BoxPlan[] {Demos.wagtail(), Demos.siskin()}) {
            String text = PlanFile.text(plan).replace("\"version\" : 8", "\"version\" : 5");
            assertThat(text).doesNotContain("assembly");
            assertThat(read(text)).isEqualTo(plan);
        }
    }

    @Test
    void schools_areKept() throws Exception {
        Assembly all =
                new Assembly(
                        Assembly.Corners.SIDES_OVER_STRIP,
                        Assembly.Feet.BESIDE_THE_FLOOR,
                        Assembly.Ceiling.FROM_INSIDE_OUT,
                        Assembly.Lining.IN_HALVES,
                        Assembly.Strip.OFF_A_ROLL,
                        3,
                        2);
        assertThat(read(PlanFile.text(put(all)))).isEqualTo(put(all));
    }

    @Test
    void partOfAPiece_isRefused() {
        String text =
                PlanFile.text(put(Assembly.USUAL.withFloor(2, 1)))
                        .replace("\"floorAlong\" : 2", "\"floorAlong\" : 2.5");
        assertThatThrownBy(() -> read(text))
                .hasMessageContaining("floorAlong")
                .hasMessageContaining("2.5 and must be a whole number from 1 to 6");
    }
}
