package pteron.core.carrier;

import java.util.List;
import pteron.core.mechanics.WindZones;
import pteron.core.plan.Box;
import pteron.core.plan.OutlinePoint;

/** The box on its carrier in the wind. */
public final class BoxInWind {

    private BoxInWind() {}

    /** {@return where the wind tears on a box on its carrier} */
    public static WindZones zones(Box box, Carrier carrier) {
        List<OutlinePoint> outline = box.outline();
        double front = outline.stream().mapToDouble(OutlinePoint::xMm).min().orElse(0);
        double rear = outline.stream().mapToDouble(OutlinePoint::xMm).max().orElse(0);
        double top = outline.stream().mapToDouble(OutlinePoint::zMm).max().orElse(0);
        double height = top + box.raisedMm() - carrier.groundMm();
        return new WindZones(Math.max(1, rear - front), box.widthMm(), Math.max(1, height));
    }
}
