package pteron.core.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.frame.Frame;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.SamplePlans;
import pteron.core.plan.StartingPlans;
import pteron.core.sealing.Sealing;
import pteron.core.stage.Part;
import pteron.core.stage.Part.Group;

/** Masses and places of parts by hand, and the symmetry of a symmetric box. */
class PartListTest {

    private static final BoxPlan BARE = StartingPlans.square().withOpenings(List.of());

    private static Balance balance(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting()).balance();
    }

    private static Part part(Balance balance, String name) {
        return balance.parts().stream()
                .filter(p -> p.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** 2047 × 4297 × 30 mm of foam at 33 kg/m³, above bearers of 63 and a face of 6.5. */
    @Test
    void floorCore_byHand() {
        Part core = part(balance(BARE), "floor core");
        assertThat(core.massKg()).isCloseTo(2.047 * 4.297 * 0.030 * 33, within(1e-6));
        assertThat(core.place().z()).isCloseTo(63 + 6.5 + 15, within(1e-6));
        assertThat(core.place().x()).isCloseTo(2150, within(1e-6));
    }

    /** The bays of the right wall, two gaps of 6 mm in each of 500 − 38 filled with expanding foam. */
    @Test
    void insulation_fillsTheBays() {
        BoxModel model = BoxModel.of(BARE, MaterialLibrary.starting());
        var frame =
                model.built().orElseThrow().get(Frame.class).panels().stream()
                        .filter(p -> p.panel().id().equals("right"))
                        .findFirst()
                        .orElseThrow();
        double timber = frame.members().stream().mapToDouble(m -> m.profile().area()).sum();
        double area = frame.panel().frame().area() - timber;
        double gap = 12.0 / (500 - 38);
        double density = 33 * (1 - gap) + 30 * gap;
        Part insulation = part(model.balance(), "right insulation");
        assertThat(insulation.massKg()).isCloseTo(area * 60 * density / 1e9, within(1e-6));
    }

    /** Left and right are alike but for the setting-out of front, rear and floor, which starts on the left. */
    @Test
    void bareBox_weighsNearlyTheSameOnBothSides() {
        Balance balance = balance(BARE);
        assertThat(balance.centre().y()).isBetween(-10.0, 10.0);
        double left =
                balance.parts().stream()
                        .filter(p -> p.name().startsWith("left "))
                        .mapToDouble(Part::massKg)
                        .sum();
        double right =
                balance.parts().stream()
                        .filter(p -> p.name().startsWith("right "))
                        .mapToDouble(Part::massKg)
                        .sum();
        assertThat(left).isCloseTo(right, within(1e-6));
    }

    @Test
    void groups_addUp() {
        Balance balance = balance(SamplePlans.rakedNose());
        double sum = 0;
        for (Group group : Group.values()) {
            sum += balance.massKg(group);
        }
        assertThat(sum).isCloseTo(balance.massKg(), within(1e-9));
        assertThat(balance.massKg(Group.OPENINGS)).isCloseTo(31, within(1e-9));
        assertThat(balance.boxKg()).isCloseTo(balance.massKg() - 640, within(1e-9));
    }

    /** Sealant by hand: 6 × 6 mm of 1350 kg/m³; tape 20 × 3 mm of 1500 kg/m³. */
    @Test
    void sealing_byHand() {
        BoxModel model = BoxModel.of(StartingPlans.square(), MaterialLibrary.starting());
        var sealing = model.built().orElseThrow().get(Sealing.class);
        double gunned =
                sealing.joints().stream()
                        .filter(j -> !j.kind().taped())
                        .mapToDouble(j -> j.lengthMm())
                        .sum();
        double taped =
                sealing.joints().stream()
                        .filter(j -> j.kind().taped())
                        .mapToDouble(j -> j.lengthMm())
                        .sum();
        double mass = (gunned * 36 * 1350 + taped * 60 * 1500) / 1e9;
        assertThat(model.balance().massKg(Group.SEALING)).isCloseTo(mass, within(1e-9));
    }

    @Test
    void carrier_isOnePart() {
        Part carrier = balance(BARE).parts().getFirst();
        assertThat(carrier.group()).isEqualTo(Group.CARRIER);
        assertThat(carrier.massKg()).isEqualTo(640);
        assertThat(carrier.place().z()).isEqualTo(-290);
    }
}
