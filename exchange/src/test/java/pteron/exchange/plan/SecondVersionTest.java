package pteron.exchange.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Saw;
import pteron.core.plan.ServiceClass;
import pteron.exchange.demo.Demos;

/** Plans of the second version open as they were: bars without end trim, parts without tolerance. */
class SecondVersionTest {

    private static BoxPlan read(String text) throws PlanFormatException, IOException {
        return PlanFile.read(
                new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)),
                MaterialLibrary.starting());
    }

    /** The demo as the second version wrote it. */
    private static String second() {
        return PlanFile.text(Demos.wagtail())
                .replace("\"version\" : 8", "\"version\" : 2")
                .replaceAll("\\s*\"(endTrimMm|lengthToleranceMm)\" : [0-9.]+,", "")
                .replaceAll(",\\s*\"serviceClass\" : \"covered\"", "");
    }

    @Test
    void secondVersion_isReadWithNone() throws Exception {
        BoxPlan plan = read(second());
        assertThat(plan.supplies().saw()).isEqualTo(Saw.of(3));
        assertThat(plan.loads().serviceClass()).isEqualTo(ServiceClass.COVERED);
        assertThat(plan.withSupplies(Demos.wagtail().supplies())).isEqualTo(Demos.wagtail());
        assertThat(read(PlanFile.text(plan))).isEqualTo(plan);
    }

    @Test
    void fieldsOfTheThird_areNotOfTheSecond() {
        assertThatThrownBy(
                        () ->
                                read(
                                        PlanFile.text(Demos.wagtail())
                                                .replace("\"version\" : 8", "\"version\" : 2")))
                .hasMessageContaining("serviceClass");
    }
}
