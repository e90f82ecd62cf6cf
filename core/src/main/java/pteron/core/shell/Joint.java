package pteron.core.shell;

import java.util.Comparator;
import java.util.List;
import pteron.core.curve.Beside;
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
        Point2 shared = after.from();
        Pair mitred =
                new Pair(
                        end(before, after.frameOut(), after.frameIn(), shared),
                        end(after, before.frameOut(), before.frameIn(), shared));
        Pair beforeOver =
                new Pair(
                        end(before, after.frameOut(), after.frameOut(), shared),
                        end(after, before.frameIn(), before.frameIn(), shared));
        Pair afterOver =
                new Pair(
                        end(before, after.frameIn(), after.frameIn(), shared),
                        end(after, before.frameOut(), before.frameOut(), shared));
        boolean afterIsFlatter =
                after.steepnessDegrees(0) < before.steepnessDegrees(before.lengthMm());
        // the flatter one lies over: water runs off it, and its members bear on the steeper one; in
        // an
        // inside corner it does so from the other side
        boolean insideCorner = turnsLeft(before, after);
        Pair lapped = afterIsFlatter != insideCorner ? afterOver : beforeOver;
        return List.of(mitred, lapped).stream()
                .min(Comparator.comparingDouble(pair -> pair.worst(before, after)))
                .orElseThrow();
    }

    static boolean turnsLeft(Band before, Band after) {
        return before.outside().direction(before.lengthMm()).cross(after.outside().direction(0))
                > 0;
    }

    /** {@return where a band ends: its outer face at one line, its inner face at another} */
    private static Joint end(Band band, Beside out, Beside in, Point2 shared) {
        return new Joint(corner(band.frameOut(), out, shared), corner(band.frameIn(), in, shared));
    }

    /** {@return where the band stands on a level floor} */
    static Joint onFloor(Band band, Beside floor) {
        Point2 foot = foot(band);
        return end(band, floor, floor, foot);
    }

    /** {@return the end of a band that stands on the floor: the lower one} */
    static Point2 foot(Band band) {
        Point2 from = band.from();
        Point2 to = band.element().curve().to();
        return from.v() <= to.v() ? from : to;
    }

    /** {@return where a line ends at the corner that it shares with another} */
    static Point2 corner(Beside one, Beside other, Point2 shared) {
        return one.at(one.corner(other, shared));
    }
}
