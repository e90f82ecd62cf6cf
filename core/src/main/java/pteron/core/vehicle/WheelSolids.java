package pteron.core.vehicle;

import java.util.ArrayList;
import java.util.List;
import pteron.core.vehicle.RunningGear.Axle;
import pteron.core.vehicle.RunningGear.Wheels;
import pteron.core.vehicle.Solid.Stretch;

/** Wheels as solids. */
final class WheelSolids {

    private WheelSolids() {}

    /**
     * {@return the wheels of the axles behind the cab, pushed up to their stops}
     *
     * @param gear axles and wheels
     * @param deckHeightMm height of the deck above the ground (mm)
     * @param fromAxle first axle that counts, 0 the foremost
     */
    static List<Solid> atTheStop(RunningGear gear, double deckHeightMm, int fromAxle) {
        Wheels wheels = gear.wheels();
        double outer = (wheels.trackMm() + wheels.widthMm()) / 2;
        double radius = wheels.diameterMm() / 2;
        double lowest = wheels.bumpMm() - deckHeightMm;
        List<Solid> solids = new ArrayList<>();
        for (int i = fromAxle; i < gear.axles().size(); i++) {
            Axle axle = gear.axles().get(i);
            solids.add(
                    new Solid(
                            "wheel " + (i + 1),
                            Solid.Kind.WHEEL,
                            new Stretch(axle.placeMm() - radius, axle.placeMm() + radius),
                            new Stretch(outer - wheels.widthMm(), outer),
                            new Stretch(lowest, lowest + wheels.diameterMm()),
                            true));
        }
        return solids;
    }
}
