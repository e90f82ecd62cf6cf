package pteron.core.page;

import java.util.stream.Collectors;
import pteron.core.frame.EndCut;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Require;

/**
 * How a saw is set for one cut. Immutable.
 *
 * <pre>  degrees = |a| up to 60; beyond, the piece stands along a square block and the saw is set to 90 − |a|  </pre>
 *
 * <p>a is the angle from a square cut (degrees). A mitre saw turns to 60 degrees at the most; common practice.
 *
 * <p>Example: a cut 24.8° from square is set to 24.8; one of 65.2° is set to 24.8 with the piece along a square block.
 *
 * @param degrees what the scale of the saw shows (degrees), 0 to 60
 * @param alongBlock whether the piece stands along a block square to the fence
 * @param side to which side of a square line the cut leans: 1 where the far edge is the longer, −1 the near one, 0 square
 */
public record SawSetting(double degrees, boolean alongBlock, int side) {

    /** The farthest a mitre saw turns (degrees); common practice. */
    public static final double FARTHEST = 60;

    /** Below this a cut is square (degrees): half of what a saw's scale shows. */
    private static final double SQUARE_TO = 0.05;

    /** A square cut. */
    public static final SawSetting SQUARE = new SawSetting(0, false, 0);

    /**
     * {@return the setting for a cut}
     *
     * @param fromSquare angle from a square cut (degrees), −90 to 90; beyond 89.9 it runs nearly along the piece, as at a feathered end
     */
    public static SawSetting of(double fromSquare) {
        double angle =
                Math.abs(
                        Require.within(
                                "angle of a cut", fromSquare, new Require.Range(-90, 90, "°")));
        if (angle < SQUARE_TO) {
            return SQUARE;
        }
        int side = fromSquare > 0 ? 1 : -1;
        return angle <= FARTHEST
                ? new SawSetting(angle, false, side)
                : new SawSetting(90 - angle, true, side);
    }

    /** {@return the settings for an end, one for each cut of it: 24.8° block, or 0° / 12° for a notched one} */
    public static String words(EndCut end) {
        return end.degrees().stream()
                .map(angle -> of(angle).words())
                .collect(Collectors.joining(" / "));
    }

    /** {@return what is set, in words: 0° for a square cut, 24.8°, 24.8° block} */
    public String words() {
        return NumberText.format(degrees, 1) + "°" + (alongBlock ? " block" : "");
    }

    /** {@return whether it is a square cut} */
    public boolean isSquare() {
        return side == 0;
    }
}
