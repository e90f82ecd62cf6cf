package pteron.core.strength;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.Section;
import pteron.core.figure.Working;
import pteron.core.material.Material;
import pteron.core.material.Property;
import pteron.core.mechanics.Beam;
import pteron.core.mechanics.Check;
import pteron.core.mechanics.Constants;
import pteron.core.mechanics.LoadCase;
import pteron.core.mechanics.MetalStrength;
import pteron.core.mechanics.WeldSoftening;
import pteron.core.quantity.Quantity;

/** A tube or bar of metal on two supports, checked in bending, shear and deflection to EN 1999-1-1 and EN 1993-1-1. */
final class MetalChecks {

    /** Way of failing beside a weld, in keys. */
    static final String WELD = "weld";

    private final MemberCheck member;
    private final Section section;
    private final Material metal;
    private final LoadCase loads;
    private final MetalStrength strength;
    private final Beam beam;
    private final Welded welded;

    MetalChecks(MemberCheck member) {
        this.member = member;
        this.section = member.section();
        this.metal = member.timber();
        this.loads = member.loads();
        this.strength = new MetalStrength(metal);
        this.welded = member.setting().welded();
        this.beam =
                new Beam(
                        member.spanMm(),
                        metal.value(Property.MODULUS) * strength.profile(section).inertiaMm4());
    }

    Beam beam() {
        return beam;
    }

    List<Check> checks() {
        List<Check> checks = new ArrayList<>(List.of(bending(), shear(), deflection()));
        welded.hardest(member.spanMm(), leastWidthMm()).map(this::atWeld).ifPresent(checks::add);
        return checks;
    }

    private double leastWidthMm() {
        return Math.min(section.thicknessMm(), section.depthMm());
    }

    /** Heat of a weld softens the whole section as far as it reaches; the moment is that of the place nearest to the middle. */
    private Check atWeld(Welded.Stretch stretch) {
        WeldSoftening softening = welded.softening().orElseThrow();
        double share = stretch.momentShare(member.spanMm());
        double stress = share * loads.designMoment(beam) / strength.modulusMm3(section);
        double design = softening.design(stretch.jointMm(), leastWidthMm());
        return member.check(
                WELD,
                "bending at a weld",
                Quantity.stress(stress),
                Quantity.stress(design),
                () -> weldWorking(stretch, stress, softening));
    }

    private Working weldWorking(Welded.Stretch stretch, double stress, WeldSoftening softening) {
        boolean isLong = softening.isLong(stretch.jointMm(), leastWidthMm());
        return member.loadTerms(
                        isLong
                                ? "u = 4 x (L − x) / L² · M / W / (fo,haz / 1.1)"
                                : "u = 4 x (L − x) / L² · M / W / (fu,haz / 1.25)")
                .worked(
                        "M / W",
                        "stress in the middle",
                        Quantity.stress(stress / share(stretch)),
                        this::stressWorking)
                .plan(
                        "x",
                        "nearest place of the softened stretch to the middle",
                        Quantity.mm(nearest(stretch)))
                .plan(
                        "joint",
                        "length of the joint along the member",
                        Quantity.mm(stretch.jointMm()))
                .standard("b,haz", "softened on each side of it", Quantity.mm(softening.reachMm()))
                .plan(
                        "least width",
                        "of the member; the softened stretch is " + (isLong ? "longer" : "shorter"),
                        Quantity.mm(leastWidthMm()))
                .material(
                        "fo,haz",
                        "yield strength beside a weld, " + metal.name(),
                        Quantity.stress(softening.yield()))
                .material(
                        "fu,haz",
                        "tension strength beside a weld",
                        Quantity.stress(softening.ultimate()))
                .source(
                        "EN 1999-1-1 6.1.6.3, table 3.2b and 6.2.9.3; value not yet checked; over the whole section; welding is for a trained hand");
    }

    private double share(Welded.Stretch stretch) {
        return stretch.momentShare(member.spanMm());
    }

    private double nearest(Welded.Stretch stretch) {
        return Math.clamp(member.spanMm() / 2, stretch.fromMm(), stretch.toMm());
    }

    private Check bending() {
        double modulus = strength.modulusMm3(section);
        double stress = loads.designMoment(beam) / modulus;
        double design = strength.design(Property.BENDING);
        return member.check(
                "bending",
                Quantity.stress(stress),
                Quantity.stress(design),
                () -> bendingWorking(stress));
    }

    private Working bendingWorking(double stress) {
        return member.loadTerms(
                        "u = M / W / (f / gamma), M = (1.35 g + 1.5 q) L²/8 + 1.5 P L/4, W = 2 I / h")
                .plan("t", "wall of the tube, 0 where it is solid", Quantity.mm(section.wallMm()))
                .material(
                        "f",
                        "strength at yield, " + metal.name(),
                        Quantity.stress(metal.value(Property.BENDING)))
                .standard("gamma", "partial factor", Quantity.ratio(MetalStrength.GAMMA))
                .worked("M / W", "stress", Quantity.stress(stress), this::stressWorking)
                .source(
                        "EN 1999-1-1 6.2.5, EN 1993-1-1 6.2.5; away from welds; the skins' help is left out");
    }

    private Working stressWorking() {
        return member.loadTerms("M / W, M = (1.35 g + 1.5 q) L²/8 + 1.5 P L/4, W = 2 I / h")
                .source("EN 1990; any beam table");
    }

    private Check shear() {
        double force = loads.designShear(member.spanMm());
        double area = strength.shearAreaMm2(section);
        double parent = strength.design(Property.SHEAR);
        // the ends are welded, and there the shear is greatest
        double design =
                welded.softening().map(soft -> Math.min(parent, soft.shear())).orElse(parent);
        return member.check(
                "shear",
                Quantity.stress(force / area),
                Quantity.stress(design),
                () -> shearWorking(force));
    }

    private Working shearWorking(double force) {
        Working.Builder working =
                member.loadTerms("u = V / Av / (fv / gamma), Av = A h / (b + h) of a tube");
        welded.softening()
                .ifPresent(
                        soft ->
                                working.material(
                                        "fo,haz / (√3 gamma)",
                                        "design shear strength at its welded ends",
                                        Quantity.stress(soft.shear())));
        return working.worked(
                        "V",
                        "factored force at a support",
                        Quantity.newton(force),
                        () ->
                                member.loadTerms("V = (1.35 g + 1.5 q) L/2 + 1.5 P")
                                        .source(
                                                "EN 1990; the moving load right beside the support"))
                .material(
                        "fv",
                        "shear strength, " + metal.name(),
                        Quantity.stress(metal.value(Property.SHEAR)))
                .standard("gamma", "partial factor", Quantity.ratio(MetalStrength.GAMMA))
                .source("EN 1993-1-1 6.2.6 (3), EN 1999-1-1 6.2.6 with the strength beside a weld");
    }

    private Check deflection() {
        double sag = loads.finalDeflection(beam, 0);
        double limit = member.spanMm() / Constants.SPAN_OVER_SAG;
        return member.check(
                "deflection", Quantity.mm(sag), Quantity.mm(limit), () -> deflectionWorking(sag));
    }

    private Working deflectionWorking(double sag) {
        return sagTerms("u = f / (L/200), f = 5 (g + q) L^4 / (384 E I) + P L^3 / (48 E I)")
                .worked("f", "deflection", Quantity.mm(sag), this::sagWorking)
                .source("any beam table; L/200 is our choice, as for timber");
    }

    private Working sagWorking() {
        return sagTerms(
                        "f = 5 (g + q) L^4 / (384 E I) + P L^3 / (48 E I), I = (b h^3 − b' h'^3)/12")
                .source("any beam table; metal does not creep");
    }

    private Working.Builder sagTerms(String formula) {
        return member.loadTerms(formula)
                .material(
                        "E",
                        "modulus, " + metal.name(),
                        Quantity.stress(metal.value(Property.MODULUS)));
    }
}
