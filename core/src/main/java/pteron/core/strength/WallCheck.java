package pteron.core.strength;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.Role;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.mechanics.Duration;
import pteron.core.mechanics.LoadCase;
import pteron.core.quantity.Tolerance;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.wind.RoofFace;
import pteron.core.wind.RoofForm;
import pteron.core.wind.RoofWind;
import pteron.core.wind.WallWind;
import pteron.core.wind.Wind;
import pteron.core.wind.Zone;

/** Studs and trimmers of the walls under wind. */
final class WallCheck {

    private static final Set<Role> UPRIGHTS =
            Set.of(Role.STUD, Role.TRIMMER, Role.CORNER_POST, Role.CORNER_BACKING);

    private final StrengthInput plan;
    private final WallWind wind;
    private final PanelFrame panel;

    private WallCheck(StrengthInput plan, WallWind wind, PanelFrame panel) {
        this.plan = plan;
        this.wind = wind;
        this.panel = panel;
    }

    /** {@return a check of every stud and trimmer that stands from plate to plate} */
    static List<MemberCheck> of(StrengthInput plan, WallWind wind) {
        List<MemberCheck> checks = new ArrayList<>();
        for (PanelFrame panel : plan.frame().panels()) {
            PanelKind kind = panel.panel().kind();
            boolean wall =
                    kind != PanelKind.WHEEL_BOX
                            && kind != PanelKind.FLOOR
                            && kind != PanelKind.PARTITION
                            && !kind.isRoof();
            // bars in a bonded panel carry with it: that is the check of the panel
            if (wall && !panel.panel().isBonded()) {
                checks.addAll(new WallCheck(plan, wind, panel).studs());
            }
        }
        return checks;
    }

    private List<MemberCheck> studs() {
        List<Member> uprights =
                panel.members().stream()
                        .filter(member -> UPRIGHTS.contains(member.role()))
                        .sorted(Comparator.comparingDouble(WallCheck::middle))
                        .toList();
        List<MemberCheck> checks = new ArrayList<>();
        for (Member member : uprights) {
            OptionalDouble before = neighbour(uprights, member, -1);
            OptionalDouble after = neighbour(uprights, member, 1);
            boolean checked = member.role() == Role.STUD || member.role() == Role.TRIMMER;
            if (checked && before.isPresent() && after.isPresent()) {
                double from = (before.getAsDouble() + middle(member)) / 2;
                double to = (middle(member) + after.getAsDouble()) / 2;
                checks.add(stud(member, from, to));
            }
        }
        return checks;
    }

    /**
     * {@return middle of the farthest of the next uprights on one side that stand beside it, one at each height; what stands over or
     * under it carries none of its load}
     *
     * @param way −1 towards lower u, 1 towards higher u
     */
    private static OptionalDouble neighbour(List<Member> uprights, Member member, int way) {
        List<Member> side =
                uprights.stream()
                        .filter(
                                one ->
                                        way * (middle(one) - middle(member))
                                                > Tolerance.PENCIL.lengthMm())
                        .toList();
        return heights(side, member.bounds())
                .mapToObj(
                        height ->
                                side.stream()
                                        .filter(one -> stands(one, height))
                                        .mapToDouble(WallCheck::middle)
                                        .reduce((one, other) -> nearer(one, other, way)))
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .reduce((one, other) -> nearer(one, other, -way));
    }

    /** {@return a height in each stretch of a member between the ends of those beside it} */
    private static DoubleStream heights(List<Member> side, Bounds2 own) {
        double[] ends =
                DoubleStream.concat(
                                DoubleStream.of(own.fromV(), own.toV()),
                                side.stream()
                                        .flatMapToDouble(
                                                one ->
                                                        DoubleStream.of(
                                                                one.bounds().fromV(),
                                                                one.bounds().toV())))
                        .filter(v -> own.fromV() <= v && v <= own.toV())
                        .sorted()
                        .toArray();
        return IntStream.range(1, ends.length)
                .filter(i -> ends[i] - ends[i - 1] > Tolerance.PENCIL.lengthMm())
                .mapToDouble(i -> (ends[i] + ends[i - 1]) / 2);
    }

    private static boolean stands(Member one, double height) {
        return one.bounds().fromV() < height && height < one.bounds().toV();
    }

    private static double nearer(double one, double other, int way) {
        return way * (one - other) < 0 ? one : other;
    }

    /** A stud carries half way to its neighbours. */
    private MemberCheck stud(Member member, double from, double to) {
        double carried = to - from;
        double speed = plan.loads().windSpeed();
        Zone zone = zone(from, to, carried * member.lengthMm() / 1e6);
        double load = Wind.pressure(speed) * zone.net() * carried / 1e6;
        return new MemberCheck(
                "stud",
                member.name(),
                member.section(),
                plan.library().get(member.timber()),
                member.lengthMm(),
                new LoadCase(0, load, 0),
                new MemberCheck.Setting(
                        Duration.SHORT,
                        plan.loads().serviceClass(),
                        zone,
                        new Carried("length between the plates", carried, 0, speed),
                        Welded.of(plan, member, 0)));
    }

    /** A leaning wall is a slope of the roof too, as far as the tables of slopes reach. */
    private Zone zone(double from, double to, double areaM2) {
        Bounds2 wall = panel.panel().frame().bounds();
        boolean side = panel.panel().kind().isSide();
        WallWind.Stretch stretch =
                new WallWind.Stretch(from - wall.fromU(), to - wall.fromU(), wall.width());
        Zone upright = wind.worst(side, stretch, areaM2);
        double slope = side ? 90 : slopeDegrees(panel.panel());
        return slope > RoofForm.STEEPEST_DEGREES
                ? upright
                : upright.harder(sloped(from, to, areaM2, slope));
    }

    private Zone sloped(double from, double to, double areaM2, double slope) {
        Bounds2 wall = panel.panel().frame().bounds();
        double run = wall.height() * Math.cos(Math.toRadians(slope));
        RoofFace face = new RoofFace(RoofForm.straight(slope, true), run, wall.width());
        Bounds2 strip = new Bounds2(0, run, from - wall.fromU(), to - wall.fromU());
        RoofWind roof = new RoofWind(wind);
        return roof.suction(face, strip, areaM2).harder(roof.pressure(face, strip));
    }

    /** {@return slope of a flat panel (degrees), 90 upright} */
    private static double slopeDegrees(Panel panel) {
        Point3 inward = panel.surface().inward(new Point2(0, 0));
        return Math.toDegrees(Math.acos(Math.clamp(Math.abs(inward.z()), 0, 1)));
    }

    private static double middle(Member member) {
        return member.profile().centroid().u();
    }
}
