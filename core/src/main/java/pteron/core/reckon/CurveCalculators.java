package pteron.core.reckon;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import pteron.core.curve.Arc;
import pteron.core.curve.Batten;
import pteron.core.curve.BattenSolver;
import pteron.core.curve.Fillet;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.geometry.Point2;
import pteron.core.mechanics.KerfBend;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Require;

/** Arcs, fillets, battens, kerfs and plywood round a bend. */
final class CurveCalculators {

    private CurveCalculators() {}

    static Calculator arc() {
        Input chord = Input.length("chord", "from end to end in a straight line (length)", "2000");
        Input along = Input.length("along", "the third point, along the chord (length)", "1000");
        Input rise = Input.length("rise", "its height over the chord (length)", "250");
        return new Calculator(
                "arc",
                "Arc through three points: radius and length",
                List.of(chord, along, rise),
                in -> {
                    Point2 end = new Point2(Require.positive("chord", in.mm(chord), "mm"), 0);
                    Point2 spot = new Point2(in.mm(along), in.mm(rise));
                    Arc arc =
                            Arc.through(new Point2(0, 0), spot, end)
                                    .orElseThrow(
                                            () ->
                                                    new IllegalArgumentException(
                                                            "rise is [%s] mm and lies on the chord; give a height above 0"
                                                                    .formatted(in.mm(rise))));
                    return new Answers(() -> arcWorking(end, spot))
                            .mm("radius", "Radius", arc.radiusMm())
                            .mm("length", "Length of the arc", arc.lengthMm())
                            .add(
                                    "turn",
                                    "Angle gone round",
                                    Quantity.degrees(Math.toDegrees(Math.abs(arc.sweepRadians()))))
                            .list();
                });
    }

    private static Working arcWorking(Point2 end, Point2 spot) {
        return Working.of("r = a · b · c / (4 · A), length = r · turn")
                .plan("c", "chord", Quantity.mm(end.u()))
                .plan("a", "third point, along", Quantity.mm(spot.u()))
                .plan("h", "its rise", Quantity.mm(spot.v()))
                .source("geometry, circumscribed circle");
    }

    static Calculator fillet() {
        Input turn =
                Input.number("turn", "how far the edge turns (degrees, 1 to 179)", "90")
                        .from(1, 179);
        Input radius = Input.length("radius", "corner radius (length)", "300");
        return new Calculator(
                "fillet",
                "Rounded corner: length taken off each edge, and length of the arc",
                List.of(turn, radius),
                in -> {
                    double degrees =
                            Require.within("turn", in.number(turn), new Require.Range(1, 179, "°"));
                    double r = Require.positive("radius", in.mm(radius), "mm");
                    double way = Math.toRadians(degrees);
                    Point2 after = new Point2(1 + Math.cos(way), Math.sin(way));
                    Fillet fillet = Fillet.of(new Point2(0, 0), new Point2(1, 0), after, r);
                    Supplier<Working> working =
                            () ->
                                    Working.of("t = r · tan(turn / 2), length = r · turn")
                                            .plan("r", "radius", Quantity.mm(r))
                                            .plan("turn", "of the edge", Quantity.degrees(degrees))
                                            .source("geometry");
                    return new Answers(working)
                            .mm("tangent", "Taken off each edge", fillet.tangentMm())
                            .mm("length", "Length of the arc", fillet.arc().lengthMm())
                            .list();
                });
    }

    static Calculator batten() {
        Input along =
                Input.lengths(
                        "along",
                        "places of the points along (lengths, comma between)",
                        "0,500,1000,1500,2000");
        Input up = Input.lengths("up", "their heights, in the same order", "0,220,300,220,0");
        Input thickness = Input.length("thickness", "thickness of the batten (length)", "8");
        Input modulus = Input.number("modulus", "modulus of the timber (N/mm²)", "11000");
        Input strength = Input.number("strength", "its bending strength (N/mm²)", "30");
        return new Calculator(
                "batten",
                "Batten bent through points: length, tightest radius, stress",
                List.of(along, up, thickness, modulus, strength),
                in -> {
                    List<Point2> points = points(in.lengths(along), in.lengths(up));
                    Batten batten =
                            BattenSolver.through(points)
                                    .orElseThrow(
                                            () ->
                                                    new IllegalArgumentException(
                                                            "no batten passes through these points; move them so that it does not turn back"));
                    return batten(
                            batten, in.mm(thickness), in.number(modulus), in.number(strength));
                });
    }

    private static List<Point2> points(List<Double> along, List<Double> up) {
        if (along.size() != up.size() || along.size() < 3) {
            throw new IllegalArgumentException(
                    "along has [%d] places and up has [%d]; give as many of both, three or more"
                            .formatted(along.size(), up.size()));
        }
        List<Point2> points = new ArrayList<>();
        for (int i = 0; i < along.size(); i++) {
            points.add(new Point2(along.get(i), up.get(i)));
        }
        return points;
    }

    private static List<Figure> batten(Batten batten, double t, double e, double f) {
        double bend = batten.hardestCurvature();
        Supplier<Working> working =
                () ->
                        Working.of("s = E · t / (2 r), thickest = 2 · f · r / E")
                                .worked(
                                        "r",
                                        "tightest radius",
                                        Quantity.mm(1 / bend),
                                        () ->
                                                Working.of(
                                                                "r where the line of least bending through the spots bends hardest")
                                                        .plan(
                                                                "l",
                                                                "length of the batten",
                                                                Quantity.mm(batten.lengthMm()))
                                                        .source(
                                                                "elastica, Euler 1744; walked by Runge and Kutta's method"))
                                .plan("t", "thickness", Quantity.mm(t))
                                .plan("E", "modulus", Quantity.stress(e))
                                .plan("f", "bending strength", Quantity.stress(f))
                                .source(
                                        "line of least bending, Euler 1744; mechanics; dry and slowly bent");
        return new Answers(working)
                .mm("length", "Length of the batten", batten.lengthMm())
                .mm("radius", "Tightest radius", 1 / bend)
                .add("stress", "Bending stress there", Quantity.stress(Batten.stress(e, t, bend)))
                .mmAtMost("thickest", "Maximum batten thickness", Batten.thickest(f, e, bend))
                .list();
    }

    static Calculator kerfs() {
        Input turn = Input.number("turn", "how far it is bent (degrees)", "90").from(0.1, 180);
        Input radius = Input.length("radius", "outside radius of the bend (length)", "150");
        Input sheet = Input.length("sheet", "thickness of the sheet (length)", "6").from(0.1, 100);
        Input left = Input.length("left", "what the saw leaves under a kerf (length)", "1.5");
        Input kerf = Input.length("kerf", "width of the saw's cut (length)", "2.4").from(0.1, 20);
        return new Calculator(
                "kerf",
                "Kerf bend: how many cuts, how far apart",
                List.of(turn, radius, sheet, left, kerf),
                in -> {
                    KerfBend bend =
                            new KerfBend(
                                    in.number(turn),
                                    in.mm(radius),
                                    in.mm(sheet),
                                    in.mm(left),
                                    in.mm(kerf));
                    return new Answers(() -> kerfWorking(bend))
                            .add("cuts", "Cuts", Quantity.count(bend.cuts()))
                            .mm("apart", "From cut to cut", bend.apartMm())
                            .mm("zone", "Length of the bend", bend.zoneMm())
                            .list();
                });
    }

    private static Working kerfWorking(KerfBend bend) {
        return Working.of("n = ceil(turn · (t − s) / w), apart = (r − s / 2) · turn / n")
                .plan("turn", "bent by", Quantity.degrees(bend.turnDegrees()))
                .plan("t", "sheet", Quantity.mm(bend.sheetMm()))
                .plan("s", "left under a kerf", Quantity.mm(bend.leftMm()))
                .plan("w", "width of the cut", Quantity.mm(bend.kerfMm()))
                .plan("r", "outside radius", Quantity.mm(bend.radiusMm()))
                .source("geometry: the kerfs close on the inside; common practice");
    }

    static Calculator plywood() {
        Input thickness = Input.length("thickness", "thickness of the plywood (length)", "6.35");
        Input radius = Input.length("radius", "radius it must go round (length)", "1000");
        return new Calculator(
                "plywood-bend",
                "Minimum bend radius of plywood, across and along its face grain",
                List.of(thickness, radius),
                in -> {
                    double t = Require.positive("thickness", in.mm(thickness), "mm");
                    double r = Require.positive("radius", in.mm(radius), "mm");
                    double across = PlywoodBend.acrossMm(t);
                    double along = PlywoodBend.alongMm(t);
                    return new Answers(() -> plywoodWorking(t, r))
                            .mmAtLeast("across", "Least radius, grain across the bend", across)
                            .mmAtLeast("along", "Least radius, grain round the bend", along)
                            .add(
                                    "use-across",
                                    "Least radius over the one asked for, grain across",
                                    Quantity.ratio(across / r))
                            .add(
                                    "use-along",
                                    "Least radius over the one asked for, grain round",
                                    Quantity.ratio(along / r))
                            .list();
                });
    }

    private static Working plywoodWorking(double t, double r) {
        return Working.of("least radius by thickness, in between in a straight line")
                .plan("t", "thickness", Quantity.mm(t))
                .plan("r", "asked for", Quantity.mm(r))
                .source(
                        "APA, The Engineered Wood Association; value not yet checked; dry, clear face");
    }
}
