package pteron.core.drawing;

import pteron.core.geometry.Bounds2;

/**
 * Something that can be dragged. Immutable.
 *
 * @param opening id of the opening
 * @param area where it is taken hold of (view, mm)
 * @param alongPerRight how far along its wall it goes for a mm to the right: 1 or −1
 */
public record Grip(String opening, Bounds2 area, int alongPerRight) {}
