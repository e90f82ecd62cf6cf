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

    /** {@return every piece, kind by kind, front to rear} */
    static List<Piece> of(Vehicle vehicle) {
        List<Piece> all = new ArrayList<>(rails(vehicle));
        all.addAll(crossMembers(vehicle));
        all.addAll(outriggers(vehicle.steel()));
        return all;
    }

    private static List<Piece> rails(Vehicle vehicle) {
        Steel steel = vehicle.steel();
        double half = steel.railSpacingMm() / 2;
        double flange = steel.rail().flangeMm() / 2;
        double low = -Deck.PLANKS_MM - steel.rail().depthMm();
        double length = vehicle.deck().lengthMm();
        return List.of(
                new Piece("rails", 0, length, -half - flange, -half + flange, low),
                new Piece("rails", 0, length, half - flange, half + flange, low));
    }

    private static List<Piece> crossMembers(Vehicle vehicle) {
        Steel steel = vehicle.steel();
        double half = steel.crossMember().flangeMm() / 2;
        double low = -Deck.PLANKS_MM - steel.crossMember().depthMm();
        double side = vehicle.deck().widthMm() / 2;
        return steel.crossMembersMm().stream()
                .map(at -> new Piece("cross-members", at - half, at + half, -side, side, low))
                .toList();
    }

    private static List<Piece> outriggers(Steel steel) {
        double half = steel.outrigger().flangeMm() / 2;
        double low = -Deck.PLANKS_MM - steel.outrigger().depthMm();
        double near = steel.railSpacingMm() / 2 + steel.rail().flangeMm() / 2;
        List<Piece> all = new ArrayList<>();
        for (Steel.Outrigger one : steel.outriggers()) {
            double from = one.placeMm() - half;
            double to = one.placeMm() + half;
            double far = near + one.reachMm();
            all.add(new Piece("outriggers", from, to, -far, -near, low));
            all.add(new Piece("outriggers", from, to, near, far, low));
        }
        return all;
    }
}
