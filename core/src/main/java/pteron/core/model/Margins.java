package pteron.core.model;

import java.util.List;
import pteron.core.balance.Balance;
import pteron.core.carrier.Carrier;
import pteron.core.mechanics.Check;
import pteron.core.outline.Outline;
import pteron.core.panel.Panels;
import pteron.core.stage.Given;
import pteron.core.strength.Strength;

/** How near a station is to its limit: demand over capacity, 0 where nothing is held against anything. */
final class Margins {

    private Margins() {}

    /** {@return the nearest to its rating: the whole, the axles, the coupler} */
    static double ratings(Given box) {
        return Math.max(gross(box), supports(box));
    }

    /** {@return mass over the gross rating} */
    static double gross(Given box) {
        return box.get(Balance.class).massKg() / box.plan().vehicle().gear().grossKg();
    }

    /** {@return height over the ground over the height that the road allows} */
    static double roadHeight(Given box) {
        double high = box.get(Outline.class).heightMm() - box.get(Carrier.class).groundMm();
        return high / box.plan().limits().heightMm();
    }

    /** {@return the hardest worked sandwich panel} */
    static double panels(Given box) {
        return worst(box.find(Panels.class).map(Panels::checks).orElse(List.of()));
    }

    /** {@return the hardest worked member} */
    static double members(Given box) {
        return worst(box.find(Strength.class).map(Strength::checks).orElse(List.of()));
    }

    private static double worst(List<Check> checks) {
        return checks.stream().mapToDouble(Check::utilisation).max().orElse(0);
    }

    /** {@return the harder loaded of front and rear support} */
    static double supports(Given box) {
        Balance balance = box.get(Balance.class);
        Carrier carrier = box.get(Carrier.class);
        return Math.max(
                balance.load().rearKg() / carrier.rear().ratingKg(),
                balance.load().frontKg() / carrier.front().ratingKg());
    }
}
