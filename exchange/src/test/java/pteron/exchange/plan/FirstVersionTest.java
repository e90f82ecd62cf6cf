package pteron.exchange.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Climate;
import pteron.core.vehicle.Trailer;

/** Plans of the first version of the format open, and are written in the newest. */
class FirstVersionTest {

    private static String sample() throws IOException {
        try (InputStream in = FirstVersionTest.class.getResourceAsStream("version-1.json")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static BoxPlan read(String text) throws PlanFormatException, IOException {
        return PlanFile.read(
                new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)),
                MaterialLibrary.starting());
    }

    @Test
    void firstVersion_opens_andKeepsItsNumbers() throws Exception {
        BoxPlan plan = read(sample());
        Trailer trailer = (Trailer) plan.vehicle();
        assertThat(trailer.emptyKg()).isCloseTo(640, within(1e-9));
        assertThat(trailer.drawbar().emptyKg()).isEqualTo(78);
        assertThat(trailer.drawbar().ratingKg()).isEqualTo(240);
        assertThat(trailer.axlesMm()).containsExactly(2330.0, 3150.0);
        assertThat(trailer.gear().axles()).allMatch(axle -> axle.ratingKg() == 950);
        assertThat(trailer.steel().crossMembersMm()).hasSize(8);
        assertThat(plan.limits().widthMm()).isEqualTo(2550);
        assertThat(plan.climate()).isEqualTo(Climate.USUAL);
        BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
        assertThat(model.built()).isPresent();
        assertThat(model.balance().load().frontPercent()).isBetween(10.0, 15.0);
    }

    @Test
    void firstVersion_isWrittenInTheNewest() throws Exception {
        BoxPlan plan = read(sample());
        String text = PlanFile.text(plan);
        assertThat(text).contains("\"version\" : 8").doesNotContain("\"trailer\" : {");
        assertThat(read(text)).isEqualTo(plan);
    }

    @Test
    void firstVersion_broken_saysThePlace() throws Exception {
        String text = sample();
        assertThatThrownBy(
                        () ->
                                read(
                                        text.replace(
                                                "\"couplerAheadMm\": 1350",
                                                "\"couplerAheadMm\": 5")))
                .hasMessageContaining("trailer.couplerAheadMm");
        assertThatThrownBy(() -> read(text.replace("\"roadWidthMm\": 2550", "\"roadWidthMm\": 5")))
                .hasMessageContaining("loads.roadWidthMm");
        assertThatThrownBy(() -> read(text.replace("\"version\": 1", "\"version\": 2")))
                .hasMessageContaining("loads.road");
    }
}
