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
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.mechanics.Constants;
import pteron.core.mechanics.Duration;
import pteron.core.mechanics.LoadCase;
import pteron.core.mechanics.MetalStrength;
import pteron.core.mechanics.Wind;
import pteron.core.mechanics.WindZones;

/** Bows of the roof under their weight and one person, and under the suction of the wind. */
final class RoofCheck {

    /** One person for maintenance (N): EN 1991-1-1 table 6.10, category H. */
    static final double PERSON_N = 1000;

    /** Share of the width that a bow must be long to rest on both walls. */
    private static final double ACROSS = 0.9;

    private static final Set<Role> BOWS = Set.of(Role.BOW, Role.END_BOW, Role.TRIMMER);

    private RoofCheck() {}

    /** {@return a check of every bow under its weight and a person, and lifted by the wind} */
    static List<MemberCheck> of(
            StrengthInput plan, List<PanelFrame> panels, WindZones zones, MaterialLibrary library) {
        List<MemberCheck> checks = new ArrayList<>();
        for (PanelFrame panel : panels) {
            if (panel.panel().kind().isRoof() && !panel.panel().isBonded()) {
                roof(plan, panel, zones, library, checks);
            }
        }
        return checks;
    }

    private static void roof(
            StrengthInput plan,
            PanelFrame panel,
            WindZones zones,
            MaterialLibrary library,
            List<MemberCheck> checks) {
        Bounds2 roof = panel.panel().frame().bounds();
        double widest = panel.widestBayMm();
        List<Member> bows =
                panel.members().stream()
                        .filter(member -> BOWS.contains(member.role()))
                        .filter(member -> member.lengthMm() > ACROSS * roof.height())
                        .sorted(Comparator.comparingDouble(RoofCheck::middle))
                        .toList();
        for (int i = 0; i < bows.size(); i++) {
            double before = i == 0 ? roof.fromU() : middle(bows.get(i - 1));
            double after = i == bows.size() - 1 ? roof.toU() : middle(bows.get(i + 1));
            // beside an opening a bow carries half of it
            double carried = Math.max(widest, (after - before) / 2);
            Bow bow = new Bow(plan, bows.get(i), carried, library);
            checks.add(bow.trodden());
            double at = middle(bows.get(i));
            checks.add(bow.lifted(zones, Math.min(at - roof.fromU(), roof.toU() - at)));
        }
    }

    private static double middle(Member bow) {
        return bow.bounds().middle().u();
    }

    /** A bow and the width of roof that it carries (mm). */
    private record Bow(
            StrengthInput plan, Member member, double carriedMm, MaterialLibrary library) {

        private double perArea() {
            Framed roof = plan.makeUp().roof();
            return FloorCheck.massPerArea(roof.outerSkin(), library)
                    + FloorCheck.massPerArea(roof.insulation(), library)
                    + FloorCheck.massPerArea(roof.innerSkin(), library);
        }

        private double weight() {
            Material stuff = library.get(member.timber());
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

        MemberCheck trodden() {
            return check(new LoadCase(weight(), 0, PERSON_N), null);
        }

        /** What the weight does not hold down: 1.5 q − 1.0 g, EN 1990 table A1.2(A) and (B). */
        MemberCheck lifted(WindZones zones, double fromEndMm) {
            WindZones.Zone zone = zones.roof(fromEndMm, carriedMm * spanMm() / 1e6);
            double suction = Wind.pressure(plan.loads().windSpeed()) * zone.net() * carriedMm / 1e6;
            double net = Math.max(0, suction - weight() / LoadCase.GAMMA_VARIABLE);
            return check(new LoadCase(0, net, 0), zone);
        }

        private MemberCheck check(LoadCase loads, WindZones.Zone zone) {
            return new MemberCheck(
                    "bow",
                    member.name(),
                    member.section(),
                    library.get(member.timber()),
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
