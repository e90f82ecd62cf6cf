package pteron.core.strength;

import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import pteron.core.buildup.Section;
import pteron.core.figure.Working;
import pteron.core.material.Material;
import pteron.core.material.Property;
import pteron.core.mechanics.Beam;
import pteron.core.mechanics.Check;
import pteron.core.mechanics.Constants;
import pteron.core.mechanics.Duration;
import pteron.core.mechanics.LoadCase;
import pteron.core.mechanics.RectangleSection;
import pteron.core.mechanics.TimberStrength;
import pteron.core.plan.ServiceClass;
import pteron.core.quantity.Named;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.wind.Zone;

/**
 * A member on two supports, checked in bending, shear and deflection; of timber to EN 1995-1-1. Immutable.
 *
 * @param kind what it is: {@code stud}, {@code bow}, {@code bearer}
 * @param part name of the member
 * @param section its section, bent across its depth
 * @param timber its timber or metal
 * @param spanMm distance between supports (mm)
 * @param loads what lies on it
 * @param setting how long the governing load stands, how damp the timber becomes, what the wind does
 */
record MemberCheck(
        String kind,
        String part,
        Section section,
        Material timber,
        double spanMm,
        LoadCase loads,
        Setting setting) {

    /**
     * What goes with the loads.
     *
     * @param duration how long the governing load stands
     * @param service how damp the timber becomes
     * @param wind zone and coefficient, null where wind is not what loads it
     * @param carried where loads and span come from
     * @param welded where it is welded
     */
    record Setting(
            Duration duration, ServiceClass service, Zone wind, Carried carried, Welded welded) {}

    private RectangleSection rectangle() {
        return RectangleSection.of(section);
    }

    /** {@return its span and stiffness, of a member of timber} */
    Beam beam() {
        return new Beam(spanMm, timber.value(Property.MODULUS) * rectangle().inertiaMm4());
    }

    private TimberStrength strength() {
        return new TimberStrength(timber, setting.duration, setting.service);
    }

    /** {@return whether it is of metal, which is checked by other rules} */
    boolean isMetal() {
        return timber.kind() == Material.Kind.METAL;
    }

    /** {@return creep factor of its timber} */
    double creep() {
        return strength().kdef();
    }

    /** {@return the checks of a member of timber} */
    List<Check> checks() {
        return List.of(bending(), shear(), deflection());
    }

    private Check bending() {
        double stress = loads.designMoment(beam()) / rectangle().modulusMm3();
        double size = TimberStrength.sizeFactor(section.depthMm());
        double strength = size * strength().design(Property.BENDING);
        return check(
                "bending",
                Quantity.stress(stress),
                Quantity.stress(strength),
                () -> bendingWorking(stress, size));
    }

    private Working bendingWorking(double stress, double size) {
        return loadTerms(
                        "u = M / W / (kh · kmod · fm / gamma), M = (1.35 g + 1.5 q) L²/8 + 1.5 P L/4, W = b h²/6")
                .material(
                        "fm",
                        "bending strength, " + timber.name(),
                        Quantity.stress(timber.value(Property.BENDING)))
                .standard(
                        "kmod",
                        "factor for service class %d and duration "
                                        .formatted(setting.service.number())
                                + Named.small(setting.duration),
                        Quantity.ratio(strength().kmod()))
                .standard(
                        "gamma",
                        "partial factor of the material",
                        Quantity.ratio(strength().gamma()))
                .worked("kh", "size factor", Quantity.ratio(size), this::sizeWorking)
                .worked("M / W", "stress", Quantity.stress(stress), this::stressWorking)
                .source("EN 1995-1-1 6.1.6, eq. 2.14 and 3.1; EN 338; the skins' help is left out");
    }

    private Working stressWorking() {
        return loadTerms("M / W, M = (1.35 g + 1.5 q) L²/8 + 1.5 P L/4, W = b h²/6")
                .source("EN 1990; any beam table");
    }

    private Working sizeWorking() {
        return Working.of("kh = min((150 / h)^0.2, 1.3), 1 from 150 mm up")
                .plan("h", "depth", Quantity.mm(section.depthMm()))
                .source("EN 1995-1-1 eq. 3.1");
    }

    private Check shear() {
        double force = loads.designShear(spanMm);
        double stress = 1.5 * force / (TimberStrength.CRACK_FACTOR * rectangle().areaMm2());
        double strength = strength().design(Property.SHEAR);
        return check(
                "shear",
                Quantity.stress(stress),
                Quantity.stress(strength),
                () ->
                        loadTerms("u = 1.5 V / (kcr · b · h) / (kmod · fv / gamma)")
                                .worked(
                                        "V",
                                        "factored force at a support",
                                        Quantity.newton(force),
                                        () ->
                                                loadTerms("V = (1.35 g + 1.5 q) L/2 + 1.5 P")
                                                        .source(
                                                                "EN 1990; the moving load right beside the support"))
                                .standard(
                                        "kcr",
                                        "what cracks leave of the width",
                                        Quantity.ratio(TimberStrength.CRACK_FACTOR))
                                .material(
                                        "fv",
                                        "shear strength, " + timber.name(),
                                        Quantity.stress(timber.value(Property.SHEAR)))
                                .source("EN 1995-1-1 6.1.7; EN 338"));
    }

    private Check deflection() {
        double sag = loads.finalDeflection(beam(), strength().kdef());
        double limit = spanMm / Constants.SPAN_OVER_SAG;
        return check(
                "deflection", Quantity.mm(sag), Quantity.mm(limit), () -> deflectionWorking(sag));
    }

    private Working deflectionWorking(double sag) {
        return sagTerms(
                        "u = f / (L/200), f = 5 ((1 + kdef) g + q) L^4 / (384 E I) + P L^3 / (48 E I)")
                .worked("f", "deflection", Quantity.mm(sag), this::sagWorking)
                .source(
                        "EN 1995-1-1 2.2.3, 7.2 and table 3.2; L/200 is our choice within its table");
    }

    private Working sagWorking() {
        return sagTerms("f = 5 ((1 + kdef) g + q) L^4 / (384 E I) + P L^3 / (48 E I), I = b h^3/12")
                .source("any beam table; EN 1995-1-1 2.2.3");
    }

    private Working.Builder sagTerms(String formula) {
        return loadTerms(formula)
                .material(
                        "E",
                        "modulus, " + timber.name(),
                        Quantity.stress(timber.value(Property.MODULUS)))
                .standard(
                        "kdef",
                        "creep under the permanent load",
                        Quantity.ratio(strength().kdef()));
    }

    Check check(String mode, Quantity demand, Quantity capacity, Supplier<Working> working) {
        return check(mode, mode, demand, capacity, working);
    }

    Check check(
            String mode,
            String words,
            Quantity demand,
            Quantity capacity,
            Supplier<Working> working) {
        String name =
                kind.substring(0, 1).toUpperCase(Locale.ROOT) + kind.substring(1) + ", " + words;
        return new Check(
                kind.replace(' ', '-') + "." + mode, name, part, demand, capacity, working);
    }

    Working.Builder loadTerms(String formula) {
        Working.Builder working = Working.of(formula);
        working.worked(
                "L",
                "span of " + part,
                Quantity.mm(spanMm),
                () -> setting.carried.spanWorking(spanMm));
        working.plan("b", "thickness", Quantity.mm(section.thicknessMm()));
        working.plan("h", "depth", Quantity.mm(section.depthMm()));
        working.worked(
                "g", "permanent load", line(loads.permanent()), setting.carried::permanentWorking);
        working.worked(
                "q",
                "load that comes and goes",
                line(loads.spread()),
                () ->
                        setting.wind == null
                                ? setting.carried.spreadWorking()
                                : setting.carried.windWorking(setting.wind.net()));
        if (setting.wind != null) {
            working.standard(
                    "c",
                    "wind in zone %s, outside and inside, EN 1991-1-4; q = c · wind · width carried"
                            .formatted(setting.wind.name()),
                    Quantity.ratio(setting.wind.net()));
        }
        return working.standard("P", "load in the middle", Quantity.newton(loads.middle()));
    }

    private static Quantity line(double load) {
        return new Quantity(load, Unit.NEWTON_PER_MILLIMETRE);
    }
}
