package pteron.core.surface;

import java.util.ArrayList;
import java.util.List;
import pteron.core.quantity.Require;

/**
 * Rise of a roof across its width, from which water leaves: an arc through both edges. Immutable.
 *
 * @param chordMm width from edge to edge (mm), above 0
 * @param riseMm height of the middle over the edges (mm), above 0 and below half the chord
 */
public record Crown(double chordMm, double riseMm) {

    /** Checks both. */
    public Crown {
        Require.positive("width of the crown", chordMm, "mm");
        Require.positive("rise of the crown", riseMm, "mm");
    }

    /**
     * Radius of the arc.
     *
     * <pre>  R = c² / (8 r) + r / 2  </pre>
     *
     * <p>Source: intersecting chords, Euclid III 35. Example: c 2050, r 40 gives 13152.813 mm.
     *
     * @return radius (mm)
     */
    public double radiusMm() {
        return chordMm * chordMm / (8 * riseMm) + riseMm / 2;
    }

    /**
     * Length of the arc: the width of a sheet that lies over it.
     *
     * <pre>  b = 2 R asin(c / 2R)  </pre>
     *
     * <p>Source: geometry. Example: c 2050, r 40 gives 2052.081 mm.
     *
     * @return length (mm)
     */
    public double arcMm() {
        return alongMm(-chordMm / 2, chordMm / 2);
    }

    /**
     * Area between arc and chord.
     *
     * <pre>  A = R² asin(c / 2R) − (R − r) c / 2  </pre>
     *
     * <p>Source: a sector less its triangle. Example: c 2050, r 40 gives 54683 mm², about two thirds of c · r.
     *
     * @return area (mm²)
     */
    public double areaMm2() {
        double radius = radiusMm();
        return radius * radius * Math.asin(chordMm / (2 * radius))
                - (radius - riseMm) * chordMm / 2;
    }

    /** {@return length between two places, counted from the middle; beyond the edges it goes on straight (mm)} */
    public double alongMm(double fromMm, double toMm) {
        return fromTheMiddleMm(toMm) - fromTheMiddleMm(fromMm);
    }

    private double fromTheMiddleMm(double placeMm) {
        double on = Math.clamp(placeMm, -chordMm / 2, chordMm / 2);
        double beyond = placeMm - on;
        return radiusMm() * Math.asin(on / radiusMm()) + beyond * Math.hypot(1, slope(placeMm));
    }

    /**
     * Height over the edges.
     *
     * <pre>  h = √(R² − y²) − (R − r),  beyond the edges straight on as the arc ends there  </pre>
     *
     * <p>Source: geometry. Example: c 2050, r 40 has 40 mm in the middle, 0 at 1025, and −3.13 at 1065.
     *
     * @param placeMm counted from the middle (mm)
     * @return height (mm), below 0 outside of the edges
     */
    public double heightMm(double placeMm) {
        double radius = radiusMm();
        double on = Math.clamp(placeMm, -chordMm / 2, chordMm / 2);
        double arc = Math.sqrt(radius * radius - on * on) - (radius - riseMm);
        return arc + (placeMm - on) * slope(placeMm);
    }

    /** {@return slope there: rise by run; beyond the edges as at the edge} */
    public double slope(double placeMm) {
        double radius = radiusMm();
        double on = Math.clamp(placeMm, -chordMm / 2, chordMm / 2);
        return -on / Math.sqrt(radius * radius - on * on);
    }

    /** {@return how far from the middle it is still that high (mm)} */
    public double reachMm(double heightMm) {
        double radius = radiusMm();
        double down = radius - riseMm + heightMm;
        return Math.sqrt(Math.max(0, radius * radius - down * down));
    }

    /** {@return places between two, both included, whose straight lines leave the arc by so much (mm)} */
    public List<Double> places(double fromMm, double toMm, double toleranceMm) {
        // the arc leaves a chord s by s² / 8R
        double longest = Math.sqrt(8 * radiusMm() * toleranceMm);
        int pieces = Math.max(1, (int) Math.ceil(Math.abs(toMm - fromMm) / longest));
        List<Double> places = new ArrayList<>();
        for (int i = 0; i <= pieces; i++) {
            places.add(fromMm + (toMm - fromMm) * i / pieces);
        }
        return places;
    }
}
