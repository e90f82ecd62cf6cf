package pteron.core.extent;

import pteron.core.outline.EdgeKind;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;
import pteron.core.outline.WheelArchShape;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails.Overhang;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;

/**
 * Outside areas of the parts of the make-up. Immutable.
 *
 * @param floorM2 floor (m²)
 * @param wallsM2 both sides, front, nose, tail, rear, what lies over the cab, openings taken off (m²)
 * @param roofM2 roof with its overhang (m²)
 * @param windowsM2 windows (m²)
 * @param doorsM2 doors (m²)
 */
public record Areas(
        double floorM2, double wallsM2, double roofM2, double windowsM2, double doorsM2) {

    /** {@return the areas of a box whose outline is usable} */
    public static Areas of(BoxPlan plan, Outline outline) {
        Box box = plan.box();
        double width = box.widthMm();
        double sides = 2 * outline.areaMm2();
        double arches =
                2 * box.details().wheelArches().stream().mapToDouble(WheelArchShape::areaMm2).sum();
        double strip = 0;
        double roof = 0;
        for (Element element : outline.elements()) {
            boolean isRoof = element.kind() == EdgeKind.ROOF;
            strip += isRoof ? 0 : element.lengthMm() * width;
            roof += isRoof ? element.lengthMm() : 0;
        }
        Overhang over = box.details().overhang();
        double roofArea = (roof + over.frontMm() + over.rearMm()) * (width + 2 * over.sidesMm());
        double under = box.outline().getLast().xMm() - box.outline().getFirst().xMm();
        double floor = (under + outline.dropMm()) * width;
        double windows = openings(plan, Opening.Kind.WINDOW);
        double doors = openings(plan, Opening.Kind.DOOR);
        double walls = Math.max(0, sides - arches + strip - windows - doors);
        return new Areas(floor / 1e6, walls / 1e6, roofArea / 1e6, windows / 1e6, doors / 1e6);
    }

    private static double openings(BoxPlan plan, Opening.Kind kind) {
        return plan.openings().stream()
                .filter(opening -> opening.kind() == kind)
                .mapToDouble(opening -> opening.size().widthMm() * opening.size().heightMm())
                .sum();
    }
}
