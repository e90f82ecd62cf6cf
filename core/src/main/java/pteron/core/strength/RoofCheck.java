package pteron.core.strength;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import pteron.core.buildup.Framed;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.Role;
import pteron.core.geometry.Bounds2;
import pteron.core.material.MaterialLibrary;
import pteron.core.mechanics.Constants;
import pteron.core.mechanics.Duration;
import pteron.core.mechanics.LoadCase;
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
            if (panel.panel().kind().isRoof()) {
                Bounds2 roof = panel.panel().frame().bounds();
                for (Member member : panel.members()) {
                    if (reachesAcross(panel, member)) {
                        Bow bow = new Bow(plan, member, carried(panel, member), library);
                        checks.add(bow.trodden());
                        double at = member.bounds().middle().u();
                        double fromEnd = Math.min(at - roof.fromU(), roof.toU() - at);
                        checks.add(bow.lifted(zones, fromEnd));
                    }
                }
            }
        }
        return checks;
    }

    /** {@return whether a member reaches from wall to wall, as a trimmer between two openings does not} */
    private static boolean reachesAcross(PanelFrame panel, Member member) {
        double across = panel.panel().frame().bounds().height();
        return BOWS.contains(member.role()) && member.lengthMm() > ACROSS * across;
    }

    /**
     * {@return width of roof that a bow carries (mm): the widest bay, or half the way between the bows on both
     * sides of it that reach from wall to wall, where that is more, as beside an opening}
     */
    static double carried(PanelFrame panel, Member bow) {
        double own = bow.bounds().middle().u();
        double before = panel.panel().frame().bounds().fromU();
        double after = panel.panel().frame().bounds().toU();
        for (Member other : panel.members()) {
            double at = other.bounds().middle().u();
            if (reachesAcross(panel, other) && at < own) {
                before = Math.max(before, at);
            } else if (reachesAcross(panel, other) && at > own) {
                after = Math.min(after, at);
            }
        }
        return Math.max(panel.widestBayMm(), (after - before) / 2);
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
            double own = member.section().areaMm2() * library.get(member.timber()).density() / 1e6;
            return (perArea() * carriedMm / 1000 + own) * Constants.GRAVITY / 1000;
        }

        /** Each end rests on the whole top plate; the span runs from middle to middle. */
        private double spanMm() {
            return member.lengthMm() - plan.makeUp().walls().members().section().depthMm();
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
                                    "length of the bow less one top plate",
                                    carriedMm,
                                    perArea(),
                                    zone == null ? 0 : plan.loads().windSpeed())));
        }
    }
}
