package pteron.core.found;

import java.util.ArrayList;
import java.util.List;
import pteron.core.bought.FoundShell;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;
import pteron.core.shell.Panel;
import pteron.core.shell.Skin;

/**
 * A post or bow of a bought shell where it stands behind its skin. Immutable.
 *
 * @param shape what it takes of the panel (u, v, mm)
 * @param fromMm where it begins: the inside of the skin (w, mm)
 * @param toMm where it ends (w, mm)
 */
public record Rib(Polygon2 shape, double fromMm, double toMm) {

    /** {@return the ribs of a panel, from the front; none of panels without} */
    public static List<Rib> of(FoundShell shell, Panel panel, double boxMm) {
        Bounds2 room = panel.frame().bounds();
        Skin skin = panel.skins().getFirst();
        double from = skin.fromInwardMm() + skin.layer().thicknessMm();
        double half = shell.rib().thicknessMm() / 2;
        List<Rib> ribs = new ArrayList<>();
        for (double middle : FoundStage.ribs(shell, panel.kind(), boxMm)) {
            Bounds2 rail = new Bounds2(middle - half, middle + half, room.fromV(), room.toV());
            panel.frame().shared(Polygon2.rectangle(rail)).stream()
                    .map(shape -> new Rib(shape, from, from + shell.rib().depthMm()))
                    .forEach(ribs::add);
        }
        return ribs;
    }
}
