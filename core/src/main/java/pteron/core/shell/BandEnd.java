package pteron.core.shell;

import pteron.core.shell.Panel.Rips;

/**
 * Where the edge member of a frame begins. Immutable.
 *
 * @param atMm along the edge of the outline (mm)
 * @param ripDegrees bevel ripped along it; 0 where it is left square
 * @param packMm wedge left open beside a square member (mm)
 */
record BandEnd(double atMm, double ripDegrees, double packMm) {

    /** So often the middle of a member at the end of a bend is looked for: each time ten times as near. */
    private static final int MIDDLES = 4;

    /** {@return a bevelled end where enough timber stays on the short face, a square one set back if not} */
    static BandEnd of(Joint joint, Band band, int inward) {
        double half = band.framed().framing().section().thicknessMm() / 2;
        BandEnd end = of(joint, band, inward, band.along(joint.out()) + inward * half);
        // on a bend the member touches where its middle comes to lie, which the bevel moves
        for (int i = 0; !band.isStraight() && i < MIDDLES; i++) {
            end = of(joint, band, inward, end.atMm() + inward * half);
        }
        return end;
    }

    private static BandEnd of(Joint joint, Band band, int inward, double middle) {
        double thickness = band.framed().framing().section().thicknessMm();
        double out = inward * band.touching(joint.out(), middle);
        double in = inward * band.touching(joint.in(), middle);
        double takenOff = Math.abs(in - out);
        boolean rips = band.framed().isRipped() && takenOff <= thickness - Rips.LEAST_SHORT_FACE_MM;
        double rip = Math.toDegrees(Math.atan2(in - out, band.depthMm()));
        return rips
                ? new BandEnd(inward * Math.min(out, in), rip, 0)
                : new BandEnd(inward * Math.max(out, in), 0, takenOff);
    }
}
