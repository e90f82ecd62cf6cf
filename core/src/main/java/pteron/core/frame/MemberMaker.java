package pteron.core.frame;

import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pteron.core.buildup.Section;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.mechanics.MetalStrength;
import pteron.core.quantity.Tolerance;
import pteron.core.shell.Panel;

/** Makes the members of one panel: names them, weighs them, keeps them. */
final class MemberMaker {

    static final Point2 ALONG = new Point2(0, 1);
    static final Point2 ACROSS = new Point2(1, 0);

    /** Shortest piece worth cutting (mm); common practice: shorter ones split when screwed. */
    static final double SHORTEST_MM = 30;

    private final Panel panel;
    private final Material timber;
    private final List<Member> members = new ArrayList<>();
    private final Map<Role, Integer> count = new EnumMap<>(Role.class);

    MemberMaker(Panel panel, MaterialLibrary library) {
        this.panel = panel;
        this.timber = library.get(panel.members().timber());
    }

    Material timber() {
        return timber;
    }

    List<Member> members() {
        return List.copyOf(members);
    }

    /** Adds a member of the panel's own section, if the piece is worth cutting. */
    void add(Role role, Polygon2 profile, Point2 axis) {
        addRipped(role, profile, axis, 0);
    }

    void addRipped(Role role, Polygon2 profile, Point2 axis, double ripDegrees) {
        Depth depth = new Depth(panel.members().section(), 0);
        add(role, profile, axis, Optional.empty(), depth, ripDegrees);
    }

    /** Adds a member that follows a curve. */
    void addBent(Role role, Polygon2 profile, Point2 axis, Bend bend) {
        Depth depth = new Depth(panel.members().section(), 0);
        add(role, profile, axis, Optional.of(bend), depth, 0);
    }

    /** Adds a block between members or along one of them, if it is worth cutting. */
    void addBlock(Polygon2 profile, Depth depth, boolean across) {
        if (across) {
            addAcross(Role.BLOCK, profile, depth);
        } else {
            add(Role.BLOCK, profile, ALONG, Optional.empty(), depth, 0);
        }
    }

    /** Adds a member of the panel's own section that runs along u, bent with its panel. */
    void addAcross(Role role, Polygon2 profile) {
        addAcross(role, profile, new Depth(panel.members().section(), 0));
    }

    private void addAcross(Role role, Polygon2 profile, Depth depth) {
        Optional<Bend> bend =
                panel.surface().isBent() ? Optional.of(bend(profile, depth)) : Optional.empty();
        add(role, profile, ACROSS, bend, depth, 0);
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

    /** A block on a bent surface is sawn to the bend and lies between faces that lean towards each other. */
    private Bend bend(Polygon2 block, Depth depth) {
        double from = block.bounds().fromU();
        double to = block.bounds().toU();
        double out = panel.surface().lengthMm(from, to, depth.fromInwardMm());
        double inner = depth.fromInwardMm() + depth.section().depthMm();
        double in = panel.surface().lengthMm(from, to, inner);
        double lean = Math.toDegrees(Math.atan2((out - in) / 2, depth.section().depthMm()));
        double radius = Math.abs(inner - depth.fromInwardMm()) * Math.min(out, in);
        return new Bend(
                Math.max(out, in),
                radius / Math.max(Math.abs(out - in), 1e-3),
                lean,
                -lean,
                Optional.empty());
    }

    private void add(
            Role role,
            Polygon2 profile,
            Point2 axis,
            Optional<Bend> bend,
            Depth depth,
            double ripDegrees) {
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
                        bend,
                        depth.fromInwardMm(),
                        ripDegrees,
                        massKg(profile, axis, depth, new Rip(length, ripDegrees))));
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

    private double massKg(Polygon2 profile, Point2 axis, Depth depth, Rip rip) {
        Section section = depth.section();
        boolean straight = Math.abs(axis.v()) > Math.abs(axis.u());
        double middle = depth.fromInwardMm() + section.depthMm() / 2;
        double stretch = straight ? 1 : panel.surface().stretch(profile, middle);
        // a tube is hollow: of its outline only the share of its metal weighs
        double area = MetalStrength.profile(section, timber).areaMm2();
        double solid = area / (section.thicknessMm() * section.depthMm());
        double whole = profile.area() * stretch * section.depthMm() * solid;
        double volume = Math.max(whole - rip.wedgeMm3(section.depthMm()), whole / 2);
        return volume * timber.density() / 1e9;
    }

    /** {@return the name of the next member of a role: nose part 2 stud 3; a floor has end bearers where a wall has plates} */
    private String name(Role role) {
        int number = count.merge(role, 1, Integer::sum);
        return panel.words() + " " + role.label(panel.kind()) + " " + number;
    }
}
