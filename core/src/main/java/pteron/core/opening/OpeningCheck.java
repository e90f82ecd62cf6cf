package pteron.core.opening;

import java.util.ArrayList;
import java.util.List;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.plan.Opening;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Tolerance;
import pteron.core.quantity.Unit;

/** Whether openings lie well in their walls and beside each other. */
final class OpeningCheck {

    private OpeningCheck() {}

    static List<Finding> findings(List<PlacedOpening> placed) {
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < placed.size(); i++) {
            inside(placed.get(i), findings);
            for (int j = i + 1; j < placed.size(); j++) {
                apart(placed.get(i), placed.get(j), findings);
            }
        }
        return findings;
    }

    /** {@return what is wrong with an opening in a wall that the box does not have} */
    static Finding withoutWall(Opening opening) {
        return new Finding(
                "OPENING_HAS_NO_WALL",
                Severity.STOPS,
                Place.of(OpeningStation.OPENINGS, opening.id()),
                Quantity.count(0),
                Limit.atLeast(Quantity.count(1)),
                Cure.advice("MOVE_TO_ANOTHER_WALL", Quantity.count(1)));
    }

    private static void inside(PlacedOpening one, List<Finding> findings) {
        Polygon2 wall = one.panel().frame();
        double outside = outsideMm2(wall, one.cutOut());
        double noRoom = outsideMm2(wall, one.framingRoom());
        if (outside > slack(one.cutOut())) {
            findings.add(tooLarge("OPENING_OUTSIDE_WALL", Severity.STOPS, one, outside));
        } else if (!one.isClearOfEdges()) {
            double timber = one.panel().members().section().thicknessMm();
            findings.add(
                    finding(
                            "OPENING_CUTS_PLATE_OR_POST",
                            Severity.STOPS,
                            one,
                            Quantity.mm(0),
                            Limit.atLeast(Quantity.mm(timber))));
        } else if (noRoom > slack(one.framingRoom())) {
            findings.add(tooLarge("OPENING_NO_ROOM_TO_FRAME", Severity.WATCH, one, noRoom));
        }
    }

    private static Finding tooLarge(
            String code, Severity severity, PlacedOpening one, double outsideMm2) {
        return finding(
                code,
                severity,
                one,
                new Quantity(outsideMm2 / 1e6, Unit.SQUARE_METRE),
                Limit.atMost(new Quantity(0, Unit.SQUARE_METRE)));
    }

    private static double outsideMm2(Polygon2 wall, Bounds2 area) {
        Polygon2 whole = Polygon2.rectangle(area);
        return Math.max(0, whole.area() - wall.sharedArea(whole));
    }

    private static double slack(Bounds2 area) {
        return Tolerance.PENCIL.lengthMm() * Math.max(area.width(), area.height());
    }

    private static Finding finding(
            String code, Severity severity, PlacedOpening one, Quantity demand, Limit limit) {
        return new Finding(code, severity, place(one), demand, limit, slidInside(one));
    }

    private static Cure slidInside(PlacedOpening one) {
        Bounds2 whole = one.panel().frame().bounds();
        boolean corners = !one.panel().kind().isSide();
        double near = corners ? one.panel().cornerBackingToMm() : 0;
        double far = corners ? one.panel().farBackingToMm() : 0;
        Bounds2 wall =
                new Bounds2(whole.fromU() + near, whole.toU() - far, whole.fromV(), whole.toV());
        Bounds2 room = one.framingRoom();
        double du = slide(room.fromU(), room.toU(), wall.fromU(), wall.toU());
        double dv = slide(room.fromV(), room.toV(), wall.fromV(), wall.toV());
        Bounds2 moved =
                new Bounds2(room.fromU() + du, room.toU() + du, room.fromV() + dv, room.toV() + dv);
        Quantity amount = Quantity.mm(Math.hypot(du, dv));
        boolean fits = outsideMm2(one.panel().frame(), moved) <= slack(moved);
        if (!fits || amount.value() == 0) {
            return Cure.advice("MOVE_OR_SHRINK_OPENING", amount);
        }
        return Cure.press("MOVE_OPENING", amount, one.opening().id(), du, dv);
    }

    /** {@return how far to slide a stretch so that it lies within another; rounded to whole mm inward} */
    private static double slide(double from, double to, double least, double most) {
        if (from < least) {
            return Math.ceil(least - from);
        }
        return to > most ? -Math.ceil(to - most) : 0;
    }

    private static void apart(PlacedOpening one, PlacedOpening other, List<Finding> findings) {
        if (!one.panel().id().equals(other.panel().id())) {
            return;
        }
        if (one.cutOut().overlaps(other.cutOut())) {
            double shared =
                    Polygon2.rectangle(one.cutOut()).sharedArea(Polygon2.rectangle(other.cutOut()));
            findings.add(
                    new Finding(
                            "OPENINGS_OVERLAP",
                            Severity.STOPS,
                            place(other),
                            new Quantity(shared / 1e6, Unit.SQUARE_METRE),
                            Limit.atMost(new Quantity(0, Unit.SQUARE_METRE)),
                            apartBy(one, other)));
            return;
        }
        tooClose(one, other, findings);
    }

    private static void tooClose(PlacedOpening one, PlacedOpening other, List<Finding> findings) {
        double timber = one.panel().members().section().thicknessMm();
        double gapU =
                gap(
                        one.clear().fromU(),
                        one.clear().toU(),
                        other.clear().fromU(),
                        other.clear().toU());
        double gapV =
                gap(
                        one.clear().fromV(),
                        one.clear().toV(),
                        other.clear().fromV(),
                        other.clear().toV());
        double needed = gapU >= gapV ? timber : 2 * timber;
        if (Math.max(gapU, gapV) < needed - Tolerance.PENCIL.lengthMm()) {
            findings.add(
                    new Finding(
                            "OPENINGS_TOO_CLOSE",
                            Severity.WATCH,
                            place(other),
                            Quantity.mm(Math.max(gapU, gapV)),
                            Limit.atLeast(Quantity.mm(needed)),
                            apartBy(one, other)));
        }
    }

    private static double gap(double from, double to, double otherFrom, double otherTo) {
        return Math.max(otherFrom - to, from - otherTo);
    }

    private static Cure apartBy(PlacedOpening one, PlacedOpening other) {
        double timber = one.panel().members().section().thicknessMm();
        double back = one.clear().toU() + timber - other.clear().fromU();
        double forward = other.clear().toU() - (one.clear().fromU() - timber);
        double move = Math.abs(back) <= Math.abs(forward) ? Math.ceil(back) : -Math.ceil(forward);
        return Cure.press(
                "MOVE_OPENING", Quantity.mm(Math.abs(move)), other.opening().id(), move, 0.0);
    }

    private static Place place(PlacedOpening one) {
        Point3 middle = one.middle();
        return new Place(
                OpeningStation.OPENINGS, one.opening().id(), middle.x(), middle.y(), middle.z());
    }
}
