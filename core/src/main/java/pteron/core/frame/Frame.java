package pteron.core.frame;

import java.util.List;
import java.util.Optional;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.stage.Result;

/**
 * The frame of the whole box. Immutable.
 *
 * @param panels the frame of each panel, in the order of the shell
 * @param figures number and mass of the members
 * @param findings what is wrong or close
 */
public record Frame(List<PanelFrame> panels, List<Figure> figures, List<Finding> findings)
        implements Result {

    /** Copies the lists. */
    public Frame {
        panels = List.copyOf(panels);
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }

    /** {@return the frame of a panel, empty where there is no such panel} */
    public Optional<PanelFrame> of(Panel panel) {
        return panels.stream().filter(frame -> frame.panel().equals(panel)).findFirst();
    }

    /** {@return all members, panel by panel} */
    public List<Member> members() {
        return panels.stream().flatMap(panel -> panel.all().stream()).toList();
    }

    /** {@return the members of one role, panel by panel} */
    public List<Member> members(Role role) {
        return members().stream().filter(member -> member.role() == role).toList();
    }

    /** {@return mass of all members (kg)} */
    public double massKg() {
        return members().stream().mapToDouble(Member::massKg).sum();
    }

    /**
     * {@return the first panel of a kind}
     *
     * @throws java.util.NoSuchElementException if there is none
     */
    public PanelFrame panel(PanelKind kind) {
        return panels.stream().filter(one -> one.panel().kind() == kind).findFirst().orElseThrow();
    }
}
