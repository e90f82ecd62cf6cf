package pteron.core.inside;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;
import pteron.core.stage.Result;

/**
 * The room inside of the layers. Immutable.
 *
 * @param room in the side elevation, empty where the layers fill the box
 * @param widthMm between the linings of the side walls (mm)
 * @param floorMm top of the floor above the underside (mm)
 * @param below what is narrower below wings, empty without them
 * @param figures what it measures
 * @param findings what is wrong or close
 */
public record Inside(
        Optional<Polygon2> room,
        double widthMm,
        double floorMm,
        Optional<Below> below,
        List<Figure> figures,
        List<Finding> findings)
        implements Result {

    /** No room. */
    public static final Inside NONE =
            new Inside(Optional.empty(), 0, 0, Optional.empty(), List.of(), List.of());

    /** Copies the lists. */
    public Inside {
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }

    /**
     * The room below the top of the wings.
     *
     * @param widthMm between the linings of the lower walls (mm)
     * @param toMm height of the wings' top over the underside (mm)
     */
    public record Below(double widthMm, double toMm) {}

    /** {@return room inside (m³), wheel arches not taken off} */
    public double volumeM3() {
        return room.map(this::volumeM3).orElse(0.0);
    }

    private double volumeM3(Polygon2 side) {
        double whole = side.area() * Math.max(0, widthMm);
        double narrower = below.map(part -> lost(side, part)).orElse(0.0);
        return (whole - narrower) / 1e9;
    }

    private double lost(Polygon2 side, Below part) {
        Bounds2 all = side.bounds();
        double top = Math.max(all.fromV(), part.toMm());
        Bounds2 area = new Bounds2(all.fromU(), all.toU(), all.fromV(), top);
        return side.sharedArea(Polygon2.rectangle(area)) * (widthMm - part.widthMm());
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
