package pteron.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.curve.CurveSums;
import pteron.core.extent.Areas;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.outline.EdgeKind;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;
import pteron.core.outline.StripWall;
import pteron.core.plan.Box;
import pteron.core.plan.MakeUp;
import pteron.core.plan.Opening;
import pteron.core.plan.Wall;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.stage.Part;
import pteron.core.stage.Part.Group;

/**
 * Parts of a box whose frame is not set out: every face by its area and what its build-up weighs for a
 * square metre, members counted by their spacing.
 */
public final class AreaParts {

    private AreaParts() {}

    /**
     * Mass of the build-ups, members counted.
     *
     * @param floor kg/m²
     * @param walls kg/m²
     * @param roof kg/m²
     */
    public record PerArea(double floor, double walls, double roof) {}

    /**
     * A box that is weighed by its areas.
     *
     * @param box the box
     * @param openings doors and windows as planned
     * @param makeUp its layers
     * @param outline its outline, usable
     */
    public record Input(Box box, List<Opening> openings, MakeUp makeUp, Outline outline) {}

    /**
     * {@return floor, sides, strip and openings}
     *
     * @param plan the box
     * @param areas its areas
     * @param mass mass of its build-ups
     */
    public static List<Part> of(Input plan, Areas areas, PerArea mass) {
        Outline outline = plan.outline;
        List<Part> parts = new ArrayList<>();
        double half = plan.box().widthMm() / 2;
        double front = plan.box().outline().getFirst().xMm();
        double rear = plan.box().outline().getLast().xMm();
        double floor = plan.makeUp().floor().heightMm() / 2;
        parts.add(
                part(
                        "Floor, by area",
                        areas.floorM2(),
                        mass.floor(),
                        new Point3((front + rear) / 2, 0, floor)));
        Point2 middle = outline.shape().centroid();
        double side = outline.areaMm2() / 1e6;
        for (int way : new int[] {-1, 1}) {
            parts.add(
                    part(
                            way < 0 ? "Left side, by area" : "Right side, by area",
                            side,
                            mass.walls(),
                            new Point3(middle.u(), way * half, middle.v())));
        }
        outline.elements()
                .forEach(element -> parts.add(strip(element, element.acrossMm(plan.box()), mass)));
        plan.openings().forEach(opening -> parts.addAll(opening(plan, outline, opening, mass)));
        return parts;
    }

    private static Part part(String name, double areaM2, double each, Point3 place) {
        return new Part(
                name,
                name.substring(0, name.indexOf(',')),
                Group.AREAS,
                areaM2 * each,
                place,
                Optional.of(new Quantity(each, Unit.KILOGRAM_PER_SQUARE_METRE)));
    }

    private static Part strip(Element element, double widthMm, PerArea mass) {
        boolean roof = element.kind() == EdgeKind.ROOF;
        double area = element.lengthMm() * widthMm / 1e6;
        Point2 at = middle(element);
        return part(
                "Wrap segment %d, by area".formatted(element.index() + 1),
                area,
                roof ? mass.roof() : mass.walls(),
                new Point3(at.u(), 0, at.v()));
    }

    private static Point2 middle(Element element) {
        double length = element.lengthMm();
        return new Point2(
                        CurveSums.along(element.curve(), s -> element.curve().at(s).u()),
                        CurveSums.along(element.curve(), s -> element.curve().at(s).v()))
                .times(1 / length);
    }

    /** The unit, and the wall that its hole takes away. */
    private static List<Part> opening(Input plan, Outline outline, Opening opening, PerArea mass) {
        Optional<StripWall> strip =
                StripWall.of(
                        plan.box(), plan.makeUp().floor().structureMm(), outline, opening.wall());
        double hole = opening.size().widthMm() * opening.size().heightMm() / 1e6;
        Point2 middle =
                new Point2(
                        opening.place().alongMm() + opening.size().widthMm() / 2,
                        opening.place().sillMm() + opening.size().heightMm() / 2);
        if (strip.isEmpty() && !opening.wall().isSide()) {
            // the box has no such piece: the unit lies nowhere yet
            return List.of();
        }
        Point3 at =
                strip.map(wall -> wall.at(middle)).orElseGet(() -> onSide(plan, opening, middle));
        boolean roof = opening.wall().part() == Wall.Part.ROOF;
        return List.of(
                new Part(opening.name(), Group.OPENINGS, opening.addedKg(), at),
                part(opening.name() + ", cut out", -hole, roof ? mass.roof() : mass.walls(), at));
    }

    private static Point3 onSide(Input plan, Opening opening, Point2 middle) {
        double half = plan.box().widthMm() / 2;
        double floor = plan.makeUp().floor().structureMm();
        double right = opening.wall().equals(Wall.LEFT) ? -half : half;
        return new Point3(middle.u(), right, floor + middle.v());
    }
}
