package pteron.core.tube;

import java.util.List;
import pteron.core.frame.Member;
import pteron.core.geometry.Segment2;

/**
 * One end of a tube. Immutable.
 *
 * @param member the tube
 * @param atEnd whether it is its second end
 * @param kind what it meets
 * @param aroundMm how far it is round the cut (mm): what is welded where it meets another tube
 * @param cuts its cuts (u, v)
 * @param met the tubes that it meets
 */
public record TubeEnd(
        Member member,
        boolean atEnd,
        Kind kind,
        double aroundMm,
        List<Segment2> cuts,
        List<Member> met) {

    /** What one end has of a joint that two of them share. */
    private static final double HALF = 0.5;

    /** Copies the lists. */
    public TubeEnd {
        cuts = List.copyOf(cuts);
        met = List.copyOf(met);
    }

    /** What the end of a tube meets. */
    public enum Kind {
        /** The side of another tube. */
        BUTT("butt"),
        /** The end of another tube, both cut at half the turn. */
        MITRE("mitre"),
        /** Nothing: it wants a cap. */
        OPEN("open");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** {@return what it is called} */
        public String label() {
            return label;
        }
    }

    /** {@return its share of the weld (mm): a mitre is welded once for two ends} */
    public double weldMm() {
        return switch (kind) {
            case BUTT -> aroundMm;
            case MITRE -> HALF * aroundMm;
            case OPEN -> 0;
        };
    }

    /** {@return its share of a sleeve or bracket: one for each butt, one for the two ends of a mitre} */
    public double joints() {
        return switch (kind) {
            case BUTT -> 1;
            case MITRE -> HALF;
            case OPEN -> 0;
        };
    }
}
