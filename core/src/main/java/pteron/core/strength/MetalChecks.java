package pteron.core.strength;

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
import pteron.core.quantity.Quantity;

/** A tube or bar of metal on two supports, checked in bending, shear and deflection to EN 1999-1-1 and EN 1993-1-1. */
final class MetalChecks {

    private final MemberCheck member;
    private final Section section;
    private final Material metal;
    private final LoadCase loads;
    private final MetalStrength strength;
    private final Beam beam;

    MetalChecks(MemberCheck member) {
        this.member = member;
        this.section = member.section();
        this.metal = member.timber();
        this.loads = member.loads();
        this.strength = new MetalStrength(metal);
        this.beam =
                new Beam(
                        member.spanMm(),
                        metal.value(Property.MODULUS) * strength.profile(section).inertiaMm4());
    }

    List<Check> checks() {
        return List.of(bending(), shear(), deflection());
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
                        "EN 1999-1-1 6.2.5, EN 1993-1-1 6.2.5; welds stand at the ends, where the moment is nil; the skins' help is left out");
    }

    private Working stressWorking() {
        return member.loadTerms("M / W, M = (1.35 g + 1.5 q) L²/8 + 1.5 P L/4, W = 2 I / h")
                .source("EN 1990; any beam table");
    }

    private Check shear() {
        double force = loads.designShear(member.spanMm());
        double area = strength.shearAreaMm2(section);
        return member.check(
                "shear",
                Quantity.stress(force / area),
                Quantity.stress(strength.design(Property.SHEAR)),
                () -> shearWorking(force));
    }

    private Working shearWorking(double force) {
        return member.loadTerms("u = V / Av / (fv / gamma), Av = A h / (b + h) of a tube")
                .worked(
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
                .source("EN 1993-1-1 6.2.6 (3)");
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
