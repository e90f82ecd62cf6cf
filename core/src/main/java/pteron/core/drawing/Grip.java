package pteron.core.drawing;

import pteron.core.geometry.Bounds2;

/**
 * Something that can be dragged. Immutable.
 *
 * @param part id of the opening, or key of the corner, spot or field
 * @param area where it is taken hold of (view, mm)
 * @param alongPerRight how far along its wall or the box it goes for a mm to the right: 1 or −1
 * @param kind what it is
 */
public record Grip(String part, Bounds2 area, int alongPerRight, Kind kind) {

    /** What is dragged. */
    public enum Kind {
        /** A door or window, along its wall and up. */
        OPENING,
        /** A corner of the outline or a spot of a curve, along and up. */
        OUTLINE,
        /** A face of a layer, upwards: it makes the layer thicker. */
        LAYER,
        /** A face of a layer that grows downwards. */
        LAYER_DOWN
    }

    /** {@return this grip elsewhere} */
    public Grip at(Bounds2 other) {
        return new Grip(part, other, alongPerRight, kind);
    }
}
