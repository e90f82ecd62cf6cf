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

    private final List<Gap> openings;
    private final MemberMaker maker;
    private final Taken taken;
    private final double thickness;
    private final double lean;
    private final List<Polygon2> inside;

    /**
     * Room between members that nothing runs through.
     *
     * @param clear the room (u, v)
     * @param reachesFloor whether nothing lies under it
     */
    record Gap(Bounds2 clear, boolean reachesFloor) {

        /** {@return the openings of a panel, and the room that wheels take at its edges} */
        static List<Gap> of(Panel panel, List<PlacedOpening> openings) {
            List<Gap> gaps = new ArrayList<>();
            openings.forEach(one -> gaps.add(new Gap(one.clear(), one.reachesFloor())));
            double timber = panel.members().section().thicknessMm();
            Bounds2 all = panel.frame().bounds();
            for (Bounds2 notch : panel.notches()) {
                // the edge member, cut there, stands beside the notch
                double from = Math.max(notch.fromU(), all.fromU() + timber);
                double to = Math.min(notch.toU(), all.toU() - timber);
                if (to - from > MemberMaker.SHORTEST_MM) {
                    gaps.add(new Gap(new Bounds2(from, to, notch.fromV(), notch.toV()), false));
                }
            }
            return gaps;
        }
    }

    OpeningFramer(
            Panel panel,
            List<Gap> openings,
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
        for (Gap one : openings) {
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

    private double leftFace(Gap one) {
        double edge = one.clear().fromU();
        OptionalDouble standing = taken.lastFaceIn(edge - thickness - 2 * lean, edge);
        if (standing.isPresent()) {
            return Math.min(standing.getAsDouble(), edge);
        }
        trimmer(edge - thickness - lean, one);
        return edge;
    }

    private double rightFace(Gap one) {
        double edge = one.clear().toU();
        OptionalDouble standing = taken.firstFaceIn(edge, edge + thickness + 2 * lean);
        if (standing.isPresent()) {
            return Math.max(standing.getAsDouble(), edge);
        }
        trimmer(edge + lean, one);
        return edge;
    }

    /** Adds a trimmer; on a bend it is set back as far as its inner edge leans towards the opening. */
    private void trimmer(double from, Gap own) {
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
