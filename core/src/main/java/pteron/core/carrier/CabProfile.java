package pteron.core.carrier;

import java.util.List;
import java.util.Optional;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.vehicle.Cab;
import pteron.core.vehicle.Vehicle;

/** A plain cab seen from the side: back wall, roof, windscreen, bonnet; common practice, for pictures alone. */
public final class CabProfile {

    private static final double LOW = 0.55;
    private static final double WAIST = 0.5;
    private static final double WINDSCREEN = 0.6;
    private static final double BONNET_DROP_MM = 60;

    private CabProfile() {}

    /** {@return the cab of a carrier (x, z), empty where it has none} */
    public static Optional<Polygon2> of(Carrier carrier) {
        return carrier.vehicle().cab().map(cab -> profile(carrier, cab));
    }

    private static Polygon2 profile(Carrier carrier, Cab cab) {
        Vehicle vehicle = carrier.vehicle();
        double wheel = vehicle.gear().wheels().diameterMm();
        double back = carrier.deckFrontMm() - cab.gapMm();
        double roofFront = back - cab.roofLengthMm();
        double nose = Math.min(roofFront, carrier.front().placeMm() - wheel);
        double low = carrier.groundMm() + wheel * LOW;
        double roof = cab.roofMm() - carrier.raisedMm();
        double waist = low + (roof - low) * WAIST;
        double foot = Math.max(nose, roofFront - (roof - waist) * WINDSCREEN);
        return Polygon2.of(
                List.of(
                        new Point2(back, low),
                        new Point2(back, roof),
                        new Point2(roofFront, roof),
                        new Point2(foot, waist),
                        new Point2(nose, waist - BONNET_DROP_MM),
                        new Point2(nose, low)));
    }
}
