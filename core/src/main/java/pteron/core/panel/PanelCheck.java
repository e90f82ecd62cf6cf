package pteron.core.panel;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import pteron.core.figure.Working;
import pteron.core.material.Property;
import pteron.core.mechanics.Check;
import pteron.core.mechanics.Constants;
import pteron.core.mechanics.LoadCase;
import pteron.core.mechanics.SandwichStrip;
import pteron.core.mechanics.ThickFaces;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;

/** One load on one panel: sag, faces, wrinkling, core, and over the supports. */
final class PanelCheck {

    /** Partial factor of foam strengths; common practice. */
    static final double GAMMA_FOAM = 1.5;

    /** Reaction of the middle support of two spans under a load in the middle of one: any beam table. */
    static final double MIDDLE_REACTION = 0.6875;

    /** Moment over it, of P L: any beam table. */
    static final double MIDDLE_MOMENT = 0.09375;

    private static final String ALLEN =
            "thick faces, H. G. Allen 1969, ch. 2; value not yet checked";

    private final SandwichPanel panel;
    private final PanelLoad load;
    private final double spanMm;
    private final double supportMm;
    private final SandwichStrip strip;
    private final ThickFaces theory;
    private final ThickFaces.Answer answer;

    /**
     * A load on a panel.
     *
     * @param panel the panel
     * @param load the load
     * @param spanMm between supports (mm), above 0
     * @param supportMm width of a support (mm)
     */
    PanelCheck(SandwichPanel panel, PanelLoad load, double spanMm, double supportMm) {
        this.panel = panel;
        this.load = load;
        this.spanMm = spanMm;
        this.supportMm = supportMm;
        this.strip = panel.strip(load.widthMm());
        this.theory = new ThickFaces(strip, spanMm, Math.min(load.patchMm(), spanMm));
        this.answer = theory.under(load.newton());
    }

    List<PanelUse> uses() {
        List<PanelUse> checks = new ArrayList<>();
        checks.add(sag());
        checks.add(face());
        checks.add(farFace());
        checks.add(wrinkling());
        checks.add(coreShear());
        if (!load.isSpread(spanMm)) {
            checks.add(crushing());
            checks.add(overSupport());
        }
        return checks;
    }

    private PanelUse check(
            PanelMode mode, Quantity demand, Quantity capacity, Supplier<Working> working) {
        Check check =
                new Check(
                        panel.part().key() + "-" + load.key() + "-" + mode.key(),
                        "%s, %s: %s".formatted(panel.part().title(), load.words(), mode.words()),
                        panel.part().key(),
                        demand,
                        capacity,
                        working);
        return new PanelUse(panel.part(), load, mode, check);
    }

    private Working.Builder terms(String formula) {
        return Working.of(formula)
                .worked("L", "span", Quantity.mm(spanMm), this::spanWorking)
                .worked("P", load.words(), Quantity.newton(load.newton()), this::loadWorking)
                .standard("a", "its patch along the span", Quantity.mm(load.patchMm()))
                .worked("b", "width of the strip", Quantity.mm(load.widthMm()), this::widthWorking)
                .plan("t", "loaded face", Quantity.mm(panel.loaded().thicknessMm()))
                .plan("c", "core", Quantity.mm(panel.core().thicknessMm()));
    }

    private Working spanWorking() {
        return Working.of("L = " + spanWords())
                .plan("L", "as the plan has it", Quantity.mm(spanMm))
                .source("two-way panels are taken as strips");
    }

    private String spanWords() {
        return switch (panel.part()) {
            case FLOOR -> "between the supports of the floor";
            case OVER_CAB_FLOOR, ROOF -> "room inside, from wall to wall";
            case WALLS, BENT_WALLS -> "room inside, from wall to wall or floor to roof";
        };
    }

    private Working loadWorking() {
        boolean spread = load.isSpread(spanMm);
        Working.Builder working = Working.of(spread ? "P = p · b · L" : "P = " + load.words());
        if (spread) {
            return working.plan(
                            "p",
                            load.words(),
                            new Quantity(
                                    load.newton() / load.widthMm() / spanMm * 1e6,
                                    Unit.NEWTON_PER_SQUARE_METRE))
                    .standard("b", "width of the strip", Quantity.mm(load.widthMm()))
                    .source(load.source());
        }
        return working.plan("P", load.words(), Quantity.newton(load.newton()))
                .source("a person's mass in the plan times 9.81; " + load.source());
    }

    private Working widthWorking() {
        return load.isSpread(spanMm)
                ? Working.of("b = a metre")
                        .standard("b", "strip", Quantity.mm(load.widthMm()))
                        .source(load.source())
                : Working.of("b = a + 0.58 L, half of that at an edge")
                        .standard("a", "patch", Quantity.mm(load.patchMm()))
                        .standard("0.58", "spread sideways", Quantity.ratio(PanelLoad.SPREAD))
                        .plan("L", "span", Quantity.mm(spanMm))
                        .source(load.source());
    }

    /** The strip's stiffnesses, each opened in turn. */
    private Working.Builder stiffness(String formula) {
        return terms(formula)
                .worked(
                        "D0",
                        "stiffness by stretch of the faces",
                        new Quantity(strip.coupleStiffness(), Unit.NEWTON_SQUARE_MILLIMETRE),
                        () ->
                                layers(
                                        "D0 = b · E1 t1 · E2 t2 / (E1 t1 + E2 t2) · d²",
                                        SandwichPanel.Sheet::modulus))
                .worked(
                        "Df",
                        "stiffness of the faces alone",
                        new Quantity(strip.faceStiffness(), Unit.NEWTON_SQUARE_MILLIMETRE),
                        () ->
                                layers(
                                        "Df = b · (E1 t1^3 + E2 t2^3) / 12",
                                        SandwichPanel.Sheet::bendingModulus))
                .worked(
                        "S",
                        "stiffness of the core in shear",
                        Quantity.newton(strip.shearStiffness()),
                        () -> layers("S = b · d² / c · G", SandwichPanel.Sheet::modulus));
    }

    private Working layers(String formula, ToDoubleFunction<SandwichPanel.Sheet> modulus) {
        return Working.of(formula)
                .standard("b", "width of the strip", Quantity.mm(strip.widthMm()))
                .plan("t1", "loaded face", Quantity.mm(panel.loaded().thicknessMm()))
                .material(
                        "E1",
                        "its modulus, " + grainWords(panel.loaded()),
                        Quantity.stress(modulus.applyAsDouble(panel.loaded())))
                .plan("t2", "other face", Quantity.mm(panel.other().thicknessMm()))
                .material(
                        "E2",
                        "its modulus, " + grainWords(panel.other()),
                        Quantity.stress(modulus.applyAsDouble(panel.other())))
                .plan("c", "core", Quantity.mm(panel.core().thicknessMm()))
                .material(
                        "G",
                        "shear modulus of the core",
                        Quantity.stress(panel.core().material().value(Property.SHEAR_MODULUS)))
                .source(ALLEN);
    }

    private static String grainWords(SandwichPanel.Sheet face) {
        return face.across() ? "grain across the span" : "grain along the span";
    }

    private Working stretchWorking(SandwichPanel.Sheet face, double coupleMoment) {
        return terms("s = 1.5 · M / d / (b tf)")
                .plan("tf", "the face", Quantity.mm(face.thicknessMm()))
                .worked(
                        "M",
                        "moment carried by stretch of the faces",
                        new Quantity(coupleMoment, Unit.NEWTON_MILLIMETRE),
                        () ->
                                stiffness(
                                                "M = D0 / D · P (2 L − a) / 8, less what is local to the load")
                                        .source(ALLEN))
                .plan("d", "between the middles of the faces", Quantity.mm(strip.leverMm()))
                .source(ALLEN);
    }

    private Working bendingWorking() {
        return stiffness(
                        "sb = 1.5 · 6 m / tf², m = (Df / D · P (2 L − a) / 8 + local) / b by the face's share of Df")
                .source(ALLEN);
    }

    private String source() {
        return "thick faces, H. G. Allen 1969, ch. 2; value not yet checked; two-way panels taken as strips; "
                + load.source();
    }

    /** What the theory of a strip does not see under a small patch. */
    private String patchLimit() {
        return load.isSpread(spanMm) ? "" : "; " + ThickFaces.PATCH_LIMIT;
    }

    private PanelUse sag() {
        double creep = load.key().equals(PanelLoad.PEOPLE) ? creep() : 1;
        double sag = answer.deflectionMm() * creep;
        return check(
                PanelMode.SAG,
                Quantity.mm(sag),
                Quantity.mm(spanMm / Constants.SPAN_OVER_SAG),
                () -> sagWorking(creep));
    }

    private Working sagWorking(double creep) {
        return terms("f = (f bending + f shear) · (1 + psi2 · kdef)")
                .worked(
                        "f bending",
                        "of faces and couple",
                        Quantity.mm(answer.bendingMm()),
                        () ->
                                stiffness("f = P (8 L^3 − 4 L a² + a^3) / (384 (D0 + Df))")
                                        .source(ALLEN))
                .worked(
                        "f shear",
                        "of the core",
                        Quantity.mm(answer.shearMm()),
                        () ->
                                stiffness("f = (D0 / D · M − m) · D0 / (S D), D = D0 + Df")
                                        .source(ALLEN))
                .standard(
                        "1 + psi2 · kdef",
                        "creep of timber faces under what stays",
                        Quantity.ratio(creep))
                .source(source() + "; L/200 is common practice");
    }

    /** {@return growth of the sag under what stays for years} */
    private double creep() {
        FaceStrength face = new FaceStrength(panel.loaded(), load.duration(), panel.service());
        return 1 + PanelLoad.STAYS * face.creep();
    }

    /** {@return factored stress by stretch of a face under a moment of the couple (N/mm²)} */
    private double stretch(SandwichPanel.Sheet face, double coupleMoment) {
        double force = LoadCase.GAMMA_VARIABLE * coupleMoment / strip.leverMm();
        return force / (strip.widthMm() * face.thicknessMm());
    }

    /** {@return factored stress by a face's own bending (N/mm²)} */
    private double ownBending(
            SandwichPanel.Sheet face, ThickFaces.Answer under, double patchMm, double decay) {
        double local = Math.min(strip.widthMm(), patchMm + 2 / decay);
        double perWidth =
                (under.faceMoment() - under.localMoment()) / strip.widthMm()
                        + under.localMoment() / local;
        double t = face.thicknessMm();
        double own = face.bendingModulus() * t * t * t / 12;
        double share = own / (strip.faceStiffness() / strip.widthMm());
        return LoadCase.GAMMA_VARIABLE * perWidth * share * 6 / (t * t);
    }

    private PanelUse face() {
        return underLoad(PanelMode.FACE, panel.loaded(), Property.COMPRESSION);
    }

    /** The face away from the load is pulled. */
    private PanelUse farFace() {
        return underLoad(PanelMode.FAR_FACE, panel.other(), Property.TENSION);
    }

    private PanelUse underLoad(PanelMode mode, SandwichPanel.Sheet face, Property along) {
        double bending = ownBending(face, answer, load.patchMm(), theory.decay());
        return faceCheck(mode, face, answer.coupleMoment(), bending, along);
    }

    private PanelUse faceCheck(
            PanelMode mode,
            SandwichPanel.Sheet face,
            double coupleMoment,
            double bending,
            Property along) {
        FaceStrength strength = new FaceStrength(face, load.duration(), panel.service());
        Property known = face.material().has(along) ? along : Property.COMPRESSION;
        double stretch = stretch(face, coupleMoment);
        double use = stretch / strength.design(known) + bending / strength.design(Property.BENDING);
        return check(
                mode,
                Quantity.ratio(use),
                Quantity.ratio(1),
                () ->
                        faceWorking(
                                strength,
                                known,
                                stretch,
                                bending,
                                () -> stretchWorking(face, coupleMoment)));
    }

    private Working faceWorking(
            FaceStrength strength,
            Property known,
            double stretch,
            double bending,
            Supplier<Working> stretchWorking) {
        return terms("u = s / fd + sb / fmd, both times 1.5")
                .worked("s", "stress along the face", Quantity.stress(stretch), stretchWorking)
                .worked(
                        "sb",
                        "own bending of the face",
                        Quantity.stress(bending),
                        this::bendingWorking)
                .material(
                        "fd",
                        "design strength along the span, " + grainWords(strength.sheet()),
                        Quantity.stress(strength.design(known)))
                .material(
                        "fmd",
                        "design strength in bending",
                        Quantity.stress(strength.design(Property.BENDING)))
                .source(source() + patchLimit());
    }

    private PanelUse wrinkling() {
        double stretch = stretch(panel.loaded(), answer.coupleMoment());
        double limit =
                SandwichStrip.wrinklingStress(
                        panel.loaded().modulus(),
                        panel.core().material().value(Property.MODULUS),
                        panel.core().material().value(Property.SHEAR_MODULUS));
        return check(
                PanelMode.WRINKLING,
                Quantity.stress(stretch),
                Quantity.stress(limit),
                () ->
                        terms("u = s / (0.5 · (Ef · Ec · Gc)^(1/3))")
                                .worked(
                                        "s",
                                        "pressure along the face, times 1.5",
                                        Quantity.stress(stretch),
                                        () -> stretchWorking(panel.loaded(), answer.coupleMoment()))
                                .source("Hoff and Mautner 1945; Zenkert; value not yet checked"));
    }

    private PanelUse coreShear() {
        double stress =
                LoadCase.GAMMA_VARIABLE * answer.coreForce() / (strip.widthMm() * strip.leverMm());
        double strength = panel.core().material().value(Property.SHEAR);
        return check(
                PanelMode.CORE_SHEAR,
                Quantity.stress(stress),
                Quantity.stress(strength / GAMMA_FOAM),
                () ->
                        terms("u = 1.5 Q / (b d) / (fv / 1.5)")
                                .worked(
                                        "Q",
                                        "shear force in the core",
                                        Quantity.newton(answer.coreForce()),
                                        () ->
                                                stiffness(
                                                                "Q = D0 / D · P · (1/2 − sinh(k a/2) / (a k cosh(k L/2))), D = D0 + Df")
                                                        .source(ALLEN))
                                .material("fv", "shear strength", Quantity.stress(strength))
                                .source(source() + "; ASTM C393"));
    }

    private PanelUse crushing() {
        double pressure =
                LoadCase.GAMMA_VARIABLE
                        * CoreCrushing.pressure(
                                load.newton(), load.patchMm(), panel.loaded(), panel.core());
        double strength = panel.core().material().value(Property.COMPRESSION);
        return check(
                PanelMode.CRUSHING,
                Quantity.stress(pressure),
                Quantity.stress(strength / GAMMA_FOAM),
                () ->
                        terms("p = 1.5 · P / 8 · sqrt((Ec / c) / (E t³ / 12)) · eased by the patch")
                                .material(
                                        "E",
                                        "modulus of the face, of wood the mean of both ways",
                                        Quantity.stress(panel.loaded().patchModulus()))
                                .material("fc", "crushing strength", Quantity.stress(strength))
                                .source(
                                        "plate that floats, Hertz 1884; value not yet checked; factor 1.5 on foam is common practice"));
    }

    /** The panel runs over a support between two spans; the reaction presses its faces there. */
    private PanelUse overSupport() {
        double reaction = MIDDLE_REACTION * load.newton();
        ThickFaces over = new ThickFaces(strip, 2 * spanMm, Math.min(supportMm, 2 * spanMm));
        ThickFaces.Answer pressed = over.under(reaction);
        double moment = MIDDLE_MOMENT * load.newton() * spanMm;
        double whole = strip.coupleStiffness() + strip.faceStiffness();
        double couple =
                Math.max(0, strip.coupleStiffness() / whole * moment - pressed.localMoment());
        double even = strip.faceStiffness() / whole * moment;
        ThickFaces.Answer there =
                new ThickFaces.Answer(
                        0, 0, couple, even + pressed.localMoment(), pressed.localMoment(), 0);
        double bending = ownBending(panel.loaded(), there, supportMm, over.decay());
        return faceCheck(PanelMode.OVER_SUPPORT, panel.loaded(), couple, bending, Property.TENSION);
    }
}
