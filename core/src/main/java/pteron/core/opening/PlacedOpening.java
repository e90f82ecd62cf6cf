package pteron.core.opening;

import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.plan.Opening;
import pteron.core.quantity.Tolerance;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Skin;

/**
 * An opening in the plane of its panel. Immutable.
 *
 * @param opening as planned
 * @param panel the panel it lies in
 * @param cutOut hole in the skins (u, v)
 * @param clear clear opening between the timbers (u, v)
 * @param reachesFloor whether it stands on the floor, so that the bottom plate is cut out for it
 */
public record PlacedOpening(
        Opening opening, Panel panel, Bounds2 cutOut, Bounds2 clear, boolean reachesFloor) {

    /** Area of an opening that may lie over plates and posts by rounding (mm²). */
    private static final double SLACK_MM2 = 1;

    /** {@return whether it lies clear of the plates and posts round its wall, so that it can be framed} */
    public boolean isClearOfEdges() {
        // on a bend the faces of a member lean, so that it needs more room than it is thick
        double timber = panel.memberRoomMm();
        Bounds2 wall = panel.frame().bounds();
        boolean corners = !panel.kind().isSide() && panel.kind() != PanelKind.FLOOR;
        double near = corners ? panel.cornerBackingToMm() : 0;
        double far = corners ? panel.farBackingToMm() : 0;
        double lowest = panel.rim().lowestMm(clear.fromU(), clear.toU());
        double floor = reachesFloor ? Math.max(clear.fromV(), lowest + timber) : clear.fromV();
        if (clear.fromU() < wall.fromU() + near || clear.toU() > wall.toU() - far) {
            return false;
        }
        if (reachesPastLining(floor)) {
            return false;
        }
        Polygon2 needed =
                Polygon2.rectangle(new Bounds2(clear.fromU(), clear.toU(), floor, clear.toV()));
        boolean lined =
                !panel.kind().isSide()
                        || panel.skin(Skin.Face.INNER).area().contains(needed, SLACK_MM2);
        return lined
                && panel.frame().inset(timber).stream()
                        .anyMatch(room -> room.contains(needed, SLACK_MM2));
    }

    /** {@return whether it reaches past the lining of a panel of the strip, where other panels join it} */
    private boolean reachesPastLining(double fromV) {
        if (panel.kind().isSide() || panel.kind() == PanelKind.FLOOR) {
            return false;
        }
        Bounds2 lining = panel.skin(Skin.Face.INNER).area().bounds();
        double slack = Tolerance.PENCIL.lengthMm();
        return clear.fromU() < lining.fromU() - slack
                || clear.toU() > lining.toU() + slack
                || clear.toV() > lining.toV() + slack
                || (!reachesFloor && fromV < lining.fromV() - slack);
    }

    /** {@return middle of the opening, half way through the frame} */
    public Point3 middle() {
        return panel.surface().at(cutOut.middle(), panel.depthMm() / 2);
    }

    /** {@return room that trimmers, header, sill and plates around it need (u, v)} */
    public Bounds2 framingRoom() {
        double timber = panel.members().section().thicknessMm();
        double below = reachesFloor ? 0 : 2 * timber;
        return new Bounds2(
                clear.fromU() - timber,
                clear.toU() + timber,
                clear.fromV() - below,
                clear.toV() + 2 * timber);
    }
}
