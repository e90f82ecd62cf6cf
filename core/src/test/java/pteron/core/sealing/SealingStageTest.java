package pteron.core.sealing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import pteron.core.figure.Figure;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.Box;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;

/** Joints of the square box, 4300 × 2160 × 2050, counted by hand. */
class SealingStageTest {

    private static final double EXACT = 1e-6;
    private static final BoxPlan PLAN = StartingPlans.square();

    private static Sealing sealing(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting())
                .built()
                .orElseThrow()
                .get(Sealing.class);
    }

    /** Two corners across, and front, roof and rear along both sides. */
    @Test
    void corners_byHand() {
        assertThat(sealing(PLAN).lengthMm(JointKind.CORNER))
                .isCloseTo(2 * 2050 + 2 * (2160 + 4300 + 2160), within(EXACT));
    }

    @Test
    void lowerEdge_isThePerimeter() {
        assertThat(sealing(PLAN).lengthMm(JointKind.LOWER_EDGE))
                .isCloseTo(2 * (4300 + 2050), within(EXACT));
    }

    @Test
    void flanges_areTheCutOuts() {
        assertThat(sealing(PLAN).lengthMm(JointKind.OPENING_FLANGE))
                .isCloseTo(2 * (800 + 620) + 2 * (640 + 1850), within(EXACT));
    }

    /** Roof: three seams of 2050. Right: three of 2158.5. Front and rear: one of 2160 each. */
    @Test
    void seams_byHand() {
        double right =
                sealing(PLAN).joints().stream()
                        .filter(j -> j.kind() == JointKind.PANEL_SEAM && j.where().equals("right"))
                        .mapToDouble(SealedJoint::lengthMm)
                        .sum();
        assertThat(right).isCloseTo(3 * 2158.5, within(EXACT));
        double rear =
                sealing(PLAN).joints().stream()
                        .filter(j -> j.kind() == JointKind.PANEL_SEAM && j.where().equals("rear"))
                        .mapToDouble(SealedJoint::lengthMm)
                        .sum();
        assertThat(rear).isCloseTo(2160, within(EXACT));
    }

    @Test
    void cartridges_byHand() {
        Sealing sealing = sealing(PLAN);
        double gunned =
                sealing.lengthMm(JointKind.CORNER)
                        + sealing.lengthMm(JointKind.PANEL_SEAM)
                        + sealing.lengthMm(JointKind.LOWER_EDGE);
        assertThat(sealing.cartridges()).isEqualTo((int) Math.ceil(gunned * 1.1 * 36 / 290_000));
        assertThat(sealing.tapeRolls()).isEqualTo(1);
    }

    @Test
    void thickerBead_moreCartridges() {
        BoxPlan thick = PLAN.withSupplies(PLAN.supplies().withBead(9, 9));
        assertThat(sealing(thick).cartridges()).isGreaterThan(2 * sealing(PLAN).cartridges());
    }

    @Test
    void figures_sumTheJoints() {
        Sealing sealing = sealing(PLAN);
        double corners =
                sealing.figures().stream()
                        .filter(f -> f.key().equals("sealing.corner"))
                        .mapToDouble(Figure::value)
                        .findFirst()
                        .orElseThrow();
        assertThat(corners * 1000).isCloseTo(sealing.lengthMm(JointKind.CORNER), within(EXACT));
        assertThat(sealing.joints())
                .allMatch(j -> j.middle().y() <= 1025 && j.middle().y() >= -1025);
    }

    /** The joint beside an arch is drawn as it is counted: the drawn line is as long as the one in the list. */
    @ParameterizedTest
    @MethodSource("shapes")
    void drawnLine_isAsLongAsTheJoint(BoxPlan plan) {
        for (SealedJoint joint : sealing(plan).joints()) {
            double drawn = 0;
            for (int i = 1; i < joint.path().size(); i++) {
                drawn += joint.path().get(i).distance(joint.path().get(i - 1));
            }
            if (!joint.from().equals(joint.to())) {
                assertThat(drawn)
                        .as(joint.where())
                        .isCloseTo(joint.lengthMm(), within(0.002 * joint.lengthMm()));
            }
        }
    }

    static List<BoxPlan> shapes() {
        Box box = PLAN.box();
        return List.of(
                PLAN,
                PLAN.withBox(box.withDetails(box.details().withCrown(60))),
                StartingPlans.of(OutlineStart.ARCHED));
    }
}
