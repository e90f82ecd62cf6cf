package pteron.core.outline;

import java.util.List;
import pteron.core.curve.Batten;
import pteron.core.figure.Figure;
import pteron.core.figure.FigureList;
import pteron.core.figure.Working;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.plan.Box;
import pteron.core.plan.OutlinePoint;
import pteron.core.quantity.Named;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Tolerance;

/** What an outline measures. */
final class OutlineFigures {

    /** Turn below which two pieces run on without a mitre (degrees). */
    private static final double SMOOTH_DEGREES = 0.01;

    private final Outline outline;
    private final Box box;
    private final MaterialLibrary library;
    private final FigureList figures = new FigureList(OutlineStation.OUTLINE);

    private OutlineFigures(Outline outline, Box box, MaterialLibrary library) {
        this.outline = outline;
        this.box = box;
        this.library = library;
    }

    static List<Figure> of(Outline outline, Box box, MaterialLibrary library) {
        OutlineFigures all = new OutlineFigures(outline, box, library);
        all.size();
        all.strip();
        all.corners();
        all.figures.addAll(AreaFigures.of(outline, box));
        return all.figures.list();
    }

    private void size() {
        span("length", "Length of the box", outline.foremostMm(), outline.rearmostMm());
        span("height", "Box height above deck", 0, outline.heightMm());
        Quantity width = Quantity.mm(box.widthMm());
        figures.add(
                "width",
                "Outside width",
                width,
                () -> Working.of("W").plan("W", "outside width", width).source("the plan"));
    }

    private void span(String key, String name, double from, double to) {
        figures.add(
                key,
                name,
                Quantity.mm(to - from),
                () ->
                        Working.of("length = last − first")
                                .plan("first", "least measure of the outline", Quantity.mm(from))
                                .plan("last", "greatest measure of the outline", Quantity.mm(to))
                                .source("geometry"));
    }

    private static String name(Element element) {
        return Named.small(element.kind());
    }

    private void strip() {
        double along = 0;
        Working.Builder whole = Working.of("wrap = sum of its lengths");
        for (Element element : outline.elements()) {
            int number = element.index() + 1;
            Quantity length = Quantity.mm(element.lengthMm());
            figures.add(
                    "strip." + element.index(),
                    "Length of wrap segment " + number + ", " + name(element),
                    length,
                    () -> lengthWorking(element));
            whole.worked(
                    "l" + number,
                    name(element),
                    length,
                    OutlineStation.OUTLINE.figure("strip." + element.index()));
            if (element.bends()) {
                bend(element, along);
            }
            along += element.lengthMm();
        }
        figures.add(
                "strip-total",
                "Wrap, developed length",
                Quantity.mm(along),
                () -> whole.source("geometry"));
    }

    private static Working lengthWorking(Element element) {
        if (!element.bends()) {
            Edge edge = element.edge();
            return Working.of("length = sqrt(run² + rise²)")
                    .plan("run", "along the box", Quantity.mm(edge.to().u() - edge.from().u()))
                    .plan("rise", "upwards", Quantity.mm(edge.to().v() - edge.from().v()))
                    .source("Pythagoras");
        }
        Quantity radius = Quantity.mm(1 / element.curve().hardestCurvature());
        return element.curve() instanceof Batten
                ? Working.of("length = sum of the stretches of the line of least bending")
                        .worked("r", "tightest radius", radius, () -> leastRadius(element))
                        .source("elastica, Euler 1744; walked by Runge and Kutta's method")
                : Working.of("length = r · turn")
                        .worked("r", "radius", radius, () -> leastRadius(element))
                        .worked(
                                "turn",
                                "angle gone round",
                                Quantity.degrees(
                                        Math.toDegrees(element.lengthMm() / radius.value())),
                                () -> turned(element))
                        .source("geometry");
    }

    private static Working.Builder ends(Element element, String formula) {
        Edge edge = element.edge();
        return Working.of(formula)
                .plan("run", "along the box", Quantity.mm(edge.to().u() - edge.from().u()))
                .plan("rise", "upwards", Quantity.mm(edge.to().v() - edge.from().v()));
    }

    private static Working leastRadius(Element element) {
        return ends(element, "tightest radius of the curve through its ends, bulge or points")
                .source("geometry of the curve in the plan");
    }

    private static Working turned(Element element) {
        return ends(element, "turn = 4 · arctan(2 · bulge / chord), chord = sqrt(run² + rise²)")
                .source("geometry of an arc");
    }

    private Working stretches(double to) {
        Working.Builder working = Working.of("sum of the segments before it, and its own part");
        double gone = 0;
        for (Element element : outline.elements()) {
            if (gone >= to) {
                break;
            }
            Quantity own = Quantity.mm(element.lengthMm());
            String symbol = "l" + (element.index() + 1);
            if (to - gone < own.value() - Tolerance.PENCIL.lengthMm()) {
                working.plan(symbol, name(element) + ", up to there", Quantity.mm(to - gone));
            } else {
                working.worked(
                        symbol,
                        name(element),
                        own,
                        OutlineStation.OUTLINE.figure("strip." + element.index()));
            }
            gone += element.lengthMm();
        }
        return gone > 0
                ? working.source("geometry")
                : working.plan("l", "front foot of the wrap", Quantity.mm(0)).source("geometry");
    }

    private Working turn(int corner) {
        return Working.of("turn = change of direction where two segments meet")
                .plan(
                        "x",
                        "corner along the box",
                        Quantity.mm(outline.corners().get(corner).at().u()))
                .plan("z", "corner upwards", Quantity.mm(outline.corners().get(corner).at().v()))
                .source("geometry; directions of the segments that end there");
    }

    /** A curved piece: where it begins on the strip, how hard it bends, what a batten feels. */
    private void bend(Element element, double along) {
        Quantity radius = Quantity.mm(1 / element.curve().hardestCurvature());
        double hardest = along + element.curve().hardestMm();
        figures.add(
                "radius." + element.index(),
                "Tightest radius of wrap segment " + (element.index() + 1),
                radius,
                () ->
                        Working.of("r = 1 / k")
                                .worked(
                                        "from",
                                        "begins along the wrap",
                                        Quantity.mm(along),
                                        () -> stretches(along))
                                .worked(
                                        "at",
                                        "bends hardest along the wrap",
                                        Quantity.mm(hardest),
                                        () -> stretches(hardest))
                                .worked(
                                        "to",
                                        "ends along the wrap",
                                        Quantity.mm(along + element.lengthMm()),
                                        () -> stretches(along + element.lengthMm()))
                                .source("k is the curvature where it is greatest"));
        OutlinePoint.Batten batten = BattenCheck.planned(box, element);
        if (batten != null && BattenCheck.isKnown(batten, library)) {
            batten(element, batten, library.get(batten.timber()), radius);
        }
    }

    private void batten(
            Element element, OutlinePoint.Batten batten, Material timber, Quantity radius) {
        Quantity modulus = Quantity.stress(timber.value(Property.MODULUS));
        Quantity strength = Quantity.stress(timber.value(Property.BENDING));
        figures.add(
                "batten-stress." + element.index(),
                "Bending stress of the batten, wrap segment " + (element.index() + 1),
                Quantity.stress(BattenCheck.stress(element, batten, timber)),
                () -> stressWorking(batten, timber, radius, radiusKey(element)));
        figures.addAtMost(
                "batten-thickest." + element.index(),
                "Maximum batten thickness, wrap segment " + (element.index() + 1),
                Quantity.mm(
                        Batten.thickest(
                                strength.value(),
                                modulus.value(),
                                element.curve().hardestCurvature())),
                () ->
                        Working.of("t = 2 · f · r / E")
                                .material("f", "bending strength of " + timber.name(), strength)
                                .worked("r", "tightest radius", radius, radiusKey(element))
                                .material("E", timber.name(), modulus)
                                .source("mechanics; characteristic strength, no factor on it"));
    }

    private Working stressWorking(
            OutlinePoint.Batten batten, Material timber, Quantity radius, String key) {
        return Working.of("s = E · t / (2 r)")
                .material("E", timber.name(), Quantity.stress(timber.value(Property.MODULUS)))
                .plan("t", "thickness of the batten", Quantity.mm(batten.thicknessMm()))
                .worked("r", "tightest radius", radius, key)
                .source("mechanics; dry and slowly bent, springing not counted");
    }

    private static String radiusKey(Element element) {
        return OutlineStation.OUTLINE.figure("radius." + element.index());
    }

    private void corners() {
        double along = 0;
        for (int i = 0; i < outline.corners().size(); i++) {
            Corner corner = outline.corners().get(i);
            int number = i + 1;
            int index = i;
            along += outline.elements().get(i).lengthMm();
            Quantity turn = Quantity.degrees(corner.turnDegrees());
            if (Math.abs(corner.turnDegrees()) > SMOOTH_DEGREES || outline.isOfFlatPanels()) {
                figures.add(
                        "mitre." + number,
                        "Mitre at corner " + number,
                        Quantity.degrees(corner.mitreDegrees()),
                        () -> mitreWorking(index, turn));
                figures.add(
                        "bend." + number,
                        "Bend " + number + " along the wrap",
                        Quantity.mm(along),
                        () -> bendWorking(index, turn));
            }
        }
    }

    private Working bendWorking(int corner, Quantity turn) {
        return Working.of("place = sum of the lengths before it")
                .worked("turn", "how far the wrap bends there", turn, () -> turn(corner))
                .source("geometry; measured from the front foot on the outside");
    }

    private Working mitreWorking(int corner, Quantity turn) {
        return Working.of("mitre = turn / 2")
                .worked("turn", "how far the outline turns there", turn, () -> turn(corner))
                .source("geometry: half the turn, for pieces of one depth; common practice");
    }
}
