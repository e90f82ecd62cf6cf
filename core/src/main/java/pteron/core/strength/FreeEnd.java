package pteron.core.strength;

import java.util.ArrayList;
import java.util.List;
import pteron.core.carrier.Carrier;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.frame.FrameStation;
import pteron.core.geometry.Bounds2;
import pteron.core.quantity.Quantity;

/** Ends of the floor that reach beyond the foremost or rearmost cross-member under them. */
final class FreeEnd {

    /** Free end over the longest span up to which an end is no harder on a bearer than that span. */
    private static final double SHARE_OF_SPAN = 0.25;

    /** Free end that nobody minds (mm); common practice: the width of a cross-member and a hand. */
    private static final double ALWAYS_MM = 120;

    private FreeEnd() {}

    /**
     * {@return what is said of free ends}
     *
     * @param carrier the carrier
     * @param floor the floor's frame; v runs back from the box's front face
     */
    static List<Finding> findings(Carrier carrier, Bounds2 floor) {
        List<Finding> findings = new ArrayList<>();
        List<Double> under =
                carrier.crossMembersMm().stream()
                        .filter(x -> floor.fromV() <= x && x <= floor.toV())
                        .toList();
        if (under.size() < 2) {
            return findings;
        }
        double longest = 0;
        for (int i = 1; i < under.size(); i++) {
            longest = Math.max(longest, under.get(i) - under.get(i - 1));
        }
        double most = Math.max(ALWAYS_MM, longest * SHARE_OF_SPAN);
        end(carrier, "front", under.getFirst() - floor.fromV(), floor.fromV(), most, findings);
        end(carrier, "rear", floor.toV() - under.getLast(), floor.toV(), most, findings);
        return findings;
    }

    private static void end(
            Carrier carrier,
            String part,
            double freeMm,
            double edgeMm,
            double mostMm,
            List<Finding> findings) {
        if (freeMm <= mostMm) {
            return;
        }
        boolean front = part.equals("front");
        double inside = edgeMm + (front ? ALWAYS_MM : -ALWAYS_MM) / 2;
        double place = inside - carrier.deckFrontMm();
        double length = carrier.vehicle().deck().lengthMm();
        double onDeck = Math.rint(Math.clamp(place, 0, length));
        findings.add(
                new Finding(
                        "FLOOR_END_UNSUPPORTED",
                        Severity.WATCH,
                        Place.of(FrameStation.FRAME, "floor, " + part).at(edgeMm, 0),
                        Quantity.mm(freeMm),
                        Limit.atMost(Quantity.mm(mostMm)),
                        Cure.press("ADD_CROSS_MEMBER", Quantity.mm(onDeck), "steel")));
    }
}
