package pteron.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.shell.Panel;
import pteron.core.surface.FlatSurface;

/** A member as a body: the box is the same all over its width, so an area seen from the side and a stretch of y. */
public record Body(Member member, Polygon2 side, double fromY, double toY) {

    /** So many lines draw a bend: hardly longer than its arc. */
    private static final int PLACES = 40;

    /** {@return the body of a member} */
    public static Body of(Member member) {
        Panel panel = member.panel();
        if (liesAlong(panel)) {
            Polygon2 side =
                    Polygon2.of(
                            member.profile().corners().stream()
                                    .map(c -> seen(panel.surface().at(c, 0)))
                                    .toList());
            double one = panel.surface().at(new Point2(0, 0), member.fromInwardMm()).y();
            double other = panel.surface().at(new Point2(0, 0), member.toInwardMm()).y();
            return new Body(member, side, Math.min(one, other), Math.max(one, other));
        }
        Bounds2 b = member.bounds();
        boolean across = acrossIsV(panel);
        double fromY = across ? b.fromV() : b.fromU();
        double toY = across ? b.toV() : b.toU();
        Polygon2 side = Polygon2.of(bent(member) ? along(member) : endOn(member)).sound();
        return new Body(member, side, fromY, toY);
    }

    /** {@return whether a panel lies along the box, plumb: a side wall, the inner side of a wheel box} */
    private static boolean liesAlong(Panel panel) {
        return panel.surface() instanceof FlatSurface flat && Math.abs(flat.inward().y()) > 0.5;
    }

    /** {@return whether v runs across the box} */
    private static boolean acrossIsV(Panel panel) {
        return !(panel.surface() instanceof FlatSurface flat) || Math.abs(flat.alongV().y()) > 0.5;
    }

    private static boolean bent(Member member) {
        return member.panel().surface().isBent() && !member.isUpright();
    }

    private static Point2 seen(Point3 point) {
        return new Point2(point.x(), point.z());
    }

    /** A block that follows a bend: outer face there, inner face back. */
    private static List<Point2> along(Member member) {
        Bounds2 b = member.bounds();
        List<Point2> round = new ArrayList<>();
        List<Double> places =
                IntStream.rangeClosed(0, PLACES)
                        .mapToObj(i -> b.fromU() + (b.toU() - b.fromU()) * i / PLACES)
                        .toList();
        places.forEach(u -> round.add(at(member, u, member.fromInwardMm())));
        places.reversed().forEach(u -> round.add(at(member, u, member.toInwardMm())));
        return round;
    }

    /** The member seen along y: its stretch along the strip by its depth, its bevel ripped off. */
    private static List<Point2> endOn(Member member) {
        Panel panel = member.panel();
        Bounds2 b = member.bounds();
        boolean across = acrossIsV(panel);
        double from = across ? b.fromU() : b.fromV();
        double to = across ? b.toU() : b.toV();
        if (across && panel.surface().isBent()) {
            return eased(member);
        }
        double run = member.section().depthMm() * Math.tan(Math.toRadians(member.ripDegrees()));
        Bounds2 frame = panel.frame().bounds();
        boolean atStart = from < (across ? frame.fromU() : frame.fromV()) + 1;
        double outFrom = from + (atStart ? Math.max(0, -run) : 0);
        double inFrom = from + (atStart ? Math.max(0, run) : 0);
        double outTo = to - (atStart ? 0 : Math.max(0, -run));
        double inTo = to - (atStart ? 0 : Math.max(0, run));
        return List.of(
                at(member, outFrom, member.fromInwardMm()),
                at(member, outTo, member.fromInwardMm()),
                at(member, inTo, member.toInwardMm()),
                at(member, inFrom, member.toInwardMm()));
    }

    /** A bow on a bend: its two sides straight, outer and inner face eased to the bend, its bevel ripped off. */
    private static List<Point2> eased(Member member) {
        Bounds2 b = member.bounds();
        Bounds2 frame = member.panel().frame().bounds();
        double slope = Math.tan(Math.toRadians(member.ripDegrees()));
        boolean atStart = b.fromU() < frame.fromU() + 1;
        double depth = member.section().depthMm();
        List<Point2> round = new ArrayList<>();
        for (int face = 0; face < 2; face++) {
            double w = face == 0 ? member.fromInwardMm() : member.toInwardMm();
            double cut = Math.max(0, face == 0 ? -slope * depth : slope * depth);
            double from = b.fromU() + (atStart ? cut : 0);
            double to = b.toU() - (atStart ? 0 : cut);
            List<Point2> line = new ArrayList<>();
            for (int i = 0; i <= 8; i++) {
                line.add(onBend(member, from + (to - from) * i / 8, w));
            }
            round.addAll(face == 0 ? line : line.reversed());
        }
        return round;
    }

    /** {@return the point of the bend at a depth over a place of the plane that touches it} */
    private static Point2 onBend(Member member, double along, double inward) {
        double u = along;
        double middle = member.bounds().middle().u();
        Point2 origin = seen(member.surface().at(new Point2(middle, 0), inward));
        Point2 way = seen(member.surface().at(new Point2(middle + 1, 0), inward)).minus(origin);
        Point2 found = origin;
        for (int i = 0; i < 20; i++) {
            found = seen(member.panel().surface().at(new Point2(u, 0), inward));
            u += along - middle - way.dot(found.minus(origin));
        }
        return found;
    }

    private static Point2 at(Member member, double along, double inward) {
        boolean across = acrossIsV(member.panel());
        Point2 point = across ? new Point2(along, 0) : new Point2(0, along);
        return seen(member.surface().at(point, inward));
    }

    /** {@return whether the two may share room} */
    public boolean mayTouch(Body other) {
        return fromY < other.toY - 0.5
                && other.fromY < toY - 0.5
                && side.bounds().overlaps(other.side.bounds());
    }

    /** {@return how deep one lies in the other at the most, about (mm)} */
    public double sharedDepthMm(Body other) {
        double wide = Math.min(toY, other.toY) - Math.max(fromY, other.fromY);
        if (wide <= 0 || !side.bounds().overlaps(other.side.bounds())) {
            return 0;
        }
        double thin =
                side.shared(other.side).stream()
                        .mapToDouble(piece -> 2 * piece.area() / round(piece))
                        .max()
                        .orElse(0);
        return Math.min(wide, thin);
    }

    private static double round(Polygon2 piece) {
        List<Point2> corners = piece.corners();
        double round = 0;
        for (int i = 0; i < corners.size(); i++) {
            round += corners.get(i).distance(corners.get((i + 1) % corners.size()));
        }
        return round;
    }
}
