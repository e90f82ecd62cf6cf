package pteron.core.edit;

import java.util.List;

/** Sizes in which bars are sold. */
public final class ShopSizes {

    /** Depths of bars in the shop (mm); common practice: planed European and American sizes. */
    static final List<Double> DEPTHS_MM =
            List.of(38.0, 45.0, 58.0, 63.0, 70.0, 89.0, 95.0, 120.0, 140.0, 170.0, 184.0, 235.0);

    private ShopSizes() {}

    /** {@return depths above that of a section, the nearest first (mm)} */
    public static List<Double> deeperThan(double depthMm) {
        return DEPTHS_MM.stream().filter(depth -> depth > depthMm).toList();
    }
}
