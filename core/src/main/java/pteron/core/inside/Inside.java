package pteron.core.inside;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;
import pteron.core.stage.Result;

/**
 * The room inside of the layers. Immutable.
 *
 * @param room in the side elevation, empty where the layers fill the box
 * @param widthMm between the linings of the side walls (mm)
 * @param floorMm top of the floor above the underside (mm)
 * @param figures what it measures
 * @param findings what is wrong or close
 */
public record Inside(
        Optional<Polygon2> room,
        double widthMm,
        double floorMm,
        List<Figure> figures,
        List<Finding> findings)
        implements Result {

    /** No room. */
    public static final Inside NONE = new Inside(Optional.empty(), 0, 0, List.of(), List.of());

    /** Copies the lists. */
    public Inside {
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }

    /** {@return room inside (m³), wheel arches not taken off} */
    public double volumeM3() {
        return room.map(Polygon2::area).orElse(0.0) * Math.max(0, widthMm) / 1e9;
    }

    /** {@return height from floor to ceiling at a place (mm), empty where there is no room} */
    public OptionalDouble standingAt(double xMm) {
        return room.isEmpty()
                ? OptionalDouble.empty()
                : room.get().plumbAt(xMm).stream().mapToDouble(Segment2::lengthMm).max();
    }

    /** {@return level stretches of the room at a height above the underside, front to rear} */
    public List<Segment2> levelAt(double zMm) {
        return room.map(polygon -> polygon.levelAt(zMm)).orElse(List.of());
    }
}
