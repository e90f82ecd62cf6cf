package pteron.core.drawing;

import java.util.List;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;

/**
 * Something that can be dragged. Immutable.
 *
 * @param part id of the opening, or key of the corner, spot or field
 * @param area where it is taken hold of (view, mm)
 * @param axes how what it drags lies in the view
 * @param kind what it is
 * @param path the line that it is taken hold of along, empty where it is taken in its area
 */
public record Grip(String part, Bounds2 area, Axes axes, Kind kind, List<Point2> path) {

    /** Copies the path. */
    public Grip {
        path = List.copyOf(path);
    }

    /** Something that is taken hold of anywhere in an area. */
    public Grip(String part, Bounds2 area, Axes axes, Kind kind) {
        this(part, area, axes, kind, List.of());
    }

    /** {@return a line that is taken hold of along it} */
    public static Grip along(String part, List<Point2> path, Axes axes) {
        double fromU = path.stream().mapToDouble(Point2::u).min().orElse(0);
        double toU = path.stream().mapToDouble(Point2::u).max().orElse(0);
        double fromV = path.stream().mapToDouble(Point2::v).min().orElse(0);
        double toV = path.stream().mapToDouble(Point2::v).max().orElse(0);
        Bounds2 area = new Bounds2(fromU, toU, fromV, toV);
        return new Grip(part, area, axes, Kind.LINE, path);
    }

    /** What is dragged. */
    public enum Kind {
        /** A door or window, along its wall and up. */
        OPENING,
        /** A corner of the outline or a spot of a curve, along and up. */
        OUTLINE,
        /** A line of the outline, with the corners at its ends. */
        LINE,
        /** A face of a layer, upwards: it makes the layer thicker. */
        LAYER,
        /** A face of a layer that grows downwards. */
        LAYER_DOWN
    }

    /** {@return this grip elsewhere} */
    public Grip at(Bounds2 other) {
        Point2 by = new Point2(other.fromU() - area.fromU(), other.fromV() - area.fromV());
        List<Point2> moved = path.stream().map(point -> point.plus(by)).toList();
        return new Grip(part, other, axes, kind, moved);
    }
}
