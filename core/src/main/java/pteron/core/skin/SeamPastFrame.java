package pteron.core.skin;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import pteron.core.frame.AtFace;
import pteron.core.frame.Frame;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;
import pteron.core.shell.Panel;
import pteron.core.surface.FlatSurface;

/**
 * Stretches of the side walls' outer seams that reach past the wall's own frame: over the edge of the floor, over the roof.
 * What stands there is looked for once a wall.
 */
final class SeamPastFrame {

    private final Frame frame;
    private final Map<String, List<Polygon2>> behind = new HashMap<>();

    SeamPastFrame(Frame frame) {
        this.frame = frame;
    }

    /** {@return stretches with no timber behind them, too long to hold; none inside the panel's own frame} */
    List<Segment2> bare(Seam seam) {
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
        List<Polygon2> timber = behind.computeIfAbsent(panel.id(), id -> timber(flat, panel));
        return past.stream()
                .flatMap(stretch -> Polygon2.uncovered(stretch, timber).stream())
                .filter(gap -> !holds(gap))
                .toList();
    }

    private static boolean holds(Segment2 stretch) {
        return stretch.lengthMm() <= SkinLayout.UNBACKED_MAY_BE_MM;
    }

    private List<Polygon2> timber(FlatSurface flat, Panel panel) {
        AtFace face = new AtFace(flat);
        return frame.panels().stream()
                .filter(one -> !one.panel().id().equals(panel.id()))
                .flatMap(one -> one.all().stream())
                .flatMap(member -> face.shown(member).stream())
                .toList();
    }
}
