package pteron.core.outline;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.geometry.Point2;

/**
 * The outline, checked and measured. Immutable.
 *
 * @param points corners in the order of the walk, (x, z) in mm, as the plan gives them
 * @param edges straight lines in the order of the walk; empty unless usable
 * @param corners corners between them, one fewer than edges; empty unless usable
 * @param areaMm2 area of one side over the deck (mm²), 0 unless usable
 * @param usable whether a box can be built on it
 * @param figures what it measures
 * @param findings what is wrong or close
 */
public record Outline(
        List<Point2> points,
        List<Edge> edges,
        List<Corner> corners,
        double areaMm2,
        boolean usable,
        List<Figure> figures,
        List<Finding> findings) {

    /** Copies the lists. */
    public Outline {
        points = List.copyOf(points);
        edges = List.copyOf(edges);
        corners = List.copyOf(corners);
        figures = List.copyOf(figures);
        findings = List.copyOf(findings);
    }

    /** {@return foremost x (mm)} */
    public double foremostMm() {
        return points.stream().mapToDouble(Point2::u).min().orElseThrow();
    }

    /** {@return rearmost x (mm)} */
    public double rearmostMm() {
        return points.stream().mapToDouble(Point2::u).max().orElseThrow();
    }

    /** {@return overall length (mm)} */
    public double lengthMm() {
        return rearmostMm() - foremostMm();
    }

    /** {@return greatest height above the deck (mm)} */
    public double heightMm() {
        return points.stream().mapToDouble(Point2::v).max().orElseThrow();
    }

    /** {@return height of the outline over a place (mm above the deck), empty beside the box} */
    public OptionalDouble heightAt(double xMm) {
        return edges.stream()
                .filter(edge -> spans(edge, xMm))
                .mapToDouble(edge -> heightOn(edge, xMm))
                .max();
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
        return Optional.of(new Upright(front.getAsDouble(), rear.getAsDouble(), bevel));
    }

    private static boolean spans(Edge edge, double x) {
        return Math.min(edge.from().u(), edge.to().u()) <= x
                && x <= Math.max(edge.from().u(), edge.to().u());
    }

    private static double heightOn(Edge edge, double x) {
        double run = edge.to().u() - edge.from().u();
        if (run == 0) {
            return Math.max(edge.from().v(), edge.to().v());
        }
        double share = (x - edge.from().u()) / run;
        return edge.from().v() + share * (edge.to().v() - edge.from().v());
    }
}
