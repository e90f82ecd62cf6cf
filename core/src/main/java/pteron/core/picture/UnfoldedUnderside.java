package pteron.core.picture;

import java.util.ArrayList;
import java.util.List;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.drawing.Shape;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails.DropFloor;
import pteron.core.plan.BoxDetails.WheelArch;
import pteron.core.plan.BoxDetails.Wings;

/**
 * What of an unfolded box lies below: floor, riser and dropped floor behind the rear wall, the boxes over the wheels
 * beside them, wings and lower walls at the sides.
 */
final class UnfoldedUnderside {

    /** Room between the floor and the boxes over the wheels, which join it all round (mm). */
    private static final double GAP_MM = 150;

    private final Box box;
    private final Canvas canvas;
    private final double half;

    UnfoldedUnderside(Box box, Canvas canvas) {
        this.box = box;
        this.canvas = canvas;
        this.half = box.lowerWidthMm() / 2;
    }

    /** {@return lengths of the pieces behind the rear wall, the lowest first: floor behind a step, riser, floor (mm)} */
    List<Double> lengths() {
        DropFloor drop = box.details().dropFloor();
        double whole = box.outline().getLast().xMm() - box.outline().getFirst().xMm();
        double ahead = drop.fromMm() - box.outline().getFirst().xMm();
        return drop.exists() ? List.of(whole - ahead, drop.depthMm(), ahead) : List.of(whole);
    }

    /** Draws what lies behind the strip, from a place on (mm). */
    void floor(double fromMm) {
        double at = fromMm;
        List<Double> lengths = lengths();
        List<String> names =
                lengths.size() == 1 ? List.of("floor") : List.of("dropped floor", "", "floor");
        for (int i = 0; i < lengths.size(); i++) {
            double to = at + lengths.get(i);
            board(new Bounds2(at, to, -half, half), names.get(i));
            canvas.line(LineKind.SEAM, new Point2(at, -half), new Point2(at, half));
            at = to;
        }
        wheels(at + GAP_MM);
    }

    private void board(Bounds2 area, String name) {
        canvas.rectangle(
                Matter.BOARD,
                new Point2(area.fromU(), area.fromV()),
                new Point2(area.toU(), area.toV()));
        if (!name.isEmpty()) {
            canvas.add(new Shape.Label(area.middle(), name, Shape.Label.Kind.NAME, area.width()));
        }
    }

    /** The boxes over the wheels, those of the left side below, of the right above: top, inner side, both ends. */
    private void wheels(double fromMm) {
        double at = fromMm;
        for (WheelArch arch : box.details().wheelArches()) {
            for (int side : new int[] {-1, 1}) {
                wheel(arch, side, at);
            }
            at += arch.lengthMm() + 2 * arch.heightMm() + GAP_MM;
        }
    }

    private void wheel(WheelArch arch, int side, double atMm) {
        double from = atMm + arch.heightMm();
        double to = from + arch.lengthMm();
        double deep = arch.depthMm();
        double high = arch.heightMm();
        double low = GAP_MM / 2;
        double inner = low + high;
        box(side, from, to, low, inner, "");
        box(side, from, to, inner, inner + deep, "over the wheel");
        box(side, from - high, from, inner, inner + deep, "");
        box(side, to, to + high, inner, inner + deep, "");
    }

    private void box(int side, double from, double to, double low, double high, String name) {
        board(
                side > 0 ? new Bounds2(from, to, low, high) : new Bounds2(from, to, -high, -low),
                name);
    }

    /**
     * {@return the pieces of a side (x, z) as they unfold: the upper wall alone without wings; with them also the wing,
     * and the lower wall pushed down by it}
     */
    List<Polygon2> side(Polygon2 whole) {
        Wings wings = box.details().wings();
        Bounds2 all = whole.bounds();
        if (!wings.exists() || wings.fromMm() >= all.toV()) {
            return List.of(whole);
        }
        double out = (box.widthMm() - box.lowerWidthMm()) / 2;
        double step = wings.fromMm();
        List<Polygon2> pieces = new ArrayList<>(part(whole, step, all.toV() + 1));
        Segment2 level =
                new Segment2(new Point2(all.fromU() - 1, step), new Point2(all.toU() + 1, step));
        for (Segment2 edge : whole.cut(level)) {
            double from = Math.min(edge.from().u(), edge.to().u());
            double to = Math.max(edge.from().u(), edge.to().u());
            pieces.add(Polygon2.rectangle(new Bounds2(from, to, step - out, step)));
        }
        for (Polygon2 lower : part(whole, all.fromV() - 1, step)) {
            pieces.add(lower.mapped(corner -> corner.minus(new Point2(0, out))));
        }
        return pieces;
    }

    private static List<Polygon2> part(Polygon2 whole, double low, double high) {
        Bounds2 all = whole.bounds();
        return whole.shared(
                Polygon2.rectangle(new Bounds2(all.fromU() - 1, all.toU() + 1, low, high)));
    }
}
