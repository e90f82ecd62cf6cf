package pteron.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.geometry.Polygon2;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.shell.PanelKind;
import pteron.core.surface.FlatSurface;

/** What members show at the outer face of the left wall, against their bodies seen from the side. */
class AtFaceTest {

    /** {@link Body} is worked out another way: the side view of a member, and how far across the box it reaches. */
    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void shown_isTheBodyFromTheSide(OutlineStart start) {
        BoxModel model = BoxModel.of(StartingPlans.of(start), MaterialLibrary.starting());
        Frame frame = model.get(Frame.class);
        FlatSurface left = (FlatSurface) frame.panel(PanelKind.LEFT).panel().surface();
        double face = left.origin().y();
        int reaching = 0;
        for (Member member : frame.members()) {
            boolean other =
                    member.panel().kind() != PanelKind.LEFT && member.role() != Role.FIRRING;
            Body body = Body.of(member);
            List<Polygon2> shown = new AtFace(left).shown(member);
            if (other && body.fromY() < face + 1.9) {
                reaching++;
                double area = shown.stream().mapToDouble(Polygon2::area).sum();
                double side = body.side().area();
                // the bevel that is ripped off lies in the timber that it meets
                double ripped =
                        Math.abs(Math.tan(Math.toRadians(member.ripDegrees())))
                                * Math.pow(member.section().depthMm(), 2)
                                / 2;
                assertThat(area).as(member.name()).isCloseTo(side + ripped, within(0.01 * side));
            }
            if (body.fromY() > face + 2.1) {
                assertThat(shown).as(member.name()).isEmpty();
            }
        }
        assertThat(reaching).isGreaterThan(5);
    }
}
