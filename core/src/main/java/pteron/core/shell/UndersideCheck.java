package pteron.core.shell;

import java.util.ArrayList;
import java.util.List;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.geometry.Bounds2;
import pteron.core.outline.OutlineStation;
import pteron.core.quantity.Quantity;

/** Whether a dropped floor and the boxes over the wheels have room for their frames. */
final class UndersideCheck {

    private final ShellInput plan;
    private final Underside underside;
    private final SideLines sides;
    private final double timber;
    private final List<Finding> findings = new ArrayList<>();

    private UndersideCheck(ShellInput plan, SideLines sides) {
        this.plan = plan;
        this.sides = sides;
        this.underside = sides.underside();
        this.timber = plan.makeUp().walls().framing().section().thicknessMm();
    }

    /** {@return why they have none} */
    static List<Finding> findings(ShellInput plan, SideLines sides) {
        UndersideCheck check = new UndersideCheck(plan, sides);
        check.step();
        check.wings();
        check.schools();
        for (int i = 0; i < check.underside.wheels().size(); i++) {
            check.wheel(i);
        }
        return check.findings;
    }

    /** A riser needs a plate below and one above, and floor enough on both sides. */
    private void step() {
        if (!underside.drop().exists()) {
            return;
        }
        least("STEP_TOO_LOW", "dropped-floor", underside.dropMm(), 2 * timber, "DEEPER_STEP");
        double front = sides.frame().getFirst().from().u();
        double rear = sides.frame().getLast().to().u();
        double room = Math.min(underside.riserOutMm() - front, rear - underside.riserInsideMm());
        least("STEP_AT_THE_END", "dropped-floor", room, 4 * timber, "MOVE_STEP");
    }

    /** Wings need a wall under them, a way out to both sides, and ends that stand up past them. */
    private void wings() {
        if (!underside.wings().exists()) {
            return;
        }
        double lower = plan.details().wings().lowerWidthMm();
        double out = (plan.widthMm() - lower) / 2;
        least("WINGS_TOO_NARROW", "wings", out, 2 * timber, "WIDER_WINGS");
        double high = underside.wingFrameMm() - underside.floorMm();
        least("WINGS_TOO_LOW", "wings", high, 2 * timber + 1, "HIGHER_WINGS");
        double inside = lower - 2 * plan.makeUp().walls().thicknessMm();
        least("LAYERS_FILL_THE_BOX", "inside-width", inside, 2 * timber, "THINNER_OR_LARGER");
        double front = standsTo(sides.frame().getFirst());
        double rear = standsTo(sides.frame().getLast());
        double past = Math.min(front, rear) - underside.liningFromMm();
        least("WINGS_MEET_THE_ROOF", "wings", past, 3 * timber, "LOWER_WINGS");
        boolean wheels = !underside.wheels().isEmpty() || underside.drop().exists();
        least("WINGS_AND_WHEELS", "wings", wheels ? 0 : 1, 1, "LEAVE_ONE_AWAY");
    }

    /** Side walls that run past, and a floor between the walls, are set out over one level floor without wings. */
    private void schools() {
        boolean winged = underside.wings().exists();
        if (plan.makeUp().assembly().sidesRunPast()) {
            least("WINGS_AND_CORNERS", "wings", winged ? 0 : 1, 1, "STRIP_OVER_SIDES");
        }
        if (underside.floorBetween()) {
            boolean level = !underside.drop().exists() && underside.wheels().isEmpty();
            least("FLOOR_BETWEEN_STEPS", "floor", level && !winged ? 1 : 0, 1, "WALLS_ON_FLOOR");
        }
    }

    /** Height of the upper end of a plumb or raked end; none for a bend. */
    private static double standsTo(RimEdge edge) {
        return edge.isStraight() ? Math.max(edge.from().v(), edge.to().v()) : 0;
    }

    private void wheel(int index) {
        WheelRoom wheel = underside.wheels().get(index);
        String part = "arch-" + (underside.wheels().size() - index);
        double block = WheelRoom.section(plan.makeUp()).thicknessMm();
        boolean lower = underside.drop().exists() && wheel.fromMm() > underside.drop().fromMm();
        double floor = underside.floorMm() - (lower ? underside.dropMm() : 0);
        double high = wheel.notch().toV() - floor;
        least("ARCH_ENDS_IN_FLOOR", part, high, 2 * block + 1, "HIGHER_ARCH");
        double wall = plan.makeUp().walls().toFrameMm() + plan.makeUp().walls().frameMm();
        double deep = wheel.arch().depthMm() + wheel.boardMm() - wall;
        least("ARCH_WITHIN_WALL", part, deep, 2 * block, "DEEPER_ARCH");
        double between = plan.widthMm() / 2 - wheel.arch().depthMm() - wheel.boardMm();
        least("ARCH_TOO_DEEP", part, between - wheel.frameMm(), 2 * timber, "SHALLOWER_ARCH");
        least("ARCH_HAS_NO_ROOM", part, roomBeside(index), 2 * timber, "MOVE_ARCH");
        double above = sides.frame().stream().mapToDouble(e -> lowest(e, wheel)).min().orElse(0);
        least("ARCH_HAS_NO_ROOM", part, above - wheel.notch().toV(), 3 * timber, "MOVE_ARCH");
    }

    /** Height of a piece of the side's upper edge over a wheel; none where it runs elsewhere. */
    private static double lowest(RimEdge edge, WheelRoom wheel) {
        Bounds2 room = wheel.boxed();
        return edge.points().stream()
                .filter(point -> point.u() > room.fromU() && point.u() < room.toU())
                .mapToDouble(point -> point.v())
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** Least way from the box over a wheel to the ends of the wall, the step and the next one. */
    private double roomBeside(int index) {
        Bounds2 own = underside.wheels().get(index).boxed();
        double room =
                Math.min(
                        own.fromU() - sides.lining().getFirst().from().u(),
                        sides.lining().getLast().to().u() - own.toU());
        if (underside.drop().exists()) {
            double before = underside.drop().fromMm() - own.toU();
            double behind = own.fromU() - underside.riserInsideMm();
            room = Math.min(room, Math.max(before, behind));
        }
        if (index > 0) {
            room = Math.min(room, underside.wheels().get(index - 1).boxed().fromU() - own.toU());
        }
        return room;
    }

    private void least(String code, String part, double hasMm, double needsMm, String cure) {
        if (hasMm < needsMm) {
            findings.add(
                    new Finding(
                            code,
                            Severity.STOPS,
                            Place.of(OutlineStation.OUTLINE, part),
                            Quantity.mm(hasMm),
                            Limit.atLeast(Quantity.mm(needsMm)),
                            Cure.advice(cure, Quantity.mm(needsMm - hasMm))));
        }
    }
}
