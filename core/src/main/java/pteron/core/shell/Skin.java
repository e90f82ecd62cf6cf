package pteron.core.shell;

import java.util.Optional;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.geometry.Polygon2;
import pteron.core.quantity.Named;
import pteron.core.surface.Crown;

/**
 * A face of a panel to be covered with sheets. Immutable.
 *
 * @param face which face
 * @param layer material and thickness
 * @param area what is to be covered, openings not yet cut (u, v)
 * @param fromInwardMm where its outer face lies (w, mm)
 * @param laying how it is divided into sheets
 * @param crown rise of a roof's skin across the width, empty for none
 */
public record Skin(
        Face face,
        Layer layer,
        Polygon2 area,
        double fromInwardMm,
        Laying laying,
        Optional<Crown> crown) {

    /** Which face of a panel. */
    public enum Face {
        /** Outside of walls and roof. */
        OUTER,
        /** Lining inside. */
        INNER,
        /** First face of a partition, towards the front or the left. */
        NEAR,
        /** What is walked on. */
        FLOOR_TOP,
        /** On the bearers. */
        FLOOR_BOTTOM;

        /** {@return what it is called on the list} */
        public String words() {
            return Named.small(this).replace("floor_", "").replace('_', ' ');
        }
    }

    /** {@return the outside of a wall or roof over an area} */
    static Skin outer(Framed framed, Polygon2 area) {
        return first(Face.OUTER, framed, area);
    }

    /** {@return the first face of a partition over an area} */
    static Skin near(Framed framed, Polygon2 area) {
        return first(Face.NEAR, framed, area);
    }

    private static Skin first(Face face, Framed framed, Polygon2 area) {
        return new Skin(
                face,
                framed.outerSkin(),
                area,
                -framed.toFrameMm(),
                Laying.SHEETS,
                Optional.empty());
    }

    /** {@return the lining of a wall or roof over an area} */
    static Skin inner(Framed framed, Polygon2 area) {
        return new Skin(
                Face.INNER,
                framed.innerSkin(),
                area,
                framed.toLiningMm(),
                Laying.SHEETS,
                Optional.empty());
    }

    /** {@return the same face rising across the width} */
    Skin crowned(Optional<Crown> other) {
        return new Skin(face, layer, area, fromInwardMm, laying, other);
    }

    /** {@return the same face divided in another way} */
    Skin laid(Laying other) {
        return new Skin(face, layer, area, fromInwardMm, other, crown);
    }

    /** {@return whether members touch it from within, so that it lies outside of the frame} */
    public boolean isOutside() {
        return face == Face.OUTER;
    }
}
