package pteron.core.strength;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.Framed;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.Role;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.BoxPlan;

/** Bows of the roof under their weight and one person. */
final class RoofCheck {

    /** One person for maintenance (N): EN 1991-1-1 table 6.10, category H. */
    static final double PERSON_N = 1000;

    private RoofCheck() {}

    /** {@return a check of every bow} */
    static List<MemberCheck> of(BoxPlan plan, List<PanelFrame> panels, MaterialLibrary library) {
        List<MemberCheck> checks = new ArrayList<>();
        for (PanelFrame panel : panels) {
            if (panel.panel().kind().isRoof()) {
                double carried = FloorCheck.widestBay(panel);
                for (Member member : panel.members()) {
                    if (member.role() == Role.BOW || member.role() == Role.END_BOW) {
                        checks.add(bow(plan, member, carried, library));
                    }
                }
            }
        }
        return checks;
    }

    private static MemberCheck bow(
            BoxPlan plan, Member member, double carried, MaterialLibrary library) {
        Framed roof = plan.makeUp().roof();
        double perArea =
                FloorCheck.massPerArea(roof.outerSkin(), library)
                        + FloorCheck.massPerArea(roof.insulation(), library)
                        + FloorCheck.massPerArea(roof.innerSkin(), library);
        double own = member.section().areaMm2() * library.get(member.timber()).density() / 1e6;
        double weight = (perArea * carried / 1000 + own) * FloorCheck.GRAVITY / 1000;
        // each end rests on the whole top plate; the span runs from middle to middle
        double bearing = plan.makeUp().walls().members().section().depthMm();
        return new MemberCheck(
                "bow",
                member.name(),
                member.section(),
                library.get(member.timber()),
                member.lengthMm() - bearing,
                new LoadCase(weight, 0, PERSON_N),
                Duration.SHORT);
    }
}
