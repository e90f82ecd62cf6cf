package pteron.core.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import pteron.core.buildup.Framed;
import pteron.core.curve.Beside;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.plan.MakeUp;
import pteron.core.surface.FlatSurface;

/**
 * Makes what a box with wings has beside its upper walls: lower side walls that stand on the floor, and the wings,
 * which lie on them and carry the upper walls.
 */
final class Wingspan {

    private static final Point3 BACK = new Point3(1, 0, 0);
    private static final Point3 RIGHT = new Point3(0, 1, 0);
    private static final Point3 UP = new Point3(0, 0, 1);

    private final List<Band> bands;
    private final Underside underside;
    private final Framed walls;
    private final double upper;
    private final double lower;

    Wingspan(
            MakeUp makeUp,
            List<Band> bands,
            Underside underside,
            double halfUpper,
            double halfLower) {
        this.bands = bands;
        this.underside = underside;
        this.walls = makeUp.walls();
        this.upper = halfUpper;
        this.lower = halfLower;
    }

    /** {@return lower walls left and right, wings left and right} */
    List<Panel> panels() {
        return List.of(
                wall(PanelKind.LOWER_LEFT, -1),
                wall(PanelKind.LOWER_RIGHT, 1),
                wing("wing", -1),
                wing("wing-2", 1));
    }

    private double front(Function<Band, Beside> line, double heightMm) {
        return along(bands.getFirst(), line, heightMm);
    }

    private double rear(Function<Band, Beside> line, double heightMm) {
        return along(bands.getLast(), line, heightMm);
    }

    private static double along(Band band, Function<Band, Beside> line, double heightMm) {
        return Joint.corner(line.apply(band), SideLines.level(heightMm), Joint.foot(band)).u();
    }

    /** The four corners between two heights and the lines of front and rear, from the front foot round. */
    private List<Point2> between(Function<Band, Beside> line, double low, double high) {
        return List.of(
                new Point2(front(line, low), low),
                new Point2(front(line, high), high),
                new Point2(rear(line, high), high),
                new Point2(rear(line, low), low));
    }

    private Panel wall(PanelKind kind, int side) {
        double floor = underside.floorMm();
        List<Point2> frame = between(Band::frameIn, floor, underside.wingFrameMm());
        List<RimEdge> rim = new ArrayList<>();
        for (int i = 1; i < frame.size(); i++) {
            rim.add(RimEdge.straight(frame.get(i - 1), frame.get(i)));
        }
        List<Point2> outer = between(Band::frameOut, 0, underside.wings().fromMm());
        List<Point2> inner = between(Band::inside, floor, underside.frameFromMm());
        return new Panel(
                kind == PanelKind.LOWER_LEFT ? "lower-left" : "lower-right",
                kind,
                new FlatSurface(
                        new Point3(0, side * (lower - walls.toFrameMm()), 0),
                        BACK,
                        UP,
                        RIGHT.times(-side)),
                new Rim(rim, List.of()),
                List.of(),
                new Point2(0, floor),
                Panel.Rips.NONE,
                Panel.Core.of(walls),
                List.of(
                        Skin.outer(walls, Polygon2.of(outer)),
                        Skin.inner(walls, Polygon2.of(inner))));
    }

    private Panel wing(String id, int side) {
        double low = underside.wingFrameMm();
        double high = underside.frameFromMm();
        double inner = lower - walls.toFrameMm() - walls.frameMm();
        double outer = upper - walls.toFrameMm();
        Bounds2 frame = area(side, Band::frameIn, low, high, inner, outer);
        double under = underside.wings().fromMm();
        double wall = lower - walls.toFrameMm();
        Bounds2 skin = area(side, Band::frameOut, under, low, wall, outer);
        double top = underside.liningFromMm();
        Bounds2 lining = area(side, Band::inside, high, top, inner, outer - walls.frameMm());
        return new Panel(
                id,
                PanelKind.WING,
                new FlatSurface(new Point3(0, 0, low), BACK, RIGHT, UP),
                new Rim(RimEdge.round(frame), List.of()),
                List.of(),
                new Point2(frame.fromU(), frame.fromV()),
                Panel.Rips.NONE,
                Panel.Core.of(walls),
                List.of(
                        Skin.outer(walls, Polygon2.rectangle(skin)),
                        Skin.inner(walls, Polygon2.rectangle(lining))));
    }

    /** What lies between front and rear at both of two heights, and so far out to one side. */
    private Bounds2 area(
            int side, Function<Band, Beside> line, double low, double high, double in, double out) {
        double front = Math.max(front(line, low), front(line, high));
        double rear = Math.min(rear(line, low), rear(line, high));
        return side > 0 ? new Bounds2(front, rear, in, out) : new Bounds2(front, rear, -out, -in);
    }
}
