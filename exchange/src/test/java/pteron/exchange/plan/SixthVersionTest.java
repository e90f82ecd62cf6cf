package pteron.exchange.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pteron.core.bought.Damage;
import pteron.core.bought.FoundShell;
import pteron.core.bought.RibRow;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Section;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Joining;
import pteron.core.plan.Partition;
import pteron.exchange.demo.Demos;

/** Files of the sixth version knew no joints of tubes and panels, no partitions, no shell that is there. */
class SixthVersionTest {

    private static BoxPlan read(String text) throws Exception {
        return PlanFile.read(
                new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)),
                MaterialLibrary.starting());
    }

    private static BoxPlan bare(BoxPlan plan) {
        return plan.withMakeUp(plan.makeUp().withJoining(Joining.USUAL));
    }

    @Test
    void sixthVersion_isReadAsItWas() throws Exception {
        for (BoxPlan plan : new BoxPlan[] {Demos.wagtail(), bare(Demos.siskin())}) {
            String text =
                    PlanFile.text(plan)
                            .replace("\"version\" : 8", "\"version\" : 6")
                            .replaceAll("\\s*\"tubeLengthsMm\" : \\[[^]]*],", "");
            assertThat(text).doesNotContain("joining", "partitions", "found", "tubeLengths");
            assertThat(read(text)).isEqualTo(plan);
        }
    }

    @Test
    void joints_partitions_andShell_areKept() throws Exception {
        FoundShell shell =
                new FoundShell(
                        new Section(40, 25),
                        new RibRow(200, 406, List.of(0.0, 12.0, -8.0)),
                        new RibRow(210, 400),
                        new RibRow(300, 610),
                        19,
                        FoundShell.Coating.RUSTY,
                        List.of(
                                new Damage(
                                        Damage.Kind.ROT, Damage.Face.FLOOR, 3200, 100, 220, 180)),
                        List.of(0.0, 6.0));
        BoxPlan plan = Demos.wagtail();
        BoxPlan all =
                plan.withMakeUp(
                                plan.makeUp()
                                        .withJoining(
                                                new Joining(
                                                        Joining.Tubes.SLEEVED,
                                                        Joining.Weld.TIG,
                                                        Joining.Curves.NOTCHED,
                                                        Joining.Panels.TONGUED,
                                                        420))
                                        .withRoof(
                                                plan.makeUp()
                                                        .roof()
                                                        .withScheme(Framed.Scheme.BOARDS)))
                        .withFound(Optional.of(shell))
                        .withPartitions(
                                List.of(
                                        Partition.across("Bath", 1500)
                                                .withHold(Partition.Hold.TABS),
                                        Partition.along("Bunk", 300).withStretch(1600, 2800)))
                        .withSupplies(plan.supplies().withTubeLengths(List.of(6100.0, 7300.0)));
        assertThat(read(PlanFile.text(all))).isEqualTo(all);
    }

    @Test
    void ribTooFarOff_isRefused() {
        String text = PlanFile.text(Demos.plover()).replace("19.05,", "1905,");
        assertThatThrownBy(() -> read(text)).hasMessageContaining("1905 mm and must be from");
    }
}
