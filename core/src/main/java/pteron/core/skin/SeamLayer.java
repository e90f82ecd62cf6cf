package pteron.core.skin;

import java.util.Set;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Layer;
import pteron.core.drawing.LineKind;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;

/** Seams of the outer sheets laid over the frame. */
public final class SeamLayer implements Layer {

    @Override
    public void overFrame(Canvas canvas) {
        Set<PanelKind> seen = PanelKind.seenIn(canvas.view());
        canvas.box().find(Skins.class).stream()
                .flatMap(skins -> skins.seams().stream())
                .filter(seam -> seam.skin() == seam.panel().skins().getFirst())
                .filter(seam -> seen.contains(seam.panel().kind()))
                .forEach(seam -> draw(canvas, seam));
    }

    private static void draw(Canvas canvas, Seam seam) {
        Panel panel = seam.panel();
        canvas.line(
                LineKind.SEAM,
                canvas.at(panel.surface().at(seam.line().from(), 0)),
                canvas.at(panel.surface().at(seam.line().to(), 0)));
    }
}
