package pteron.core.cure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.placing.WallRoom;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.Opening.Place;
import pteron.core.plan.PlanLimits;

/**
 * Other places for the welds of a header and a sill on the trimmers beside an opening: the opening goes higher or lower,
 * so that the nearer of them lies farther from the middle of the trimmer.
 */
final class WeldPlaces {

    /** How far an opening goes from try to try, and how often, up as down: farther is another window (mm). */
    private static final double STEP_MM = 40;

    private static final int STEPS = 5;

    /** How far the middle of a trimmer may stand from the edge of its opening (mm). */
    private static final double BESIDE_MM = 120;

    private WeldPlaces() {}

    /** {@return moves of the opening that an overloaded trimmer stands beside, the nearest first; none for other members} */
    static List<Cure> of(BoxPlan plan, Finding finding) {
        return plan.openings().stream()
                .filter(one -> !one.standsOnFloor() && one.wall().isSide())
                .filter(one -> finding.place().part().startsWith(one.wall().id() + " "))
                .filter(one -> besideMm(one, finding) < BESIDE_MM)
                .min(Comparator.comparingDouble(one -> besideMm(one, finding)))
                .map(one -> moves(plan, one))
                .orElse(List.of());
    }

    private static double besideMm(Opening one, Finding finding) {
        double x = finding.place().xMm();
        double from = one.place().alongMm();
        double to = from + one.size().widthMm();
        return Math.min(Math.abs(x - from), Math.abs(x - to));
    }

    private static List<Cure> moves(BoxPlan plan, Opening one) {
        List<Opening> others =
                plan.openings().stream()
                        .filter(other -> other != one && other.wall().equals(one.wall()))
                        .toList();
        WallRoom room = WallRoom.of(plan, one.wall());
        List<Cure> moves = new ArrayList<>();
        for (int step = 1; step <= STEPS; step++) {
            for (double up : new double[] {step * STEP_MM, -step * STEP_MM}) {
                double sill = one.place().sillMm() + up;
                if (sill < PlanLimits.OPENING_SILL.least()
                        || sill > PlanLimits.OPENING_SILL.most()) {
                    continue;
                }
                Place to = new Place(one.place().alongMm(), sill);
                if (room.isFree(one.size(), to, false, others)) {
                    OpeningMove.of(one, to).ifPresent(moves::add);
                }
            }
        }
        return moves;
    }
}
