package pteron.core.extent;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import pteron.core.geometry.Segment2;
import pteron.core.makeup.Layers;
import pteron.core.outline.EdgeKind;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;
import pteron.core.outline.WheelArchShape;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxDetails.Overhang;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.Wall;
import pteron.core.stage.Result;
import pteron.core.stage.Stage;

/**
 * Outside areas of the parts of the make-up. Immutable.
 *
 * @param floorM2 floor (m²)
 * @param wallsM2 both sides, front, nose, tail, rear, what lies over the cab, openings taken off (m²)
 * @param roofM2 roof with its overhang, openings taken off (m²)
 * @param windowsM2 windows (m²)
 * @param doorsM2 doors (m²)
 */
public record Areas(double floorM2, double wallsM2, double roofM2, double windowsM2, double doorsM2)
        implements Result {

    /**
     * What the areas read.
     *
     * @param box the box
     * @param openings doors and windows as planned
     * @param outline the outline, usable
     */
    public record Input(Box box, List<Opening> openings, Outline outline) {

        /** {@return what they read of a plan} */
        public static Input of(BoxPlan plan, Outline outline) {
            return new Input(plan.box().withOffset(0).withRaised(0), plan.openings(), outline);
        }
    }

    /** The stage; empty while outline or layers are unusable. */
    public static final Stage<Input, Areas> STAGE =
            new Stage<>(
                    Areas.class,
                    given ->
                            Optional.of(given.get(Outline.class))
                                    .filter(Outline::usable)
                                    .filter(outline -> given.get(Layers.class).usable())
                                    .map(outline -> Input.of(given.plan(), outline)),
                    Areas::of);

    /** {@return the areas of a box whose outline is usable} */
    public static Areas of(Input plan) {
        Outline outline = plan.outline;
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
        double floor = (under + outline.dropMm()) * box.lowerWidthMm();
        strip += wings(box, outline);
        double windows = openings(plan, one -> one.kind() == Opening.Kind.WINDOW);
        // flaps and hatches lose as much as doors do
        double doors = openings(plan, one -> one.kind() != Opening.Kind.WINDOW);
        double above = openings(plan, one -> one.wall().part() == Wall.Part.ROOF);
        double walls = Math.max(0, sides - arches + strip - (windows + doors - above));
        double left = Math.max(0, roofArea - above);
        return new Areas(floor / 1e6, walls / 1e6, left / 1e6, windows / 1e6, doors / 1e6);
    }

    /** Undersides of the wings, less what they make the ends narrower by (mm²). */
    private static double wings(Box box, Outline outline) {
        BoxDetails.Wings wings = box.details().wings();
        if (!wings.exists()) {
            return 0;
        }
        double narrower = box.widthMm() - box.lowerWidthMm();
        double length =
                outline.shape().polygon().levelAt(wings.fromMm()).stream()
                        .mapToDouble(Segment2::lengthMm)
                        .sum();
        double ends = 0;
        for (Element end : List.of(outline.elements().getFirst(), outline.elements().getLast())) {
            double rise = Math.abs(end.curve().to().v() - end.curve().from().v());
            ends += rise > 0 ? end.lengthMm() * Math.min(1, wings.fromMm() / rise) : 0;
        }
        return narrower * (length - ends);
    }

    private static double openings(Input plan, Predicate<Opening> which) {
        return plan.openings().stream()
                .filter(opening -> opening.wall().part() != Wall.Part.PARTITION)
                .filter(which)
                .mapToDouble(opening -> opening.size().widthMm() * opening.size().heightMm())
                .sum();
    }
}
