package pteron.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Hull;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.surface.FlatSurface;
import pteron.core.surface.Surface;

/**
 * What members of other panels show at the outer face of a flat one: ends of bows, sides of bearers. A bevel ripped
 * off an edge is not taken off: the timber that it meets lies there. Immutable.
 *
 * @param face the flat panel's surface
 */
public record AtFace(FlatSurface face) {

    /** How far behind the face is looked (mm): nearer than any timber is thin, farther than tolerances. */
    private static final double BEHIND_MM = 2;

    /** {@return the shapes that a member shows there (u, v of the flat panel), none where it ends short of the face} */
    public List<Polygon2> shown(Member member) {
        Surface surface = member.surface();
        Bounds2 bounds = member.profile().bounds();
        if (!reaches(member, bounds)) {
            return List.of();
        }
        List<Double> places = surface.places(bounds.fromU(), bounds.toU());
        List<Polygon2> shown = new ArrayList<>();
        for (int i = 1; i < places.size(); i++) {
            Bounds2 strip =
                    new Bounds2(places.get(i - 1), places.get(i), bounds.fromV(), bounds.toV());
            member.profile()
                    .shared(Polygon2.rectangle(strip))
                    .forEach(piece -> cut(member, piece).ifPresent(shown::add));
        }
        return shown;
    }

    /** {@return whether a corner of the member's bounds lies at the face: most end far from it; bends run along it} */
    private boolean reaches(Member member, Bounds2 bounds) {
        List<Point2> corners = Polygon2.rectangle(bounds).corners();
        return corners.stream()
                .anyMatch(
                        corner ->
                                inward(member.surface().at(corner, member.fromInwardMm()))
                                                < BEHIND_MM
                                        || inward(member.surface().at(corner, member.toInwardMm()))
                                                < BEHIND_MM);
    }

    private double inward(Point3 at) {
        return at.plus(face.origin().times(-1)).dot(face.inward());
    }

    /** {@return the cut of a straight piece of a member: the hull of where its edges pass the plane} */
    private Optional<Polygon2> cut(Member member, Polygon2 piece) {
        List<Point3> outer = placed(member, piece, member.fromInwardMm());
        List<Point3> inner = placed(member, piece, member.toInwardMm());
        List<Point2> crossings = new ArrayList<>();
        for (int i = 0; i < outer.size(); i++) {
            int next = (i + 1) % outer.size();
            crossing(outer.get(i), outer.get(next)).ifPresent(crossings::add);
            crossing(inner.get(i), inner.get(next)).ifPresent(crossings::add);
            crossing(outer.get(i), inner.get(i)).ifPresent(crossings::add);
        }
        List<Point2> hull = Hull.of(crossings);
        return hull.size() < 3 ? Optional.empty() : Optional.of(Polygon2.of(hull));
    }

    /** {@return corners of a piece in the coordinates of the face: u, v, and the way inward} */
    private List<Point3> placed(Member member, Polygon2 piece, double inwardMm) {
        return piece.corners().stream()
                .map(corner -> member.surface().at(corner, inwardMm))
                .map(at -> at.plus(face.origin().times(-1)))
                .map(
                        at ->
                                new Point3(
                                        at.dot(face.alongU()),
                                        at.dot(face.alongV()),
                                        at.dot(face.inward())))
                .toList();
    }

    private static Optional<Point2> crossing(Point3 from, Point3 to) {
        double before = from.z() - BEHIND_MM;
        double after = to.z() - BEHIND_MM;
        if (before * after >= 0) {
            return Optional.empty();
        }
        Point3 at = from.plus(to.plus(from.times(-1)).times(before / (before - after)));
        return Optional.of(new Point2(at.x(), at.y()));
    }
}
