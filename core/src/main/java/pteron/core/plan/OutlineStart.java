package pteron.core.plan;

import java.util.List;
import pteron.core.plan.OutlinePoint.Arc;
import pteron.core.plan.OutlinePoint.Spot;

/** Ready outlines to begin from, each with the fewest corners that make sense. */
public enum OutlineStart {
    /** Four corners. */
    SQUARE("Square box"),
    /** Nose that leans back. */
    RAKED_NOSE("Raked nose"),
    /** Step over the cab, with a bed above it. */
    OVER_CAB("Over-cab"),
    /** Roof in one arc. */
    ARCHED("Arched roof"),
    /** Raked nose, and a tail that comes down in a quarter circle. */
    ROUND_TAIL("Round tail"),
    /** Both upper corners cut off. */
    CHAMFERED("Chamfered");

    private final String title;

    OutlineStart(String title) {
        this.title = title;
    }

    /** {@return what a builder calls it} */
    public String title() {
        return title;
    }

    /**
     * {@return the corners of an outline}
     *
     * @param l length at the floor (mm)
     * @param h height (mm)
     */
    public List<OutlinePoint> points(double l, double h) {
        return switch (this) {
            case SQUARE -> List.of(at(0, 0), at(0, h), at(l, h), at(l, 0));
            case RAKED_NOSE ->
                    List.of(at(0, 0), at(0, 0.44 * h), at(0.13 * l, h), at(l, h), at(l, 0));
            case OVER_CAB -> {
                yield overCab(l, h, 0.56 * h, Math.min(1300, 0.45 * l));
            }
            case ARCHED -> {
                double eaves = 0.76 * h;
                OutlinePoint end = at(l, eaves).withLink(new Arc(new Spot(l / 2, h)));
                yield List.of(at(0, 0), at(0, eaves), end, at(l, 0));
            }
            case ROUND_TAIL -> roundTail(l, h);
            case CHAMFERED -> {
                double c = 0.18 * h;
                yield List.of(
                        at(0, 0), at(0, h - c), at(c, h), at(l - c, h), at(l, h - c), at(l, 0));
            }
        };
    }

    private static List<OutlinePoint> roundTail(double l, double h) {
        double r = Math.min(0.6 * h, 0.4 * l);
        double half = r * Math.sqrt(0.5);
        Spot spot = new Spot(l - r + half, h - r + half);
        return List.of(
                at(0, 0),
                at(0, 0.44 * h),
                at(0.13 * l, h),
                at(l - r, h),
                at(l, h - r).withLink(new Arc(spot)),
                at(l, 0));
    }

    /**
     * {@return the corners of an outline that reaches over a cab}
     *
     * @param l length at the floor (mm)
     * @param h height (mm)
     * @param step height of the underside over the cab (mm), below the height
     * @param reach how far it reaches ahead of the floor (mm)
     */
    public static List<OutlinePoint> overCab(double l, double h, double step, double reach) {
        double lip = step + 0.36 * (h - step);
        return List.of(
                at(0, 0),
                at(0, step),
                at(-reach, step),
                at(-reach, lip),
                at(-0.6 * reach, h),
                at(l, h),
                at(l, 0));
    }

    private static OutlinePoint at(double x, double z) {
        return new OutlinePoint(Math.rint(x), Math.rint(z));
    }
}
