package pteron.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.View;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.outline.Outline;
import pteron.core.outline.RoofEdge;

/** Draws a roof that stands over its walls, and the drip edge that hangs from it. */
final class RoofEdgeShapes {

    private final Canvas canvas;

    RoofEdgeShapes(Canvas canvas) {
        this.canvas = canvas;
    }

    /** From the side: the roof beyond front and rear, and the drip edge before the wall. */
    void side() {
        int way = canvas.view() == View.RIGHT ? 1 : -1;
        with(edge -> side(edge, way));
    }

    private void side(RoofEdge edge, int way) {
        double drip = edge.over().dripMm();
        List<Point3> rim = edge.beside(way);
        if (edge.over().frontMm() > 0) {
            line(List.of(rim.get(1), rim.getFirst(), lower(rim.getFirst(), drip)));
        }
        if (edge.over().rearMm() > 0) {
            line(List.of(rim.get(rim.size() - 2), rim.getLast(), lower(rim.getLast(), drip)));
        }
        if (edge.over().sidesMm() > 0 && drip > 0) {
            line(rim.stream().map(at -> lower(at, drip)).toList());
        }
    }

    /** End on: the roof beyond both sides, its drip edges, and the one across where the roof stands over this end. */
    void end() {
        with(edge -> end(edge, canvas.view() == View.FRONT));
    }

    private void end(RoofEdge edge, boolean front) {
        double drip = edge.over().dripMm();
        double over = front ? edge.over().frontMm() : edge.over().rearMm();
        List<Point3> rim = edge.across(front);
        if (edge.over().sidesMm() > 0) {
            List<Point3> round = new ArrayList<>(rim);
            round.addFirst(lower(rim.getFirst(), drip));
            round.add(lower(rim.getLast(), drip));
            line(round);
        }
        if (over > 0 && drip > 0) {
            line(rim.stream().map(at -> lower(at, drip)).toList());
        }
    }

    private void with(Consumer<RoofEdge> draw) {
        Optional<Outline> outline = canvas.box().find(Outline.class);
        outline.flatMap(found -> RoofEdge.of(canvas.box().plan().box(), found)).ifPresent(draw);
    }

    private static Point3 lower(Point3 at, double byMm) {
        return new Point3(at.x(), at.y(), at.z() - byMm);
    }

    private void line(List<Point3> points) {
        List<Point2> seen = points.stream().map(canvas::at).toList();
        canvas.line(LineKind.OUTLINE, seen);
    }
}
