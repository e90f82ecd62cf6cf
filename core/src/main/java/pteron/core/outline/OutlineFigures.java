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
        span("height", "Height over the deck", 0, outline.heightMm());
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
        Working.Builder whole = Working.of("whole strip = sum of its lengths");
        for (Element element : outline.elements()) {
            int number = element.index() + 1;
            Quantity length = Quantity.mm(element.lengthMm());
            figures.add(
                    "strip." + element.index(),
                    "Length of strip " + number + ", " + name(element),
                    length,
                    () -> lengthWorking(element));
            whole.worked("l" + number, name(element), length);
            if (element.bends()) {
                bend(element, along);
            }
            along += element.lengthMm();
        }
        figures.add(
                "strip-total",
                "Whole strip, foot to foot",
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
                        .worked("r", "least radius", radius)
                        .source("elastica, Euler 1744; walked by Runge and Kutta's method")
                : Working.of("length = r · turn")
                        .worked("r", "radius", radius)
                        .worked(
                                "turn",
                                "angle gone round",
                                Quantity.degrees(
                                        Math.toDegrees(element.lengthMm() / radius.value())))
                        .source("geometry");
    }

    /** A curved piece: where it begins on the strip, how hard it bends, what a batten feels. */
    private void bend(Element element, double along) {
        Quantity radius = Quantity.mm(1 / element.curve().hardestCurvature());
        double hardest = along + element.curve().hardestMm();
        figures.add(
                "radius." + element.index(),
                "Least radius of strip " + (element.index() + 1),
                radius,
                () ->
                        Working.of("r = 1 / k")
                                .worked("from", "begins along the strip", Quantity.mm(along))
                                .worked("at", "bends hardest along the strip", Quantity.mm(hardest))
                                .worked(
                                        "to",
                                        "ends along the strip",
                                        Quantity.mm(along + element.lengthMm()))
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
                "Bending stress of the batten, strip " + (element.index() + 1),
                Quantity.stress(BattenCheck.stress(element, batten, timber)),
                () ->
                        Working.of("s = E · t / (2 r)")
                                .material("E", timber.name(), modulus)
                                .plan(
                                        "t",
                                        "thickness of the batten",
                                        Quantity.mm(batten.thicknessMm()))
                                .worked("r", "least radius", radius)
                                .source("mechanics; dry and slowly bent, springing not counted"));
        figures.add(
                "batten-thickest." + element.index(),
                "Thickest batten that survives, strip " + (element.index() + 1),
                Quantity.mm(
                        Batten.thickest(
                                strength.value(),
                                modulus.value(),
                                element.curve().hardestCurvature())),
                () ->
                        Working.of("t = 2 · f · r / E")
                                .material("f", "bending strength of " + timber.name(), strength)
                                .worked("r", "least radius", radius)
                                .material("E", timber.name(), modulus)
                                .source("mechanics; characteristic strength, no factor on it"));
    }

    private void corners() {
        double along = 0;
        for (int i = 0; i < outline.corners().size(); i++) {
            Corner corner = outline.corners().get(i);
            int number = i + 1;
            along += outline.elements().get(i).lengthMm();
            Quantity turn = Quantity.degrees(corner.turnDegrees());
            if (Math.abs(corner.turnDegrees()) > SMOOTH_DEGREES || outline.isOfFlatPanels()) {
                figures.add(
                        "mitre." + number,
                        "Mitre at corner " + number,
                        Quantity.degrees(corner.mitreDegrees()),
                        () ->
                                Working.of("mitre = turn / 2")
                                        .worked("turn", "how far the outline turns there", turn)
                                        .source(
                                                "geometry: half the turn, for pieces of one depth; common practice"));
                figures.add(
                        "bend." + number,
                        "Bend " + number + " along the strip",
                        Quantity.mm(along),
                        () ->
                                Working.of("place = sum of the lengths before it")
                                        .worked("turn", "how far the strip bends there", turn)
                                        .source(
                                                "geometry; measured from the front foot on the outside"));
            }
        }
    }
}
