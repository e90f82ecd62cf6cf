package pteron.core.skin;

import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.shell.Panel;
import pteron.core.shell.Skin;

/**
 * A piece cut out of a sheet. Immutable.
 *
 * @param name what stands on the list: {@code left outer 2}
 * @param panel where it goes
 * @param skin the face it covers
 * @param shape its outline with the holes of openings (u, v of the panel)
 * @param massKg mass (kg)
 */
public record SheetPiece(String name, Panel panel, Skin skin, Polygon2 shape, double massKg) {

    /** {@return where its weight sits} */
    public Point3 centre() {
        double middle = skin.fromInwardMm() + skin.layer().thicknessMm() / 2;
        return panel.placement().at(shape.centroid(), middle);
    }
}
