package pteron.core.strength;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.Framed;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.material.MaterialLibrary;
import pteron.core.mechanics.Constants;
import pteron.core.mechanics.LoadCase;
import pteron.core.shell.PanelKind;

/**
 * Bearers of a bed over the cab, from side wall to side wall: under two people who lie on it, or one who
 * kneels, whose weight mattress and lining spread over two of them.
 */
final class BedCheck {

    /** Bearers that a knee on a mattress rests on: common practice. */
    private static final double SHARED_BY = 2;

    private BedCheck() {}

    /** {@return a check of every bearer that faces down over a cab} */
    static List<MemberCheck> of(
            StrengthInput plan, List<PanelFrame> panels, MaterialLibrary library) {
        List<MemberCheck> checks = new ArrayList<>();
        for (PanelFrame panel : panels) {
            if (panel.panel().kind() == PanelKind.UNDER && !panel.panel().isBonded()) {
                panel.members().stream()
                        .filter(FloorCheck::isBearer)
                        .forEach(member -> checks.add(check(plan, panel, member, library)));
            }
        }
        return checks;
    }

    /** {@return two people spread over the whole bed (N/m²)} */
    private static double lying(StrengthInput plan, PanelFrame panel) {
        double people = 2 * plan.loads().floorPersonKg() * Constants.GRAVITY;
        return people / panel.panel().frame().area() * 1e6;
    }

    private static MemberCheck check(
            StrengthInput plan, PanelFrame panel, Member member, MaterialLibrary library) {
        Framed walls = plan.makeUp().walls();
        double carried = panel.widestBayMm();
        double span = member.lengthMm() - walls.framing().section().depthMm();
        double kgPerArea =
                FloorCheck.massPerArea(walls.outerSkin(), library)
                        + FloorCheck.massPerArea(walls.insulation(), library)
                        + FloorCheck.massPerArea(walls.innerSkin(), library);
        double weight = kgPerArea * Constants.GRAVITY / 1e6 * carried;
        double lying = lying(plan, panel);
        double person = plan.loads().floorPersonKg() * Constants.GRAVITY;
        LoadCase loads = FloorCheck.harder(span, weight, lying * carried / 1e6, person / SHARED_BY);
        Carried load = new Carried("from wall to wall", carried, kgPerArea, lying);
        return FloorCheck.bearer(plan, member, library.get(member.timber()), span, loads, load);
    }
}
