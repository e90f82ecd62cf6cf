package pteron.core.frame;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import pteron.core.buildup.Section;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.material.MaterialLibrary;
import pteron.core.quantity.Tolerance;
import pteron.core.shell.Panel;

/** Makes the members of one panel: names them, weighs them, keeps them. */
final class MemberMaker {

    static final Point2 ALONG = new Point2(0, 1);
    static final Point2 ACROSS = new Point2(1, 0);

    /** Shortest piece worth cutting (mm); common practice: shorter ones split when screwed. */
    static final double SHORTEST_MM = 30;

    private final Panel panel;
    private final double density;
    private final List<Member> members = new ArrayList<>();
    private final Map<Role, Integer> count = new EnumMap<>(Role.class);

    MemberMaker(Panel panel, MaterialLibrary library) {
        this.panel = panel;
        this.density = library.get(panel.members().timber()).density();
    }

    List<Member> members() {
        return List.copyOf(members);
    }

    /** Adds a member of the panel's own section, if the piece is worth cutting. */
    void add(Role role, Polygon2 profile, Point2 axis) {
        addRipped(role, profile, axis, 0);
    }

    void addRipped(Role role, Polygon2 profile, Point2 axis, double ripDegrees) {
        add(role, profile, axis, new Depth(panel.members().section(), 0), ripDegrees);
    }

    /** Adds a block, if it is worth cutting. */
    void addBlock(Polygon2 profile, Depth depth) {
        add(Role.BLOCK, profile, ACROSS, depth, 0);
    }

    /**
     * How a member lies through the panel.
     *
     * @param section its section
     * @param fromInwardMm where it begins (w, mm)
     */
    record Depth(Section section, double fromInwardMm) {

        boolean meets(Member member) {
            return fromInwardMm < member.toInwardMm() - Tolerance.TOUCH.lengthMm()
                    && member.fromInwardMm()
                            < fromInwardMm + section.depthMm() - Tolerance.TOUCH.lengthMm();
        }
    }

    private void add(Role role, Polygon2 profile, Point2 axis, Depth depth, double ripDegrees) {
        double length = along(profile, axis);
        if (length < SHORTEST_MM) {
            return;
        }
        members.add(
                new Member(
                        name(role),
                        role,
                        panel,
                        depth.section(),
                        panel.members().timber(),
                        profile,
                        axis,
                        depth.fromInwardMm(),
                        ripDegrees,
                        massKg(profile, depth.section(), new Rip(length, ripDegrees))));
    }

    /** {@return length along the axis, which a leaning member's bounding box does not tell (mm)} */
    private static double along(Polygon2 profile, Point2 axis) {
        DoubleSummaryStatistics places =
                profile.corners().stream().mapToDouble(axis::dot).summaryStatistics();
        return places.getMax() - places.getMin();
    }

    private record Rip(double lengthMm, double degrees) {
        /** {@return volume of the wedge that a bevel takes off (mm³)} */
        double wedgeMm3(double depthMm) {
            return depthMm * depthMm * Math.tan(Math.toRadians(Math.abs(degrees))) / 2 * lengthMm;
        }
    }

    private double massKg(Polygon2 profile, Section section, Rip rip) {
        // a tube is hollow: of its outline only the share of its metal weighs
        double solid = section.areaMm2() / (section.thicknessMm() * section.depthMm());
        double whole = profile.area() * section.depthMm() * solid;
        double volume = Math.max(whole - rip.wedgeMm3(section.depthMm()), whole / 2);
        return volume * density / 1e9;
    }

    private String name(Role role) {
        int number = count.merge(role, 1, Integer::sum);
        return panel.id() + " " + role.label() + " " + number;
    }
}
