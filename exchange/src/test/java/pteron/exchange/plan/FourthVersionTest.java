package pteron.exchange.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import pteron.core.buildup.Floor;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.exchange.demo.Demos;

/** Plans of the fourth version open as they were: openings in upright walls, a floor with bearers or without. */
class FourthVersionTest {

    private static BoxPlan read(String text) throws PlanFormatException, IOException {
        return PlanFile.read(
                new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)),
                MaterialLibrary.starting());
    }

    private static String fourth(BoxPlan plan) {
        return PlanFile.text(plan)
                .replace("\"version\" : 8", "\"version\" : 4")
                .replace("\"school\" : \"on_cross_members\"", "\"onBearers\" : false");
    }

    @Test
    void fourthVersion_isReadAsItWas() throws Exception {
        BoxPlan plan = Demos.wagtail();
        assertThat(read(fourth(plan))).isEqualTo(plan);
        assertThat(fourth(plan)).doesNotContain("school");
    }

    @Test
    void floorWithoutBearers_liesOnTheCrossMembers() throws Exception {
        MakeUp makeUp = Demos.wagtail().makeUp();
        Floor bare = makeUp.floor().withSchool(Floor.School.ON_CROSS_MEMBERS);
        BoxPlan plan = Demos.wagtail().withMakeUp(makeUp.withFloor(bare));
        assertThat(fourth(plan)).contains("\"onBearers\" : false");
        assertThat(read(fourth(plan))).isEqualTo(plan);
        assertThat(PlanFile.text(read(fourth(plan)))).contains("on_cross_members");
    }
}
