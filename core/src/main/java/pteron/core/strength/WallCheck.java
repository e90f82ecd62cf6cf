package pteron.core.strength;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.Role;
import pteron.core.geometry.Bounds2;
import pteron.core.material.MaterialLibrary;
import pteron.core.mechanics.Duration;
import pteron.core.mechanics.LoadCase;
import pteron.core.mechanics.Wind;
import pteron.core.mechanics.WindZones;
import pteron.core.shell.PanelKind;

/** Studs and trimmers of the walls under wind. */
final class WallCheck {

    private static final Set<Role> UPRIGHTS =
            Set.of(Role.STUD, Role.TRIMMER, Role.CORNER_POST, Role.CORNER_BACKING);

    private WallCheck() {}

    /** {@return a check of every stud and trimmer that stands from plate to plate} */
    static List<MemberCheck> of(
            StrengthInput plan, List<PanelFrame> panels, WindZones zones, MaterialLibrary library) {
        List<MemberCheck> checks = new ArrayList<>();
        for (PanelFrame panel : panels) {
            PanelKind kind = panel.panel().kind();
            boolean wall =
                    kind != PanelKind.WHEEL_BOX
                            && kind != PanelKind.FLOOR
                            && kind != PanelKind.PARTITION
                            && !kind.isRoof();
            // bars in a bonded panel carry with it: that is the check of the panel
            if (wall && !panel.panel().isBonded()) {
                wall(plan, panel, zones, library, checks);
            }
        }
        return checks;
    }

    private static void wall(
            StrengthInput plan,
            PanelFrame panel,
            WindZones zones,
            MaterialLibrary library,
            List<MemberCheck> checks) {
        List<Member> uprights =
                panel.members().stream()
                        .filter(member -> UPRIGHTS.contains(member.role()))
                        .sorted(Comparator.comparingDouble(WallCheck::middle))
                        .toList();
        for (int i = 1; i < uprights.size() - 1; i++) {
            Member member = uprights.get(i);
            if (member.role() == Role.STUD || member.role() == Role.TRIMMER) {
                double carried = (middle(uprights.get(i + 1)) - middle(uprights.get(i - 1))) / 2;
                checks.add(stud(plan, panel, zones, library, member, carried));
            }
        }
    }

    private static MemberCheck stud(
            StrengthInput plan,
            PanelFrame panel,
            WindZones zones,
            MaterialLibrary library,
            Member member,
            double carried) {
        Bounds2 wall = panel.panel().frame().bounds();
        double wind = Wind.pressure(plan.loads().windSpeed());
        double fromEdge = Math.min(middle(member) - wall.fromU(), wall.toU() - middle(member));
        boolean side = panel.panel().kind().isSide();
        double area = carried * member.lengthMm() / 1e6;
        WindZones.Zone zone = zones.wall(side, fromEdge, area);
        double load = wind * zone.net() * carried / 1e6;
        MemberCheck.Setting setting =
                new MemberCheck.Setting(
                        Duration.SHORT,
                        plan.loads().serviceClass(),
                        zone,
                        new Carried(
                                "length between the plates", carried, 0, plan.loads().windSpeed()),
                        Welded.of(plan, member, 0));
        return stud(member, library, load, setting);
    }

    private static MemberCheck stud(
            Member member, MaterialLibrary library, double load, MemberCheck.Setting setting) {
        return new MemberCheck(
                "stud",
                member.name(),
                member.section(),
                library.get(member.timber()),
                member.lengthMm(),
                new LoadCase(0, load, 0),
                setting);
    }

    private static double middle(Member member) {
        return member.profile().centroid().u();
    }
}
