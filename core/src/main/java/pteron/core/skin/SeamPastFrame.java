package pteron.core.skin;

import java.util.List;
import java.util.stream.Stream;
import pteron.core.frame.AtFace;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;
import pteron.core.shell.Panel;
import pteron.core.surface.FlatSurface;

/** Stretches of a side wall's outer seams that reach past its own frame: over the edge of the floor, over the roof. */
final class SeamPastFrame {

    private SeamPastFrame() {}

    /** {@return stretches with no timber behind them, too long to hold; none inside the panel's own frame} */
    static List<Segment2> bare(Seam seam, Frame frame) {
        Panel panel = seam.panel();
        if (!panel.kind().isSide()
                || seam.skin() != panel.skins().getFirst()
                || !(panel.surface() instanceof FlatSurface flat)) {
            return List.of();
        }
        List<Segment2> past = Polygon2.uncovered(seam.line(), List.of(panel.frame()));
        if (past.stream().allMatch(SeamPastFrame::holds)) {
            return List.of();
        }
        List<Polygon2> behind = behind(flat, panel, frame);
        return past.stream()
                .flatMap(stretch -> Polygon2.uncovered(stretch, behind).stream())
                .filter(gap -> !holds(gap))
                .toList();
    }

    private static boolean holds(Segment2 stretch) {
        return stretch.lengthMm() <= SkinLayout.UNBACKED_MAY_BE_MM;
    }

    private static List<Polygon2> behind(FlatSurface flat, Panel panel, Frame frame) {
        AtFace face = new AtFace(flat);
        Stream<Member> others =
                frame.panels().stream()
                        .filter(one -> !one.panel().id().equals(panel.id()))
                        .flatMap(one -> one.all().stream());
        return others.flatMap(member -> face.shown(member).stream()).toList();
    }
}
