package pteron.core.skin;

import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.shell.Panel;
import pteron.core.shell.Skin;
import pteron.core.surface.CrownSurface;
import pteron.core.surface.FlatSurface;
import pteron.core.surface.Surface;

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

    /** {@return its shape as it is cut out of the flat sheet: on the outside of a bend longer than inside} */
    public Polygon2 cutShape() {
        return skin.crown().isEmpty()
                ? panel.surface().developed(shape, middleMm())
                : CrownSurface.turned(surface().developed(laid(), middleMm()));
    }

    /** {@return what it lies on: its panel, or the rise of a roof over that} */
    public Surface surface() {
        return skin.crown()
                .<Surface>map(crown -> new CrownSurface((FlatSurface) panel.surface(), crown))
                .orElse(panel.surface());
    }

    /** {@return its shape in the coordinates of {@link #surface()}} */
    public Polygon2 laid() {
        return skin.crown().isEmpty() ? shape : CrownSurface.turned(shape);
    }

    /** {@return depth of the middle of its thickness (w, mm), which a bend neither stretches nor presses} */
    private double middleMm() {
        return skin.fromInwardMm() + skin.layer().thicknessMm() / 2;
    }

    /** {@return where its weight sits} */
    public Point3 centre() {
        return surface().centre(laid(), middleMm());
    }
}
