package pteron.core.strength;

import java.util.List;
import java.util.function.Supplier;
import pteron.core.buildup.Floor;
import pteron.core.figure.Working;
import pteron.core.frame.PanelFrame;
import pteron.core.material.BirchPlywood;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.plan.ServiceClass;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;

/**
 * The sandwich between two bearers under one person on one heel.
 *
 * <p>A load on a patch spreads sideways: a strip as wide as the patch and 0.58 of the span carries it
 * (Westergaard 1930, from memory, who adds twice the patch). The faces' own bending dies away within 1/k
 * of the patch, so it is spread over the patch and 1/k on both sides only.
 */
final class SandwichCheck {

    /** Side of the patch under one heel (mm); common practice. */
    static final double HEEL_MM = 60;

    /** Part of the span that a load on a patch spreads over sideways (Westergaard 1930). */
    static final double SPREAD = 0.58;

    /** Span over the deflection that is not felt as soft; common practice. */
    static final double SPAN_OVER_DEFLECTION = 200;

    /** Partial factor of foam strengths; common practice, twice the scatter of timber. */
    static final double GAMMA_FOAM = 1.5;

    private final Floor floor;
    private final Material topFace;
    private final Material core;
    private final Material bottomFace;
    private final double spanMm;
    private final double personN;
    private final SandwichStrip strip;
    private final ThickFaces theory;
    private final ServiceClass service;
    private final ThickFaces.Answer answer;

    SandwichCheck(StrengthInput plan, PanelFrame frame, MaterialLibrary library) {
        this.floor = plan.makeUp().floor();
        this.topFace = library.get(floor.topFace().material());
        this.core = library.get(floor.core().material());
        this.bottomFace = library.get(floor.bottomFace().material());
        this.spanMm = FloorCheck.widestBay(frame);
        this.personN = plan.loads().floorPersonKg() * FloorCheck.GRAVITY;
        this.strip =
                new SandwichStrip(
                        face(topFace, floor.topFace().thicknessMm()),
                        new SandwichStrip.Core(
                                floor.core().thicknessMm(), core.value(Property.SHEAR_MODULUS)),
                        face(bottomFace, floor.bottomFace().thicknessMm()),
                        HEEL_MM + SPREAD * spanMm);
        this.theory = new ThickFaces(strip, spanMm, Math.min(HEEL_MM, spanMm));
        this.answer = theory.under(personN);
        this.service = plan.loads().serviceClass();
    }

    private static SandwichStrip.Face face(Material material, double thicknessMm) {
        return new SandwichStrip.Face(
                thicknessMm, BirchPlywood.modulusAlong(material, thicknessMm));
    }

    List<Check> checks() {
        return List.of(deflection(), faceStress(), wrinkling(), coreShear());
    }

    private Check deflection() {
        double sag = answer.deflectionMm();
        return check(
                "deflection",
                Quantity.mm(sag),
                Quantity.mm(spanMm / SPAN_OVER_DEFLECTION),
                () ->
                        terms("f = P (8 L³ − 4 L a² + a³) / (384 D) + (D0/D · M − m) · D0 / (S D)")
                                .worked(
                                        "bending",
                                        "part by bending",
                                        Quantity.mm(answer.bendingMm()))
                                .worked(
                                        "shear",
                                        "part by shear of the core",
                                        Quantity.mm(answer.shearMm()))
                                .source(theorySource() + "; L/200 is common practice"));
    }

    /** {@return factored stress by stretch of the top face (N/mm²)} */
    private double stretchStress() {
        double force = LoadCase.GAMMA_VARIABLE * answer.coupleMoment() / strip.leverMm();
        return force / (strip.widthMm() * floor.topFace().thicknessMm());
    }

    /** {@return factored stress by the top face's own bending under the heel (N/mm²)} */
    private double ownBendingStress() {
        double localWidth = Math.min(strip.widthMm(), HEEL_MM + 2 / theory.decay());
        double even = (answer.faceMoment() - answer.localMoment()) / strip.widthMm();
        double perWidth = even + answer.localMoment() / localWidth;
        double share = strip.top().ownBending() / (strip.faceStiffness() / strip.widthMm());
        double t = floor.topFace().thicknessMm();
        return LoadCase.GAMMA_VARIABLE * perWidth * share * 6 / (t * t);
    }

    private Check faceStress() {
        TimberStrength strength = new TimberStrength(topFace, Duration.SHORT, service);
        double stretch = stretchStress();
        double bending = ownBendingStress();
        double use =
                stretch / strength.design(Property.COMPRESSION)
                        + bending / strength.design(Property.BENDING);
        return check(
                "face-stress",
                Quantity.ratio(use),
                Quantity.ratio(1),
                () ->
                        terms(
                                        "u = sc / fcd + sb / fmd, sc = 1.5 (M − Mf) / (d b t), sb = 1.5 · 6 Mf,top / t²")
                                .worked(
                                        "sc",
                                        "pressure along the top face",
                                        Quantity.stress(stretch))
                                .worked(
                                        "sb",
                                        "own bending of the top face under the heel",
                                        Quantity.stress(bending))
                                .material(
                                        "fcd",
                                        "design strength in compression",
                                        Quantity.stress(strength.design(Property.COMPRESSION)))
                                .material(
                                        "fmd",
                                        "design strength in bending",
                                        Quantity.stress(strength.design(Property.BENDING)))
                                .source(
                                        theorySource()
                                                + "; EN 1995-1-1 6.2.4, linear; "
                                                + ThickFaces.PATCH_LIMIT));
    }

    private Check wrinkling() {
        double stretch = stretchStress();
        double limit =
                SandwichStrip.wrinklingStress(
                        strip.top().modulus(),
                        core.value(Property.MODULUS),
                        core.value(Property.SHEAR_MODULUS));
        return check(
                "wrinkling",
                Quantity.stress(stretch),
                Quantity.stress(limit),
                () ->
                        terms("u = sc / (0.5 · (Ef · Ec · Gc)^(1/3))")
                                .worked(
                                        "sc",
                                        "pressure along the top face, factored",
                                        Quantity.stress(stretch))
                                .material(
                                        "Ef",
                                        "modulus of the face",
                                        Quantity.stress(strip.top().modulus()))
                                .material(
                                        "Ec",
                                        "modulus of the core",
                                        Quantity.stress(core.value(Property.MODULUS)))
                                .material(
                                        "Gc",
                                        "shear modulus of the core",
                                        Quantity.stress(core.value(Property.SHEAR_MODULUS)))
                                .source("Hoff and Mautner 1945; Zenkert; from memory"));
    }

    private Check coreShear() {
        double stress =
                LoadCase.GAMMA_VARIABLE * answer.coreForce() / (strip.widthMm() * strip.leverMm());
        double strength = core.value(Property.SHEAR) / GAMMA_FOAM;
        return check(
                "core-shear",
                Quantity.stress(stress),
                Quantity.stress(strength),
                () ->
                        terms("u = 1.5 Q / (b d) / (fv / 1.5)")
                                .worked(
                                        "Q",
                                        "shear force in the core",
                                        Quantity.newton(answer.coreForce()))
                                .material(
                                        "fv",
                                        "shear strength of the core",
                                        Quantity.stress(core.value(Property.SHEAR)))
                                .source(
                                        theorySource()
                                                + "; ASTM C393; factor 1.5 on foam is common practice"));
    }

    private static String theorySource() {
        return "thick faces, H. G. Allen 1969, ch. 2, from memory; strip width after Westergaard 1930, from memory";
    }

    private Check check(
            String mode, Quantity demand, Quantity capacity, Supplier<Working> working) {
        return new Check(
                "floor." + mode,
                "Floor, " + mode.replace('-', ' '),
                "floor",
                demand,
                capacity,
                working);
    }

    private Working.Builder terms(String formula) {
        return Working.of(formula)
                .worked("L", "span between bearers", Quantity.mm(spanMm))
                .plan("P", "one person", Quantity.newton(personN))
                .standard("a", "patch under a heel", Quantity.mm(HEEL_MM))
                .worked("b", "width of the strip", Quantity.mm(strip.widthMm()))
                .plan("t", "top face", Quantity.mm(floor.topFace().thicknessMm()))
                .worked("d", "between the middles of the faces", Quantity.mm(strip.leverMm()))
                .worked(
                        "D0",
                        "stiffness by stretch of the faces",
                        stiffness(strip.coupleStiffness()))
                .worked("Df", "stiffness of the faces alone", stiffness(strip.faceStiffness()))
                .worked(
                        "S",
                        "stiffness of the core in shear",
                        Quantity.newton(strip.shearStiffness()))
                .worked(
                        "M − Mf",
                        "moment carried by stretch of the faces",
                        moment(answer.coupleMoment()))
                .worked(
                        "Mf",
                        "moment carried by the faces' own bending",
                        moment(answer.faceMoment()))
                .worked("m", "part of Mf that is local to the heel", moment(answer.localMoment()));
    }

    private static Quantity stiffness(double value) {
        return new Quantity(value, Unit.NEWTON_SQUARE_MILLIMETRE);
    }

    private static Quantity moment(double value) {
        return new Quantity(value, Unit.NEWTON_MILLIMETRE);
    }
}
