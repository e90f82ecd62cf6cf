package pteron.core.reckon;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.mechanics.Beam;
import pteron.core.mechanics.RectangleSection;
import pteron.core.mechanics.SandwichStrip;
import pteron.core.mechanics.ThickFaces;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;

/** Beam and sandwich. */
final class StrengthCalculators {

    private StrengthCalculators() {}

    static Calculator beam() {
        Input span = Input.length("span", "distance between supports (length)", "2000");
        Input width = Input.length("width", "width of the bar (length)", "38");
        Input depth = Input.length("depth", "depth of the bar (length)", "89");
        Input modulus =
                Input.number("modulus", "modulus of elasticity (N/mm²)", "11000").from(1, 1e6);
        Input spread = Input.number("spread", "spread load (N/mm)", "0");
        Input middle = Input.number("middle", "load in the middle (N)", "1000");
        return new Calculator(
                "beam",
                "Moment, stress and deflection of a bar on two supports",
                List.of(span, width, depth, modulus, spread, middle),
                in -> {
                    RectangleSection section = new RectangleSection(in.mm(width), in.mm(depth));
                    return bar(
                            section,
                            in.mm(span),
                            in.number(modulus),
                            in.number(spread),
                            in.number(middle));
                });
    }

    private static List<Figure> bar(
            RectangleSection section, double span, double e, double w, double p) {
        Beam beam = new Beam(span, e * section.inertiaMm4());
        double moment = beam.spreadMoment(w) + beam.middleMoment(p);
        double sag = beam.spreadDeflection(w) + beam.middleDeflection(p);
        Working working =
                Working.of(
                                "M = w L²/8 + P L/4; s = M / (b h²/6); f = 5 w L^4/(384 E I) + P L³/(48 E I)")
                        .plan("L", "span", Quantity.mm(beam.spanMm()))
                        .plan("b", "width", Quantity.mm(section.widthMm()))
                        .plan("h", "depth", Quantity.mm(section.depthMm()))
                        .plan("E", "modulus", Quantity.stress(e))
                        .plan("w", "spread load", new Quantity(w, Unit.NEWTON_PER_MILLIMETRE))
                        .plan("P", "load in the middle", Quantity.newton(p))
                        .source("any beam table; no factors of safety");
        return new Answers(() -> working)
                .add("moment", "Greatest moment", new Quantity(moment, Unit.NEWTON_MILLIMETRE))
                .add("stress", "Greatest stress", Quantity.stress(moment / section.modulusMm3()))
                .mm("deflection", "Deflection", sag)
                .add(
                        "inertia",
                        "Second moment of area",
                        new Quantity(section.inertiaMm4(), Unit.QUARTIC_MILLIMETRE))
                .add(
                        "section-modulus",
                        "Section modulus",
                        new Quantity(section.modulusMm3(), Unit.CUBIC_MILLIMETRE))
                .list();
    }

    static Calculator sandwich() {
        Input span = Input.length("span", "distance between supports (length)", "400");
        Input width = Input.length("width", "width of the strip (length)", "300");
        Input face = Input.length("face", "thickness of each face (length)", "6");
        Input faceModulus =
                Input.number("face-modulus", "modulus of the faces (N/mm²)", "9000").from(1, 1e6);
        Input core = Input.length("core", "thickness of the core (length)", "30");
        Input coreShear =
                Input.number("core-shear", "shear modulus of the core (N/mm²)", "4.5")
                        .from(0.1, 1e5);
        Input patch =
                Input.length("patch", "length of the loaded patch in the middle (length)", "60");
        Input load = Input.number("load", "load on it (N)", "1000");
        return new Calculator(
                "sandwich",
                "Deflection and stresses of a sandwich strip with thick faces",
                List.of(span, width, face, faceModulus, core, coreShear, patch, load),
                in -> {
                    SandwichStrip.Face skin =
                            new SandwichStrip.Face(in.mm(face), in.number(faceModulus));
                    SandwichStrip strip =
                            new SandwichStrip(
                                    skin,
                                    new SandwichStrip.Core(in.mm(core), in.number(coreShear)),
                                    skin,
                                    in.mm(width));
                    return answer(strip, new Load(in.mm(span), in.mm(patch), in.number(load)));
                });
    }

    private record Load(double spanMm, double patchMm, double force) {}

    private static List<Figure> answer(SandwichStrip strip, Load load) {
        ThickFaces.Answer answer =
                new ThickFaces(strip, load.spanMm, load.patchMm).under(load.force);
        double t = strip.top().thicknessMm();
        double along = answer.coupleMoment() / (strip.leverMm() * strip.widthMm() * t);
        double own = answer.faceMoment() / 2 * 6 / (strip.widthMm() * t * t);
        double shear = answer.coreForce() / (strip.widthMm() * strip.leverMm());
        return new Answers(() -> working(strip, load, answer))
                .mm("deflection", "Deflection", answer.deflectionMm())
                .mm("bending-part", "of it by bending", answer.bendingMm())
                .mm("shear-part", "of it by shear of the core", answer.shearMm())
                .add("face-stretch", "Stress along the faces", Quantity.stress(along))
                .add("face-bending", "Stress by the faces' own bending", Quantity.stress(own))
                .add(
                        "core-shear",
                        "Shear stress of the core",
                        new Quantity(shear, Unit.NEWTON_PER_SQUARE_MILLIMETRE))
                .list();
    }

    private static Working strip(SandwichStrip strip, Load load, String formula) {
        return Working.of(formula)
                .plan("b", "width of the strip", Quantity.mm(strip.widthMm()))
                .plan("d", "between the middles of the faces", Quantity.mm(strip.leverMm()))
                .plan("L", "span", Quantity.mm(load.spanMm))
                .plan("a", "patch", Quantity.mm(load.patchMm))
                .plan("P", "load", Quantity.newton(load.force))
                .source("thick faces, H. G. Allen 1969, ch. 2; value not yet checked");
    }

    private static Working working(SandwichStrip strip, Load load, ThickFaces.Answer answer) {
        return Working.of(
                        "f = P (8 L³ − 4 L a² + a³)/(384 D) + (D0/D · M − m) · D0/(S D); sa = (M − Mf)/(d b t); sb = 3 Mf/(b t²); tau = Q/(b d)")
                .plan("L", "span", Quantity.mm(load.spanMm))
                .plan("a", "patch", Quantity.mm(load.patchMm))
                .plan("P", "load", Quantity.newton(load.force))
                .worked(
                        "D0",
                        "stiffness by stretch of the faces",
                        new Quantity(strip.coupleStiffness(), Unit.NEWTON_SQUARE_MILLIMETRE),
                        () -> strip(strip, load, "D0 = b · E1 t1 · E2 t2 / (E1 t1 + E2 t2) · d²"))
                .worked(
                        "Df",
                        "stiffness of the faces alone",
                        new Quantity(strip.faceStiffness(), Unit.NEWTON_SQUARE_MILLIMETRE),
                        () -> strip(strip, load, "Df = b · (E1 t1^3 + E2 t2^3) / 12"))
                .worked(
                        "S",
                        "stiffness of the core in shear",
                        Quantity.newton(strip.shearStiffness()),
                        () -> strip(strip, load, "S = b · d² / c · G"))
                .worked(
                        "Mf",
                        "moment carried by the faces' own bending",
                        new Quantity(answer.faceMoment(), Unit.NEWTON_MILLIMETRE),
                        () ->
                                strip(
                                        strip,
                                        load,
                                        "Mf = Df / D · P (2 L − a) / 8 + what is local to the load"))
                .worked(
                        "d/t",
                        "lever over face; below 5.77 thin-face formulas fail",
                        Quantity.ratio(strip.leverToFace()),
                        () -> strip(strip, load, "d / t"))
                .source(
                        "thick faces, H. G. Allen 1969, ch. 2; value not yet checked; no factors of safety");
    }
}
