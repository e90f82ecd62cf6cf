package pteron.core.shell;

import java.util.Comparator;
import java.util.List;
import pteron.core.geometry.Line2;
import pteron.core.geometry.Point2;

/**
 * Where the frame of a band ends: on its outer and on its inner face (x, z).
 *
 * @param out end of the outer face
 * @param in end of the inner face
 */
record Joint(Point2 out, Point2 in) {

    /**
     * How two bands meet at a corner of the outline.
     *
     * @param before end of the band before the corner
     * @param after start of the band after it
     */
    record Pair(Joint before, Joint after) {

        /** {@return the greatest bevel that has to be ripped for it, as a run over the depth} */
        private double worst(Band one, Band other) {
            return Math.max(Math.abs(before.run(one)), Math.abs(after.run(other)));
        }
    }

    /** {@return how far along the band its inner face ends after its outer face (mm)} */
    double run(Band band) {
        return band.along(in) - band.along(out);
    }

    /**
     * {@return how two bands meet: mitred, or the one lying over the other, whichever needs the least
     * bevel; equal depths are mitred up to a turn of 60°}
     */
    static Pair between(Band before, Band after) {
        Pair mitred =
                new Pair(
                        new Joint(
                                corner(before.frameOut(), after.frameOut()),
                                corner(before.frameIn(), after.frameIn())),
                        new Joint(
                                corner(after.frameOut(), before.frameOut()),
                                corner(after.frameIn(), before.frameIn())));
        Pair beforeOver = new Pair(endAt(before, after.frameOut()), endAt(after, before.frameIn()));
        Pair afterOver = new Pair(endAt(before, after.frameIn()), endAt(after, before.frameOut()));
        boolean afterIsFlatter = after.edge().steepnessDegrees() < before.edge().steepnessDegrees();
        // the flatter one lies over: water runs off it, and its members bear on the steeper one
        Pair lapped = afterIsFlatter ? afterOver : beforeOver;
        return List.of(mitred, lapped).stream()
                .min(Comparator.comparingDouble(pair -> pair.worst(before, after)))
                .orElseThrow();
    }

    private static Joint endAt(Band band, Line2 line) {
        return new Joint(corner(band.frameOut(), line), corner(band.frameIn(), line));
    }

    /** {@return where the band stands on a level floor} */
    static Joint onFloor(Band band, Line2 floor) {
        return endAt(band, floor);
    }

    /** {@return where two lines meet; where they run on, the end of the first} */
    static Point2 corner(Line2 one, Line2 other) {
        return one.meets(other).orElseGet(() -> one.at(one.along(other.origin())));
    }
}
