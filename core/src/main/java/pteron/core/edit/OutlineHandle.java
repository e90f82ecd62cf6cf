package pteron.core.edit;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import pteron.core.geometry.Point2;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlinePoint.Spot;
import pteron.core.plan.PlanKeys;

/**
 * A handle of the outline: a corner, or a spot that a curve passes before a corner. Immutable.
 *
 * @param corner index of the corner, −1 for no handle
 * @param spot index of the spot before that corner, −1 for the corner itself
 */
public record OutlineHandle(int corner, int spot) {

    private static final Pattern KEY = Pattern.compile(PlanKeys.CORNER_OR_SPOT);
    private static final Pattern LINE = Pattern.compile(PlanKeys.ARRIVING_LINE);

    /** {@return the handle with a key, {@code outline.2} or {@code outline.2.spot.0}; no handle for others} */
    public static OutlineHandle of(String key) {
        Matcher words = KEY.matcher(key);
        if (!words.matches()) {
            return new OutlineHandle(-1, -1);
        }
        int spot = words.group(2) == null ? -1 : Integer.parseInt(words.group(2));
        return new OutlineHandle(Integer.parseInt(words.group(1)), spot);
    }

    /** {@return the corner that the chosen line arrives at, a corner or a spot chosen or the line itself; −1 for none} */
    public static int arrivesAt(String key) {
        Matcher line = LINE.matcher(key);
        return line.matches() ? Integer.parseInt(line.group(1)) : of(key).corner();
    }

    /** {@return whether a key is that of a line of the outline} */
    public static boolean isLine(String key) {
        return LINE.matcher(key).matches();
    }

    /** {@return whether it is the spot of a curve} */
    public boolean isSpot() {
        return spot >= 0;
    }

    /** {@return where it lies in a plan (x, z)} */
    public Point2 at(BoxPlan plan) {
        OutlinePoint point = plan.box().outline().get(corner);
        if (!isSpot()) {
            return new Point2(point.xMm(), point.zMm());
        }
        Spot through = point.link().through().get(spot);
        return new Point2(through.xMm(), through.zMm());
    }

    /** {@return where it goes when it is let go at a place (x, z), snapping within reach (mm)} */
    public Snapping.Snap snapped(BoxPlan plan, Point2 to, double reachMm) {
        return isSpot()
                ? Snapping.spot(plan, corner, to, reachMm)
                : Snapping.corner(plan, corner, to, reachMm);
    }

    /**
     * {@return the plan with this handle elsewhere (x, z)}
     *
     * @throws IllegalArgumentException if the place is out of its range
     */
    public BoxPlan moved(BoxPlan plan, Point2 to) {
        return isSpot()
                ? BoxEdits.withSpot(plan, corner, spot, new Spot(to.u(), to.v()))
                : BoxEdits.withCorner(plan, corner, to.u(), to.v());
    }
}
