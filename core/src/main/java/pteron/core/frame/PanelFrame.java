package pteron.core.frame;

import java.util.List;
import pteron.core.geometry.Polygon2;
import pteron.core.shell.Panel;

/**
 * The frame of one panel. Immutable.
 *
 * @param panel the panel
 * @param settingOut middles and rows
 * @param members its members, in the order they are put in
 */
public record PanelFrame(Panel panel, SettingOut settingOut, List<Member> members) {

    /** Copies the list. */
    public PanelFrame {
        members = List.copyOf(members);
    }

    /** {@return area between the members that the filling takes up, openings left out (mm²)} */
    public List<Polygon2> bays(List<Polygon2> openings) {
        List<Polygon2> timber =
                members.stream()
                        .filter(member -> member.section().depthMm() > panel.depthMm() - 0.5)
                        .map(Member::profile)
                        .toList();
        return panel.frame().without(timber).stream()
                .flatMap(bay -> bay.without(openings).stream())
                .toList();
    }
}
