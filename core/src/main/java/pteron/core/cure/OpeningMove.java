package pteron.core.cure;

import java.util.Optional;
import pteron.core.figure.Cure;
import pteron.core.plan.Opening;
import pteron.core.plan.Opening.Place;
import pteron.core.quantity.Quantity;

/** The cure that moves an opening. */
final class OpeningMove {

    private OpeningMove() {}

    /** {@return the move of an opening to a place, empty where it lies there already} */
    static Optional<Cure> of(Opening one, Place to) {
        double along = to.alongMm() - one.place().alongMm();
        double up = to.sillMm() - one.place().sillMm();
        double far = Math.hypot(along, up);
        return far == 0
                ? Optional.empty()
                : Optional.of(Cure.press("MOVE_OPENING", Quantity.mm(far), one.id(), along, up));
    }
}
