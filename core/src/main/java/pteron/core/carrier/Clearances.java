package pteron.core.carrier;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;
import pteron.core.outline.Outline;
import pteron.core.outline.WheelArchShape;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails.WheelArch;
import pteron.core.vehicle.Deck;
import pteron.core.vehicle.Solid;
import pteron.core.vehicle.Vehicle;

/**
 * Room between the box and the solids of its carrier. The box is its side outline over its whole width, with wings
 * the part above over its whole and the part below over its lesser width; where a solid lies within the depth of the
 * wheel arches, the outline with its arches cut out.
 */
final class Clearances {

    /** Area that two shapes must share to be said to overlap (mm²). */
    private static final double OVERLAP_MM2 = 1;

    /** Room that a sub-frame leaves over what it clears (mm); common practice. */
    static final double OVER_MM = 10;

    private final Box box;
    private final double deckFrontMm;
    private final List<Body> bodies;

    /**
     * A part of the box that is as wide all over.
     *
     * @param half half its width (mm)
     * @param whole its side
     * @param arched its side with the wheel arches cut out
     */
    private record Body(double half, Polygon2 whole, List<Polygon2> arched) {}

    Clearances(Box box, double deckFrontMm, Outline outline) {
        this.box = box;
        this.deckFrontMm = deckFrontMm;
        Polygon2 side = outline.shape().polygon();
        List<Body> parts = new ArrayList<>();
        if (box.details().wings().exists()) {
            Bounds2 all = side.bounds();
            double from = box.details().wings().fromMm();
            Bounds2 over = new Bounds2(all.fromU(), all.toU(), from, Math.max(from, all.toV()));
            Polygon2 above = Polygon2.rectangle(over);
            side.shared(above).forEach(piece -> parts.add(body(box.widthMm() / 2, piece)));
            side.without(above).forEach(piece -> parts.add(body(box.lowerWidthMm() / 2, piece)));
        } else {
            parts.add(body(box.widthMm() / 2, side));
        }
        this.bodies = List.copyOf(parts);
    }

    private Body body(double half, Polygon2 side) {
        return new Body(half, side, WheelArchShape.without(side, box.details().wheelArches()));
    }

    List<Clearance> of(Vehicle vehicle) {
        List<Clearance> all = new ArrayList<>();
        for (Solid solid : vehicle.solids()) {
            all.add(of(solid));
        }
        return all;
    }

    /** {@return the steel that the box runs into, a line for each kind of it} */
    List<SteelClash> steel(Vehicle vehicle) {
        Map<String, SteelClash> clashes = new LinkedHashMap<>();
        for (SteelSolids.Piece piece : SteelSolids.of(vehicle)) {
            for (Body body : bodies) {
                boolean beside = piece.fromYMm() >= body.half || piece.toYMm() <= -body.half;
                if (!beside) {
                    clash(piece, body)
                            .ifPresent(
                                    clash -> clashes.merge(piece.part(), clash, SteelClash::and));
                }
            }
        }
        return List.copyOf(clashes.values());
    }

    private Optional<SteelClash> clash(SteelSolids.Piece piece, Body body) {
        double top = -Deck.PLANKS_MM - box.raisedMm();
        Bounds2 shadow =
                new Bounds2(
                        deckFrontMm + piece.fromXMm(),
                        deckFrontMm + piece.toXMm(),
                        piece.lowMm() - box.raisedMm(),
                        top);
        List<Polygon2> shared = body.whole.shared(Polygon2.rectangle(shadow));
        double area = shared.stream().mapToDouble(Polygon2::area).sum();
        if (area <= OVERLAP_MM2) {
            return Optional.empty();
        }
        double low = shared.stream().mapToDouble(one -> one.bounds().fromV()).min().orElse(top);
        double from = shared.stream().mapToDouble(one -> one.bounds().fromU()).min().orElse(0);
        return Optional.of(new SteelClash(piece.part(), 1, top - low, from, top));
    }

    /** {@return the shadow of a solid in the side elevation of the box} */
    Bounds2 elevation(Solid solid) {
        return elevation(solid, box.raisedMm());
    }

    private Bounds2 elevation(Solid solid, double raisedMm) {
        return new Bounds2(
                deckFrontMm + solid.along().fromMm(),
                deckFrontMm + solid.along().toMm(),
                solid.up().fromMm() - raisedMm,
                solid.up().toMm() - raisedMm);
    }

    /** The nearest part of the box tells. */
    private Clearance of(Solid solid) {
        return bodies.stream()
                .map(body -> of(solid, body))
                .min(Comparator.comparingDouble(Clearance::gapMm))
                .orElseThrow();
    }

    private Clearance of(Solid solid, Body body) {
        double sideways = sideways(solid, body);
        List<Polygon2> shapes = isBesideAnArch(solid, body) ? body.arched : List.of(body.whole);
        Bounds2 shadow = elevation(solid);
        if (shared(shapes, shadow) > OVERLAP_MM2) {
            return sideways >= 0
                    ? new Clearance(solid, Clearance.Way.SIDEWAYS, sideways, 0)
                    : clash(solid, sideways, shadow, body.whole);
        }
        Polygon2 outer = Polygon2.rectangle(shadow);
        double apart =
                shapes.stream().mapToDouble(shape -> shape.distance(outer)).min().orElseThrow();
        double gap = sideways < 0 ? apart : Math.hypot(sideways, apart);
        return new Clearance(
                solid, Clearance.Way.IN_ELEVATION, gap, clearedAt(solid, shapes, sideways));
    }

    /** The box runs into it: by as much as the shortest way out is long. */
    private Clearance clash(Solid solid, double sideways, Bounds2 shadow, Polygon2 whole) {
        double upwards = -shadow.toV();
        double lengthwise =
                Math.max(
                        shadow.fromU() - whole.bounds().toU(),
                        whole.bounds().fromU() - shadow.toU());
        double inElevation = Math.max(upwards, lengthwise);
        boolean aside = sideways >= inElevation;
        return new Clearance(
                solid,
                aside ? Clearance.Way.SIDEWAYS : Clearance.Way.IN_ELEVATION,
                Math.max(sideways, inElevation),
                Math.max(0, solid.up().toMm() + OVER_MM));
    }

    /** {@return the sub-frame that lifts the box over a solid that would stand in it otherwise (mm)} */
    private double clearedAt(Solid solid, List<Polygon2> shapes, double sideways) {
        boolean under = sideways < 0 && shared(shapes, elevation(solid, 0)) > OVERLAP_MM2;
        return under ? Math.max(0, solid.up().toMm() + OVER_MM) : 0;
    }

    private static double sideways(Solid solid, Body body) {
        double half = body.half;
        return Math.max(solid.across().fromMm() - half, -half - solid.across().toMm());
    }

    private boolean isBesideAnArch(Solid solid, Body body) {
        double half = body.half;
        return solid.mirrored()
                && box.details().wheelArches().stream()
                        .anyMatch(arch -> reaches(arch, solid, half));
    }

    private static double shared(List<Polygon2> shapes, Bounds2 shadow) {
        Polygon2 outer = Polygon2.rectangle(shadow);
        return shapes.stream().mapToDouble(shape -> shape.sharedArea(outer)).sum();
    }

    private static boolean reaches(WheelArch arch, Solid solid, double half) {
        return solid.across().fromMm() >= half - arch.depthMm();
    }
}
