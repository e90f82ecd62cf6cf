package pteron.core.skin;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.geometry.Polygon2;
import pteron.core.opening.Openings;
import pteron.core.plan.MakeUp;
import pteron.core.shell.Panel;

/**
 * A piece of insulation between members, smaller than its bay by the gap all round, which expanding foam fills.
 * Immutable.
 *
 * @param name what stands on the list: {@code left foam 3}
 * @param panel where it goes
 * @param layer material and thickness
 * @param shape its shape (u, v of the panel)
 */
public record FoamPiece(String name, Panel panel, Layer layer, Polygon2 shape) {

    /** {@return its shape as it is cut flat, bent round its middle} */
    public Polygon2 cutShape() {
        return panel.surface().developed(shape, panel.fillingFromMm() + layer.thicknessMm() / 2);
    }

    /** {@return the pieces of all walls and roofs, panel by panel; a core over bearers is glued in whole boards} */
    public static List<FoamPiece> of(Frame frame, Openings openings, MakeUp makeUp) {
        List<FoamPiece> pieces = new ArrayList<>();
        frame.panels().forEach(panel -> pieces.addAll(of(panel, openings, makeUp)));
        return pieces;
    }

    /** {@return the pieces of one panel; none where it lies over the members} */
    static List<FoamPiece> of(PanelFrame frame, Openings openings, MakeUp makeUp) {
        return frame.panel().isFilledBetweenMembers()
                ? of(frame, openings, gapMm(frame.panel(), makeUp))
                : List.of();
    }

    private static double gapMm(Panel panel, MakeUp makeUp) {
        Framed framed = panel.kind().isRoof() ? makeUp.roof() : makeUp.walls();
        return panel.isBonded() ? 0 : framed.fit().gapMm();
    }

    private static List<FoamPiece> of(PanelFrame frame, Openings openings, double gapMm) {
        Panel panel = frame.panel();
        List<FoamPiece> pieces = new ArrayList<>();
        for (Polygon2 bay : bays(frame, openings)) {
            List<Polygon2> cut = gapMm > 0 ? bay.inset(gapMm) : List.of(bay);
            for (Polygon2 shape : cut) {
                String name = panel.words() + " foam " + (pieces.size() + 1);
                pieces.add(new FoamPiece(name, panel, panel.filling(), shape));
            }
        }
        return pieces;
    }

    /** {@return the rooms between the members that go through, openings left out} */
    static List<Polygon2> bays(PanelFrame frame, Openings openings) {
        List<Polygon2> taken = new ArrayList<>();
        frame.members().stream()
                .filter(frame::isFullDepth)
                .map(Member::profile)
                .forEach(taken::add);
        openings.in(frame.panel()).forEach(one -> taken.add(Polygon2.rectangle(one.clear())));
        return frame.panel().rooms().stream()
                .flatMap(room -> room.without(taken).stream())
                .toList();
    }
}
