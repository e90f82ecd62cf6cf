package pteron.core.shell;

import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.geometry.Polygon2;

/**
 * A face of a panel to be covered with sheets. Immutable.
 *
 * @param face which face
 * @param layer material and thickness
 * @param area what is to be covered, openings not yet cut (u, v)
 * @param fromInwardMm where its outer face lies (w, mm)
 * @param staggered whether the first sheets are at most half as wide and long, so that the seams do not
 *     lie over those of the other face
 */
public record Skin(Face face, Layer layer, Polygon2 area, double fromInwardMm, boolean staggered) {

    /** Which face of a panel. */
    public enum Face {
        /** Outside of walls and roof. */
        OUTER,
        /** Lining inside. */
        INNER,
        /** What is walked on. */
        FLOOR_TOP,
        /** On the bearers. */
        FLOOR_BOTTOM
    }

    /** {@return the outside of a wall or roof over an area} */
    static Skin outer(Framed framed, Polygon2 area) {
        return new Skin(Face.OUTER, framed.outerSkin(), area, -framed.toFrameMm(), false);
    }

    /** {@return the lining of a wall or roof over an area} */
    static Skin inner(Framed framed, Polygon2 area) {
        return new Skin(Face.INNER, framed.innerSkin(), area, framed.toLiningMm(), false);
    }

    /** {@return whether members touch it from within, so that it lies outside of the frame} */
    public boolean isOutside() {
        return face == Face.OUTER;
    }
}
