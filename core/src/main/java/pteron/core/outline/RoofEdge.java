package pteron.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.curve.CurveSums;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails.Overhang;
import pteron.core.surface.Crown;
import pteron.core.surface.Surface;

/**
 * The rim of a roof that stands over its walls: the lines that its drip edge hangs from. Immutable.
 *
 * @param side seen from the left, from the front to the rear, overhangs included (x, z)
 * @param halfMm from the middle of the box to the rim beside it (mm)
 * @param crown rise of the roof across, empty for none
 * @param over how far it stands over the walls, and its drip edge
 */
public record RoofEdge(List<Point2> side, double halfMm, Optional<Crown> crown, Overhang over) {

    /** Copies the list. */
    public RoofEdge {
        side = List.copyOf(side);
    }

    /** {@return the rim of a box's roof, empty where it ends with the walls or where there is no roof} */
    public static Optional<RoofEdge> of(Box box, Outline outline) {
        Overhang over = box.details().overhang();
        List<Element> roofs =
                outline.elements().stream().filter(e -> e.kind() == EdgeKind.ROOF).toList();
        if (!over.exists() || !outline.usable() || roofs.isEmpty()) {
            return Optional.empty();
        }
        List<Point2> side = new ArrayList<>();
        var first = roofs.getFirst().curve();
        var last = roofs.getLast().curve();
        if (over.frontMm() > 0) {
            side.add(first.from().plus(first.direction(0).times(-over.frontMm())));
        }
        for (Element roof : roofs) {
            List<Point2> points = CurveSums.points(roof.curve(), Surface.DRAWN_MM);
            side.addAll(roof == roofs.getFirst() ? points : points.subList(1, points.size()));
        }
        if (over.rearMm() > 0) {
            side.add(last.to().plus(last.direction(last.lengthMm()).times(over.rearMm())));
        }
        double half = box.widthMm() / 2 + over.sidesMm();
        return Optional.of(new RoofEdge(side, half, roofs.getFirst().crown(box), over));
    }

    /** {@return the rim beside the box at the left (−1) or right (1)} */
    public List<Point3> beside(int way) {
        double down = crown.map(arc -> arc.heightMm(halfMm)).orElse(0.0);
        return side.stream().map(at -> new Point3(at.u(), way * halfMm, at.v() + down)).toList();
    }

    /** {@return the rim over front or rear, from left to right} */
    public List<Point3> across(boolean front) {
        Point2 at = front ? side.getFirst() : side.getLast();
        List<Double> places =
                crown.map(arc -> arc.places(-halfMm, halfMm, Surface.DRAWN_MM))
                        .orElse(List.of(-halfMm, halfMm));
        return places.stream()
                .map(
                        y ->
                                new Point3(
                                        at.u(),
                                        y,
                                        at.v() + crown.map(arc -> arc.heightMm(y)).orElse(0.0)))
                .toList();
    }

    /** {@return the lines that the drip edge hangs from: none where it has no height or the roof ends with the wall} */
    public List<List<Point3>> drips() {
        List<List<Point3>> drips = new ArrayList<>();
        if (over.dripMm() > 0) {
            if (over.sidesMm() > 0) {
                drips.add(beside(-1));
                drips.add(beside(1));
            }
            if (over.frontMm() > 0) {
                drips.add(across(true));
            }
            if (over.rearMm() > 0) {
                drips.add(across(false));
            }
        }
        return drips;
    }
}
