package pteron.core.geometry;

import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * Overlays of two shapes that cannot come out larger than they were.
 *
 * <p>Where edges all but coincide, an overlay in floating point can take the wrong side of one without noticing: such a
 * result reaches past its shapes, and is worked out again on a grid.
 */
final class Overlays {

    /** Of the grid (mm): a millionth. */
    private static final PrecisionModel GRID = new PrecisionModel(1e6);

    /** By so much a result may reach past its shapes by rounding (mm). */
    private static final double REACH_MM = 1e-3;

    private Overlays() {}

    /** {@return what lies in both} */
    static Geometry shared(Geometry one, Geometry other) {
        Envelope room = one.getEnvelopeInternal().intersection(other.getEnvelopeInternal());
        return overlay(one, other, OverlayNG.INTERSECTION, room);
    }

    /** {@return what of the first lies outside of the other} */
    static Geometry without(Geometry one, Geometry other) {
        return overlay(one, other, OverlayNG.DIFFERENCE, one.getEnvelopeInternal());
    }

    private static Geometry overlay(Geometry one, Geometry other, int operation, Envelope room) {
        Geometry result = OverlayNGRobust.overlay(one, other, operation);
        Envelope most = room.copy();
        most.expandBy(REACH_MM);
        boolean within = result.isEmpty() || most.contains(result.getEnvelopeInternal());
        return within ? result : OverlayNG.overlay(one, other, operation, GRID);
    }
}
