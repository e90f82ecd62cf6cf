package pteron.exchange.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Joining;
import pteron.exchange.demo.Demos;

/** Files of the seventh version knew no way of welding: they are read as welded with MIG. */
class SeventhVersionTest {

    private static BoxPlan read(String text) throws Exception {
        return PlanFile.read(
                new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)),
                MaterialLibrary.starting());
    }

    @Test
    void seventhVersion_isReadAsItWas() throws Exception {
        for (BoxPlan plan :
                new BoxPlan[] {Demos.wagtail(), Demos.dipper(), Demos.siskin(), Demos.plover()}) {
            String text = PlanFile.text(plan).replace("\"version\" : 8", "\"version\" : 7");
            assertThat(text).doesNotContain("\"weld\"");
            assertThat(read(text)).isEqualTo(plan);
            assertThat(read(text).makeUp().joining().weld()).isEqualTo(Joining.Weld.MIG);
        }
    }

    @Test
    void weld_isKept() throws Exception {
        BoxPlan plan = Demos.dipper();
        Joining tig = plan.makeUp().joining().withWeld(Joining.Weld.TIG);
        BoxPlan welded = plan.withMakeUp(plan.makeUp().withJoining(tig));
        assertThat(PlanFile.text(welded)).contains("\"weld\" : \"tig\"");
        assertThat(read(PlanFile.text(welded))).isEqualTo(welded);
        assertThatThrownBy(() -> read(PlanFile.text(welded).replace("\"tig\"", "\"arc\"")))
                .hasMessageContaining("weld")
                .hasMessageContaining("mig");
    }
}
