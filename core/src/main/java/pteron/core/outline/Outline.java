package pteron.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import pteron.core.curve.Curve;
import pteron.core.curve.CurveSums;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Segment2;
import pteron.core.quantity.Tolerance;
import pteron.core.stage.Result;

/**
 * The outline, checked and measured. Immutable.
 *
 * @param points corners in the order of the walk, (x, z) in mm, as the plan gives them
 * @param elements lines and curves in the order of the walk; empty unless usable
 * @param corners where they meet, one fewer than elements; empty unless usable
 * @param shape area of one side; of the bare corners unless usable
 * @param usable whether a box can be built on it
 * @param figures what it measures
 * @param findings what is wrong or close
 */
public record Outline(
        List<Point2> points,
        List<Element> elements,
        List<Corner> corners,
        SideShape shape,
        boolean usable,
        List<Figure> figures,
        List<Finding> findings)
        implements Result {

    /** How far inside of its faces an upright's foot is looked for (mm), so that a step counts once. */
    private static final double INSIDE_MM = 1e-3;

    /** Copies the lists. */
    public Outline {
        points = List.copyOf(points);
        elements = List.copyOf(elements);
        corners = List.copyOf(corners);
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }

    /** {@return the elements as straight edges, in the order of the walk} */
    public List<Edge> edges() {
        return elements.stream().map(Element::edge).toList();
    }

    /** {@return whether it is all straight and nothing of it faces down, so that flat panels make it up} */
    public boolean isOfFlatPanels() {
        return elements.stream()
                .allMatch(element -> element.isStraight() && element.kind() != EdgeKind.UNDER);
    }

    /** {@return area of one side over the underside (mm²), 0 unless usable} */
    public double areaMm2() {
        return usable ? shape.areaMm2() : 0;
    }

    /** {@return foremost x (mm)} */
    public double foremostMm() {
        return shape.bounds().fromU();
    }

    /** {@return rearmost x (mm)} */
    public double rearmostMm() {
        return shape.bounds().toU();
    }

    /** {@return whether a piece of the roof is straight, so that it may rise across the width} */
    public boolean hasStraightRoof() {
        return elements.stream().anyMatch(one -> one.kind() == EdgeKind.ROOF && one.isStraight());
    }

    /** {@return overall length (mm)} */
    public double lengthMm() {
        return rearmostMm() - foremostMm();
    }

    /** {@return greatest height above the underside (mm)} */
    public double heightMm() {
        return shape.bounds().toV();
    }

    /** {@return how far the floor is dropped below the underside (mm), 0 for none} */
    public double dropMm() {
        return Math.max(0, -shape.bounds().fromV());
    }

    /** {@return height of the outline over a place (mm above the underside), empty beside the box} */
    public OptionalDouble heightAt(double xMm) {
        return over(xMm).stream().mapToDouble(Point2::v).max();
    }

    private List<Point2> over(double xMm) {
        List<Point2> over = new ArrayList<>();
        for (Element element : elements) {
            Curve curve = element.curve();
            if (element.isStraight()) {
                straightOver(curve, xMm, over);
            } else {
                CurveSums.passes(curve, xMm).forEach(s -> over.add(curve.at(s)));
            }
        }
        return over;
    }

    private static void straightOver(Curve line, double x, List<Point2> over) {
        Point2 from = line.from();
        Point2 to = line.to();
        double run = to.u() - from.u();
        if (x < Math.min(from.u(), to.u()) || x > Math.max(from.u(), to.u())) {
            return;
        }
        double share = run == 0 ? 0 : (x - from.u()) / run;
        over.add(run == 0 && to.v() > from.v() ? to : from.plus(to.minus(from).times(share)));
    }

    /**
     * {@return heights and bevel of an upright, empty where it does not stand under the outline}
     *
     * @param frontFaceMm place of its front face (mm)
     * @param thicknessMm thickness along the box (mm), above 0
     */
    public Optional<Upright> upright(double frontFaceMm, double thicknessMm) {
        OptionalDouble front = heightAt(frontFaceMm);
        OptionalDouble rear = heightAt(frontFaceMm + thicknessMm);
        if (front.isEmpty() || rear.isEmpty()) {
            return Optional.empty();
        }
        double rise = rear.getAsDouble() - front.getAsDouble();
        double bevel = Math.toDegrees(Math.atan2(rise, thicknessMm));
        double foot =
                Math.max(
                        footAt(frontFaceMm + INSIDE_MM),
                        footAt(frontFaceMm + thicknessMm - INSIDE_MM));
        return Optional.of(
                new Upright(frontFaceMm, foot, front.getAsDouble(), rear.getAsDouble(), bevel));
    }

    /** {@return height of what lies under the roof at a place: floor, dropped floor, underside over a cab} */
    private double footAt(double xMm) {
        List<Segment2> inside = shape.polygon().plumbAt(xMm);
        return inside.isEmpty() ? 0 : inside.getLast().from().v();
    }

    /**
     * {@return the uprights under the outline, front to rear: one at the foremost place, then every spacing,
     * the last one flush with the rearmost place}
     *
     * @param spacingMm from front face to front face (mm), above 0
     * @param thicknessMm thickness of an upright along the box (mm), above 0
     */
    public List<Upright> uprights(double spacingMm, double thicknessMm) {
        List<Upright> uprights = new ArrayList<>();
        double last = rearmostMm() - thicknessMm;
        for (double x = foremostMm(); x < last - thicknessMm; x += spacingMm) {
            upright(x, thicknessMm).ifPresent(uprights::add);
        }
        upright(last, thicknessMm).ifPresent(uprights::add);
        return uprights;
    }

    /** {@return the strip over front, roof and rear laid out flat, from the front foot on} */
    public List<StripPiece> strip() {
        List<StripPiece> strip = new ArrayList<>();
        double along = 0;
        for (int i = 0; i < elements.size(); i++) {
            OptionalDouble turn =
                    i < corners.size()
                            ? OptionalDouble.of(corners.get(i).turnDegrees())
                            : OptionalDouble.empty();
            StripPiece piece = new StripPiece(elements.get(i), along, turn);
            strip.add(piece);
            along = piece.toMm();
        }
        return strip;
    }

    /** {@return slope of the outline over a place (degrees), above 0 rising to the rear} */
    public OptionalDouble slopeAt(double xMm) {
        OptionalDouble height = heightAt(xMm);
        if (height.isEmpty()) {
            return OptionalDouble.empty();
        }
        double top = height.getAsDouble();
        for (Element element : elements) {
            Curve curve = element.curve();
            for (double s : CurveSums.passes(curve, xMm)) {
                Point2 way = curve.direction(s);
                if (Math.abs(curve.at(s).v() - top) < Tolerance.GEOMETRY.lengthMm()
                        && Math.abs(way.u()) > Tolerance.DIRECTION) {
                    return OptionalDouble.of(
                            Math.toDegrees(Math.atan2(way.v(), Math.abs(way.u()))));
                }
            }
        }
        return OptionalDouble.empty();
    }
}
