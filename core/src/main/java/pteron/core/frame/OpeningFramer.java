package pteron.core.frame;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;
import pteron.core.opening.PlacedOpening;
import pteron.core.shell.Panel;

/** Frames the openings of a panel: trimmers beside, header above, sill below. */
final class OpeningFramer {

    /** Area of a header or sill that may lack room by rounding (mm²). */
    private static final double SLACK_MM2 = 0.5;

    private final List<PlacedOpening> openings;
    private final MemberMaker maker;
    private final Taken taken;
    private final double thickness;
    private final double lean;
    private final List<Polygon2> inside;

    OpeningFramer(
            Panel panel,
            List<PlacedOpening> openings,
            MemberMaker maker,
            Taken taken,
            List<Polygon2> inside) {
        this.openings =
                openings.stream()
                        .sorted(Comparator.comparingDouble(one -> one.clear().fromU()))
                        .toList();
        this.maker = maker;
        this.taken = taken;
        this.thickness = panel.members().section().thicknessMm();
        this.lean = (panel.memberRoomMm() - thickness) / 2;
        this.inside = inside;
    }

    /** {@return what no stud may run into: each opening with its header and sill} */
    List<Polygon2> frame() {
        List<Polygon2> blocked = new ArrayList<>();
        for (PlacedOpening one : openings) {
            double left = leftFace(one);
            double right = rightFace(one);
            Bounds2 clear = one.clear();
            blocked.add(Polygon2.rectangle(clear));
            Bounds2 above = new Bounds2(left, right, clear.toV(), clear.toV() + thickness);
            across(Role.HEADER, above, blocked);
            if (!one.reachesFloor()) {
                Bounds2 below = new Bounds2(left, right, clear.fromV() - thickness, clear.fromV());
                across(Role.SILL, below, blocked);
            }
        }
        return blocked;
    }

    private void across(Role role, Bounds2 room, List<Polygon2> blocked) {
        Polygon2 profile = Polygon2.rectangle(room);
        double free = inside.stream().mapToDouble(profile::sharedArea).sum();
        double covered = blocked.stream().mapToDouble(profile::sharedArea).sum();
        if (free > profile.area() - SLACK_MM2 && covered < SLACK_MM2) {
            maker.addAcross(role, profile);
            blocked.add(profile);
        }
    }

    private double leftFace(PlacedOpening one) {
        double edge = one.clear().fromU();
        OptionalDouble standing = taken.lastFaceIn(edge - thickness - 2 * lean, edge);
        if (standing.isPresent()) {
            return Math.min(standing.getAsDouble(), edge);
        }
        trimmer(edge - thickness - lean, one);
        return edge;
    }

    private double rightFace(PlacedOpening one) {
        double edge = one.clear().toU();
        OptionalDouble standing = taken.firstFaceIn(edge, edge + thickness + 2 * lean);
        if (standing.isPresent()) {
            return Math.max(standing.getAsDouble(), edge);
        }
        trimmer(edge + lean, one);
        return edge;
    }

    /** Adds a trimmer; on a bend it is set back as far as its inner edge leans towards the opening. */
    private void trimmer(double from, PlacedOpening own) {
        double to = from + thickness;
        List<Polygon2> others =
                openings.stream()
                        .filter(one -> one != own)
                        .map(one -> one.clear().grown(0, thickness))
                        .filter(room -> room.fromU() < to && from < room.toU())
                        .map(Polygon2::rectangle)
                        .toList();
        UprightFramer.pieces(inside, from, thickness).stream()
                .flatMap(piece -> piece.without(others).stream())
                .forEach(piece -> maker.add(Role.TRIMMER, piece, MemberMaker.ALONG));
        taken.add(from - lean, from + thickness + lean);
    }
}
