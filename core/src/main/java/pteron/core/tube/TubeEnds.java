package pteron.core.tube;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;
import pteron.core.quantity.Tolerance;
import pteron.core.tube.TubeEnd.Kind;

/** Finds the ends of the tubes of one panel. */
final class TubeEnds {

    /** As near tubes touch, a saw's play between them (mm); common practice. */
    private static final double PLAY_MM = 1;

    private final List<Member> tubes;

    private TubeEnds(PanelFrame frame) {
        this.tubes = frame.members().stream().filter(member -> member.section().isTube()).toList();
    }

    static List<TubeEnd> of(PanelFrame frame) {
        TubeEnds ends = new TubeEnds(frame);
        return ends.tubes.stream()
                .flatMap(tube -> Stream.of(ends.end(tube, false), ends.end(tube, true)))
                .toList();
    }

    private TubeEnd end(Member tube, boolean atEnd) {
        List<Segment2> cuts = tube.ends(atEnd);
        double across = cuts.stream().mapToDouble(Segment2::lengthMm).sum();
        double around = 2 * (across + tube.section().depthMm());
        List<Member> met = met(tube, cuts);
        return new TubeEnd(tube, atEnd, kind(met, cuts), around, cuts, met);
    }

    private List<Member> met(Member tube, List<Segment2> cuts) {
        List<Member> met = new ArrayList<>();
        for (Member other : tubes) {
            if (other != tube
                    && meet(tube, other)
                    && cuts.stream().anyMatch(cut -> touches(other, cut))) {
                met.add(other);
            }
        }
        return met;
    }

    private static Kind kind(List<Member> met, List<Segment2> cuts) {
        if (met.isEmpty()) {
            return Kind.OPEN;
        }
        return met.stream().anyMatch(other -> shareAnEnd(cuts, other)) ? Kind.MITRE : Kind.BUTT;
    }

    /** {@return whether two tubes lie at one depth and near each other} */
    private static boolean meet(Member one, Member other) {
        Bounds2 near = one.bounds().grown(PLAY_MM);
        return near.overlaps(other.bounds())
                && one.fromInwardMm() < other.toInwardMm() - Tolerance.TOUCH.lengthMm()
                && other.fromInwardMm() < one.toInwardMm() - Tolerance.TOUCH.lengthMm();
    }

    private static boolean touches(Member other, Segment2 cut) {
        Point2 middle = cut.middle();
        Bounds2 spot = new Bounds2(middle.u(), middle.u(), middle.v(), middle.v());
        return spot.grown(PLAY_MM).overlaps(other.bounds())
                && Polygon2.rectangle(spot.grown(PLAY_MM / 2)).distance(other.profile())
                        < PLAY_MM / 2;
    }

    private static boolean shareAnEnd(List<Segment2> cuts, Member other) {
        return Stream.of(other.ends(false), other.ends(true))
                .flatMap(List::stream)
                .anyMatch(
                        end ->
                                cuts.stream()
                                        .anyMatch(
                                                cut ->
                                                        cut.middle().distance(end.middle())
                                                                < PLAY_MM));
    }
}
