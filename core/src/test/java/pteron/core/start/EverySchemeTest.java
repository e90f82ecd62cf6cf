package pteron.core.start;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.frame.Frame;
import pteron.core.frame.FrameStation;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.outline.OutlineStation;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.plan.OutlineStart;
import pteron.core.quantity.UnitSystem;

/** Every starting outline, every scheme, every kind of carrier: set out, or refused by one finding that says why. */
class EverySchemeTest {

    private static Framed of(Framed framed, Framed.Scheme scheme) {
        Members tubes = new Members(new Section(30, 60, 2), 450, "alu-6060");
        Framed other = framed.withScheme(scheme);
        return switch (scheme) {
            case STUDS -> other;
            case TUBE ->
                    other.withMembers(tubes).withInsulation(framed.insulation().withThickness(58));
            case FRAMELESS -> other.withInsulation(framed.insulation().withThickness(50));
            case BOARDS ->
                    other.withOuterSkin(
                            new Layer("larch-boards", 20, Layer.Grain.ACROSS, Layer.SCREWED));
        };
    }

    private static BoxPlan with(BoxPlan plan, Framed.Scheme scheme) {
        MakeUp makeUp = plan.makeUp();
        return plan.withMakeUp(
                makeUp.withWalls(of(makeUp.walls(), scheme)).withRoof(of(makeUp.roof(), scheme)));
    }

    @Test
    void everyOne_isSetOut_orSaysWhyNot() {
        int boxes = 0;
        int setOut = 0;
        for (CarrierStart carrier : CarrierStart.values()) {
            for (OutlineStart outline : OutlineStart.values()) {
                if (NewPlan.refusal(carrier, outline).isPresent()) {
                    continue;
                }
                BoxPlan plan =
                        NewPlan.of(
                                carrier,
                                carrier.sizes(UnitSystem.METRIC).getFirst(),
                                outline,
                                UnitSystem.METRIC);
                for (Framed.Scheme scheme : Framed.Scheme.values()) {
                    BoxModel model = BoxModel.of(with(plan, scheme), MaterialLibrary.starting());
                    boxes++;
                    setOut += isSetOut(model, carrier + " " + outline + " " + scheme) ? 1 : 0;
                }
            }
        }
        System.out.printf("%d boxes of every kind: %d set out%n", boxes, setOut);
        assertThat(boxes).isEqualTo(5 * 6 * 4 - 2 * 4);
        assertThat(setOut).isGreaterThanOrEqualTo(boxes * 9 / 10);
    }

    private static boolean isSetOut(BoxModel model, String told) {
        if (model.find(Frame.class).isPresent()) {
            assertThat(model.isWeighedByAreas()).as(told).isFalse();
            assertThat(model.findings(FrameStation.FRAME))
                    .as(told)
                    .extracting(Finding::code)
                    .doesNotContain("MEMBERS_SHARE_ROOM");
            return true;
        }
        List<Finding> why =
                model.findings(OutlineStation.OUTLINE).stream()
                        .filter(finding -> finding.severity() == Severity.STOPS)
                        .toList();
        assertThat(why).as(told).hasSize(1);
        return false;
    }
}
