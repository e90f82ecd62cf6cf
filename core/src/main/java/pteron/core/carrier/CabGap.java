package pteron.core.carrier;

import java.util.Optional;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;
import pteron.core.outline.Outline;
import pteron.core.plan.Box;
import pteron.core.vehicle.Cab;

/**
 * Room between the cab and the box, and what a frame that moves needs of it. Immutable.
 *
 * @param behindMm between the cab's back wall and the box below the cab's roof (mm), below 0 where they
 *     run into each other
 * @param behindNeedsMm what the movement of the frame needs there (mm)
 * @param aheadMm how far the box reaches ahead of the cab's back wall (mm), 0 if it does not
 * @param overMm between the cab's roof and the box over it (mm); 0 where the box does not reach over it
 * @param overNeedsMm what the movement of the frame needs there (mm)
 */
record CabGap(
        double behindMm, double behindNeedsMm, double aheadMm, double overMm, double overNeedsMm) {

    /** Room that stays when the frame has moved (mm); common practice. */
    static final double REST_MM = 25;

    /** Bounds of the room ahead of or below which the box is looked at (mm). */
    private static final double FAR_MM = 50000;

    static CabGap of(Box box, Cab cab, Outline outline, double deckFrontMm) {
        double back = deckFrontMm - cab.gapMm();
        double roof = cab.roofMm() - box.raisedMm();
        Polygon2 side = outline.shape().polygon();
        Optional<Bounds2> low = part(side, new Bounds2(-FAR_MM, FAR_MM, -FAR_MM, roof));
        Optional<Bounds2> ahead = part(side, new Bounds2(-FAR_MM, back, -FAR_MM, FAR_MM));
        double tangent = Math.tan(Math.toRadians(cab.frameMovesDegrees()));
        double reach = ahead.map(bounds -> back - bounds.fromU()).orElse(0.0);
        return new CabGap(
                low.map(bounds -> bounds.fromU() - back).orElse(FAR_MM),
                needed(cab.roofMm(), tangent),
                reach,
                ahead.map(bounds -> bounds.fromV() - roof).orElse(0.0),
                needed(reach + box.widthMm() / 2, tangent));
    }

    /** {@return room that a movement takes at an arm's length, and the rest (mm)} */
    static double needed(double armMm, double tangent) {
        return armMm * tangent + REST_MM;
    }

    private static Optional<Bounds2> part(Polygon2 side, Bounds2 room) {
        return side.shared(Polygon2.rectangle(room)).stream()
                .map(Polygon2::bounds)
                .reduce(
                        (a, b) ->
                                new Bounds2(
                                        Math.min(a.fromU(), b.fromU()),
                                        Math.max(a.toU(), b.toU()),
                                        Math.min(a.fromV(), b.fromV()),
                                        Math.max(a.toV(), b.toV())));
    }

    boolean reachesOver() {
        return aheadMm > 0;
    }
}
