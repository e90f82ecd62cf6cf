package pteron.core.strength;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import pteron.core.buildup.Framed;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.Role;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.material.Material;
import pteron.core.mechanics.Constants;
import pteron.core.mechanics.Duration;
import pteron.core.mechanics.LoadCase;
import pteron.core.mechanics.MetalStrength;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.wind.BoxInWind;
import pteron.core.wind.RoofFace;
import pteron.core.wind.RoofForm;
import pteron.core.wind.RoofWind;
import pteron.core.wind.WallWind;
import pteron.core.wind.Wind;
import pteron.core.wind.Zone;

/**
 * Bows that run from side wall to side wall: of the roof under their weight and one person, under the wind that lifts it
 * and the wind that presses on it; of walls that bend under the wind alone.
 */
final class RoofCheck {

    /** One person for maintenance (N): EN 1991-1-1 table 6.10, category H. */
    static final double PERSON_N = 1000;

    /** Share of the width that a bow must be long to rest on both walls. */
    private static final double ACROSS = 0.9;

    private static final Set<Role> BOWS = Set.of(Role.BOW, Role.END_BOW, Role.TRIMMER);

    private final StrengthInput plan;
    private final WallWind wind;
    private final PanelFrame panel;

    private RoofCheck(StrengthInput plan, WallWind wind, PanelFrame panel) {
        this.plan = plan;
        this.wind = wind;
        this.panel = panel;
    }

    /** {@return the checks of every bow} */
    static List<MemberCheck> of(StrengthInput plan, WallWind wind) {
        List<RoofFace> faces = BoxInWind.roofs(plan.box(), wind, plan.outline());
        List<MemberCheck> checks = new ArrayList<>();
        int roof = 0;
        for (PanelFrame panel : plan.frame().panels()) {
            PanelKind kind = panel.panel().kind();
            RoofCheck check = new RoofCheck(plan, wind, panel);
            if (kind.isRoof()) {
                RoofFace face = faces.get(roof++);
                check.bows().forEach(bow -> checks.addAll(bow.ofRoof(face)));
            } else if (isBentWall(panel.panel())) {
                check.bows().forEach(bow -> checks.addAll(bow.ofBend()));
            }
        }
        return checks;
    }

    private static boolean isBentWall(Panel panel) {
        boolean wall = panel.kind() == PanelKind.NOSE || panel.kind() == PanelKind.TAIL;
        return wall && panel.surface().isBent();
    }

    /** {@return the bows with what they carry, none of a bonded panel: bars in it carry with it} */
    private List<Bow> bows() {
        Bounds2 roof = panel.panel().frame().bounds();
        double widest = panel.widestBayMm();
        List<Member> members =
                panel.members().stream()
                        .filter(member -> BOWS.contains(member.role()))
                        .filter(member -> member.lengthMm() > ACROSS * roof.height())
                        .sorted(Comparator.comparingDouble(RoofCheck::middle))
                        .toList();
        List<Bow> bows = new ArrayList<>();
        for (int i = 0; i < members.size() && !panel.panel().isBonded(); i++) {
            double at = middle(members.get(i));
            double before = i == 0 ? roof.fromU() : middle(members.get(i - 1));
            double after = i == members.size() - 1 ? roof.toU() : middle(members.get(i + 1));
            // beside an opening a bow carries half of it
            double carried = Math.max(widest, (after - before) / 2);
            double from = i == 0 ? roof.fromU() : Math.max(roof.fromU(), at - carried / 2);
            double to =
                    i == members.size() - 1 ? roof.toU() : Math.min(roof.toU(), at + carried / 2);
            bows.add(new Bow(members.get(i), carried, from - roof.fromU(), to - roof.fromU()));
        }
        return bows;
    }

    private static double middle(Member bow) {
        return bow.bounds().middle().u();
    }

    /** A bow, the width that it carries (mm), and the stretch of its panel from which the wind on it is taken (mm). */
    private final class Bow {

        private final Member member;
        private final double carriedMm;
        private final double fromMm;
        private final double toMm;

        private Bow(Member member, double carriedMm, double fromMm, double toMm) {
            this.member = member;
            this.carriedMm = carriedMm;
            this.fromMm = fromMm;
            this.toMm = toMm;
        }

        private List<MemberCheck> ofRoof(RoofFace face) {
            double share = face.lengthMm() / panel.panel().frame().bounds().width();
            Bounds2 strip = new Bounds2(fromMm * share, toMm * share, 0, face.widthMm());
            RoofWind roof = new RoofWind(wind);
            Zone suction = roof.suction(face, strip, areaM2());
            Zone pressure = roof.pressure(face, strip);
            // what the weight does not hold down: 1.5 q − 1.0 g, EN 1990 table A1.2(A) and (B)
            double net = Math.max(0, load(suction) - weight() / LoadCase.GAMMA_VARIABLE);
            return List.of(
                    check("bow", new LoadCase(weight(), 0, PERSON_N), null),
                    check("bow", new LoadCase(0, net, 0), suction),
                    check("bow", new LoadCase(weight(), load(pressure), 0), pressure));
        }

        /** By its slope it belongs to a roof, to a wall, or to both. Its weight holds nothing down. */
        private List<MemberCheck> ofBend() {
            double slope = slopeDegrees();
            Zone zone =
                    slope > RoofForm.STEEPEST_DEGREES
                            ? ofWall()
                            : slope > RoofForm.FLAT_TO_DEGREES
                                    ? ofWall().harder(ofSlope(slope))
                                    : ofSlope(slope);
            return List.of(check("bend bow", new LoadCase(weight(), load(zone), 0), zone));
        }

        private Zone ofWall() {
            double width = plan.box().widthMm();
            return wind.worst(false, new WallWind.Stretch(0, width, width), areaM2());
        }

        private Zone ofSlope(double slope) {
            double run = Math.max(toMm, panel.panel().frame().bounds().width());
            RoofFace face = new RoofFace(RoofForm.straight(slope, true), run, plan.box().widthMm());
            Bounds2 strip = new Bounds2(fromMm, toMm, 0, face.widthMm());
            RoofWind roof = new RoofWind(wind);
            return roof.suction(face, strip, areaM2()).harder(roof.pressure(face, strip));
        }

        private double slopeDegrees() {
            Panel of = panel.panel();
            double z = of.surface().inward(new Point2(middle(member), 0)).z();
            return Math.toDegrees(Math.acos(Math.clamp(Math.abs(z), 0, 1)));
        }

        private double areaM2() {
            return carriedMm * spanMm() / 1e6;
        }

        private double load(Zone zone) {
            return Wind.pressure(plan.loads().windSpeed()) * zone.net() * carriedMm / 1e6;
        }

        private Framed framed() {
            return panel.panel().kind().isRoof() ? plan.makeUp().roof() : plan.makeUp().walls();
        }

        private double perArea() {
            return FloorCheck.massPerArea(framed().outerSkin(), plan.library())
                    + FloorCheck.massPerArea(framed().insulation(), plan.library())
                    + FloorCheck.massPerArea(framed().innerSkin(), plan.library());
        }

        private double weight() {
            Material stuff = plan.library().get(member.timber());
            double area =
                    stuff.kind() == Material.Kind.METAL
                            ? MetalStrength.profile(member.section(), stuff).areaMm2()
                            : member.section().areaMm2();
            double own = area * stuff.density() / 1e6;
            return (perArea() * carriedMm / 1000 + own) * Constants.GRAVITY / 1000;
        }

        /** Each end rests on the whole top plate, from middle to middle; between side walls it hangs by its ends. */
        private double spanMm() {
            if (plan.makeUp().assembly().sidesRunPast()) {
                return member.lengthMm();
            }
            return member.lengthMm() - plan.makeUp().walls().framing().section().depthMm();
        }

        private MemberCheck check(String kind, LoadCase loads, Zone zone) {
            return new MemberCheck(
                    kind,
                    member.name(),
                    member.section(),
                    plan.library().get(member.timber()),
                    spanMm(),
                    loads,
                    new MemberCheck.Setting(
                            Duration.SHORT,
                            plan.loads().serviceClass(),
                            zone,
                            new Carried(
                                    plan.makeUp().assembly().sidesRunPast()
                                            ? "length of the bow, hung between the side walls"
                                            : "length of the bow less one top plate",
                                    carriedMm,
                                    perArea(),
                                    zone == null ? 0 : plan.loads().windSpeed()),
                            Welded.of(plan, member, (member.lengthMm() - spanMm()) / 2)));
        }
    }
}
