package pteron.core.outline;

/**
 * An upright under the outline, with the height of the outline over it. Immutable.
 *
 * @param placeMm place of its front face (mm behind the box's front face)
 * @param footMm height of what it stands on (mm above the underside): 0, less in a dropped floor, more over
 *     a cab
 * @param frontFaceMm height at its front face (mm above the underside)
 * @param rearFaceMm height at its rear face (mm above the underside)
 * @param bevelDegrees angle of its top cut from a square cut (degrees), above 0 when the front face is
 *     the shorter
 */
public record Upright(
        double placeMm, double footMm, double frontFaceMm, double rearFaceMm, double bevelDegrees) {

    /** {@return the length to cut the bar to before the bevel (mm)} */
    public double longSideMm() {
        return Math.max(frontSideMm(), rearSideMm());
    }

    /** {@return length of its front side (mm)} */
    public double frontSideMm() {
        return frontFaceMm - footMm;
    }

    /** {@return length of its rear side (mm)} */
    public double rearSideMm() {
        return rearFaceMm - footMm;
    }

    /**
     * Heights of an upright under a straight slope.
     *
     * <pre>  rear = front + t · tan(slope),   bevel = slope  </pre>
     *
     * t thickness along the slope's run (mm), slope angle to the level (degrees, −89 to 89). Exact.
     *
     * <p>Source: geometry.
     *
     * <p>Example: front 1200, t 38, slope 30° gives rear 1221.939 and bevel 30°.
     *
     * @param frontFaceMm height at the front face (mm)
     * @param thicknessMm thickness (mm)
     * @param slopeDegrees slope of the roof, above 0 rising to the rear (degrees)
     */
    public static Upright under(double frontFaceMm, double thicknessMm, double slopeDegrees) {
        double rise = thicknessMm * Math.tan(Math.toRadians(slopeDegrees));
        return new Upright(0, 0, frontFaceMm, frontFaceMm + rise, slopeDegrees);
    }
}
