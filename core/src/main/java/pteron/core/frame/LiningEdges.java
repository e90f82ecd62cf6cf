package pteron.core.frame;

import java.util.ArrayList;
import java.util.List;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;
import pteron.core.shell.Panel;
import pteron.core.shell.Skin;

/** The edges of a lining, and whether timber stands behind them. */
public final class LiningEdges {

    /** How far in from its edge a lining is fixed at the least (mm); common practice. */
    static final double EDGE_MM = 3;

    /** Edge without timber behind it that still holds (mm); common practice: a hand's width. */
    public static final double MAY_BE_BARE_MM = 80;

    private LiningEdges() {}

    /**
     * {@return stretches of the edge, a little way in and within the frame, that no member stands behind}
     *
     * @param panel a panel with a lining
     * @param members its members
     * @param holes openings, where the lining is trimmed by the unit (u, v)
     */
    public static List<Segment2> bare(Panel panel, List<Member> members, List<Polygon2> holes) {
        List<Polygon2> timber =
                members.stream().filter(Member::reachesInnerFace).map(Member::profile).toList();
        List<Segment2> bare = new ArrayList<>();
        for (Polygon2 shape : panel.skin(Skin.Face.INNER).area().inset(EDGE_MM)) {
            List<Point2> corners = shape.corners();
            for (int i = 0; i < corners.size(); i++) {
                Segment2 edge = new Segment2(corners.get(i), corners.get((i + 1) % corners.size()));
                panel.frame().cut(edge).stream()
                        .flatMap(one -> Polygon2.uncovered(one, holes).stream())
                        .flatMap(one -> Polygon2.uncovered(one, timber).stream())
                        .filter(gap -> gap.lengthMm() > MAY_BE_BARE_MM)
                        .forEach(bare::add);
            }
        }
        return bare;
    }
}
