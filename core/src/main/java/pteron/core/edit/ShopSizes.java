package pteron.core.edit;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import pteron.core.buildup.Section;
import pteron.core.figure.Cure;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;

/** Depths in which bars and tubes are sold, by the units that a shop sells them in. Common practice. */
public final class ShopSizes {

    /** Planed European sizes, and American ones as they are told in millimetres (mm). */
    private static final List<Double> BARS_MM =
            List.of(38.0, 45.0, 58.0, 63.0, 70.0, 89.0, 95.0, 120.0, 140.0, 170.0, 184.0, 235.0);

    /** Dry lumber 2×2 to 2×10: US PS 20 (mm). */
    private static final List<Double> LUMBER_MM = inches(1.5, 2.5, 3.5, 5.5, 7.25, 9.25);

    private static final List<Double> TUBES_MM =
            List.of(20.0, 25.0, 30.0, 40.0, 50.0, 60.0, 80.0, 100.0, 120.0, 150.0);

    private static final List<Double> INCH_TUBES_MM =
            inches(0.75, 1, 1.25, 1.5, 2, 2.5, 3, 4, 5, 6);

    private static final List<Double> INCH_STRIPS_MM =
            inches(0.125, 0.1875, 0.25, 0.3125, 0.375, 0.5, 0.625, 0.75, 1);

    private ShopSizes() {}

    private static List<Double> inches(double... sizes) {
        return Arrays.stream(sizes).map(LengthText::fromInches).boxed().toList();
    }

    /** {@return all depths of bars or of tubes, the least first (mm)} */
    public static List<Double> depths(Section section, UnitSystem units) {
        return switch (units) {
            case METRIC -> section.isTube() ? TUBES_MM : BARS_MM;
            case INCHES -> section.isTube() ? INCH_TUBES_MM : LUMBER_MM;
        };
    }

    /** {@return depths above that of a section, the nearest first (mm)} */
    public static List<Double> deeperThan(Section section, UnitSystem units) {
        return depths(section, units).stream()
                .filter(depth -> depth > section.depthMm() + SAME_MM)
                .toList();
    }

    /** {@return the next depth below that of a section (mm), empty below the least} */
    public static Optional<Double> shallowerThan(Section section, UnitSystem units) {
        return depths(section, units).stream()
                .filter(depth -> depth < section.depthMm() - SAME_MM)
                .reduce((one, next) -> next);
    }

    /** {@return a cure whose amount is a step of the shop: 3 mm of plywood are 1/8 inch, 10 mm of foam 1/2 inch, a strip of 8 mm 5/16} */
    public static Cure sold(Cure cure, UnitSystem units) {
        if (units == UnitSystem.METRIC || !cure.canBeApplied()) {
            return cure;
        }
        if (cure.kind().equals("SET_BATTEN_THICKNESS")) {
            return new Cure(cure.kind(), Quantity.mm(strip(cure.amount().value())), cure.press());
        }
        if (!cure.kind().startsWith("THICKER_")) {
            return cure;
        }
        double step = cure.kind().endsWith("_CORE") ? 12.7 / 10 : 3.175 / 3;
        double mm = Math.rint(cure.amount().value() * step * 1e9) / 1e9;
        return new Cure(cure.kind(), Quantity.mm(mm), cure.press());
    }

    /** {@return the thickest strip sold by the inch that is no thicker, or the thinnest there is (mm)} */
    private static double strip(double mm) {
        return INCH_STRIPS_MM.stream()
                .filter(one -> one <= mm)
                .reduce((one, next) -> next)
                .orElseGet(INCH_STRIPS_MM::getFirst);
    }

    /** Sizes nearer than this (mm) are the same size told in two systems: 38 and 38.1. */
    private static final double SAME_MM = 1;
}
