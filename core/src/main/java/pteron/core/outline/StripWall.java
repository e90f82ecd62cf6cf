package pteron.core.outline;

import java.util.Optional;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.plan.Box;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Wall;
import pteron.core.quantity.Named;

/**
 * A wall of the strip over front, roof and rear as the outline alone tells it. Places in it are counted as those of
 * its openings: on walls from the left side and up from the floor or the lower edge; on what lies flat or bends
 * along it and from the left side.
 *
 * @param element its piece of the outline
 * @param widthMm outside width of the box (mm)
 * @param floorMm top of the floor where it stands on it, else 0 (mm)
 */
public record StripWall(Element element, double widthMm, double floorMm) {

    /** {@return the wall of a box, empty for side walls and for pieces that it does not have} */
    public static Optional<StripWall> of(BoxPlan plan, Outline outline, Wall wall) {
        return of(plan.box(), plan.makeUp().floor().structureMm(), outline, wall);
    }

    /**
     * {@return the wall of a box, empty for side walls and for pieces that it does not have}
     *
     * @param floorMm height of its floor's top (mm)
     */
    public static Optional<StripWall> of(Box box, double floorMm, Outline outline, Wall wall) {
        int number = 0;
        for (Element element : outline.elements()) {
            boolean same = Named.small(element.kind()).equals(Named.small(wall.part()));
            number += same ? 1 : 0;
            if (same && number == wall.number()) {
                double floor = wall.standsOnFloor() ? floorMm : 0;
                return Optional.of(new StripWall(element, box.widthMm(), floor));
            }
        }
        return Optional.empty();
    }

    /** {@return whether places are counted along it first, then across} */
    public boolean isAcross() {
        return !element.isStraight()
                || element.kind() == EdgeKind.ROOF
                || element.kind() == EdgeKind.UNDER;
    }

    /** {@return whether one goes down it on the way from the front foot over the roof} */
    private boolean comesDown() {
        return element.kind() == EdgeKind.TAIL || element.kind() == EdgeKind.REAR;
    }

    /** {@return all places in it (along, up or across, mm)} */
    public Bounds2 room() {
        double length = element.lengthMm();
        return isAcross()
                ? new Bounds2(0, length, 0, widthMm)
                : new Bounds2(0, widthMm, 0, Math.max(1, length - floorMm));
    }

    /** {@return how far along its piece of the outline a place lies (mm)} */
    public double alongOutline(Point2 place) {
        double from = isAcross() ? place.u() : floorMm + place.v();
        return comesDown() ? element.lengthMm() - from : from;
    }

    /** {@return how far to the right of the middle of the box it lies (mm)} */
    public double rightMm(Point2 place) {
        return (isAcross() ? place.v() : place.u()) - widthMm / 2;
    }

    /** {@return the place on the outside of the box} */
    public Point3 at(Point2 place) {
        double length = element.lengthMm();
        Point2 there = element.curve().at(Math.clamp(alongOutline(place), 0, length));
        return new Point3(there.u(), rightMm(place), there.v());
    }
}
