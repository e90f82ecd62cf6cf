package pteron.core.carrier;

import java.util.ArrayList;
import java.util.List;
import pteron.core.vehicle.Deck;
import pteron.core.vehicle.Steel;
import pteron.core.vehicle.Vehicle;

/** The steel under the deck as upright boxes: rails, cross-members, outriggers; its top lies under the planks. */
final class SteelSolids {

    /**
     * One piece of steel.
     *
     * @param part which: {@code rails}, {@code cross-members}, {@code outriggers}
     * @param fromXMm behind the deck's front (mm)
     * @param toXMm behind the deck's front (mm)
     * @param fromYMm right of the middle (mm)
     * @param toYMm right of the middle (mm)
     * @param lowMm over the deck (mm)
     */
    record Piece(
            String part,
            double fromXMm,
            double toXMm,
            double fromYMm,
            double toYMm,
            double lowMm) {}

    private SteelSolids() {}

    /** {@return every piece, front to rear} */
    static List<Piece> of(Vehicle vehicle) {
        Steel steel = vehicle.steel();
        Deck deck = vehicle.deck();
        List<Piece> all = new ArrayList<>();
        double half = steel.railSpacingMm() / 2;
        double flange = steel.rail().flangeMm() / 2;
        for (int side : new int[] {-1, 1}) {
            double middle = side * half;
            all.add(
                    new Piece(
                            "rails",
                            0,
                            deck.lengthMm(),
                            middle - flange,
                            middle + flange,
                            -Deck.PLANKS_MM - steel.rail().depthMm()));
        }
        double cross = steel.crossMember().flangeMm() / 2;
        double under = -Deck.PLANKS_MM - steel.crossMember().depthMm();
        for (double at : steel.crossMembersMm()) {
            all.add(
                    new Piece(
                            "cross-members",
                            at - cross,
                            at + cross,
                            -deck.widthMm() / 2,
                            deck.widthMm() / 2,
                            under));
        }
        double reach = steel.outrigger().flangeMm() / 2;
        double low = -Deck.PLANKS_MM - steel.outrigger().depthMm();
        for (Steel.Outrigger one : steel.outriggers()) {
            double from = half + flange;
            for (int side : new int[] {-1, 1}) {
                double near = side * from;
                double far = side * (from + one.reachMm());
                all.add(
                        new Piece(
                                "outriggers",
                                one.placeMm() - reach,
                                one.placeMm() + reach,
                                Math.min(near, far),
                                Math.max(near, far),
                                low));
            }
        }
        return all;
    }
}
