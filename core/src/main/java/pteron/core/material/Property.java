package pteron.core.material;

import java.util.Arrays;
import java.util.Optional;
import pteron.core.quantity.Require.Range;
import pteron.core.quantity.Unit;

/** What a material may be asked for. Strengths are characteristic values, moduli mean values. */
public enum Property {
    /** Mean density (kg/m³). */
    DENSITY("density", "kg/m³", 1, 23000),
    /** Modulus of elasticity along the grain or the sheet, mean (N/mm²). */
    MODULUS("modulus of elasticity", "N/mm²", 0.1, 500000),
    /** Modulus of elasticity across the grain or the sheet, mean (N/mm²). */
    MODULUS_ACROSS("modulus of elasticity across", "N/mm²", 0.1, 500000),
    /** Shear modulus, mean (N/mm²). */
    SHEAR_MODULUS("shear modulus", "N/mm²", 0.1, 200000),
    /** Bending strength along the grain or the sheet (N/mm²). */
    BENDING("bending strength", "N/mm²", 0.01, 5000),
    /** Bending strength across the grain or the sheet (N/mm²). */
    BENDING_ACROSS("bending strength across", "N/mm²", 0.01, 5000),
    /** Tension strength along (N/mm²). */
    TENSION("tension strength", "N/mm²", 0.01, 5000),
    /** Compression strength along; of a foam, its crushing strength (N/mm²). */
    COMPRESSION("compression strength", "N/mm²", 0.001, 5000),
    /** Compression strength across the grain (N/mm²). */
    BEARING("compression strength across the grain", "N/mm²", 0.01, 5000),
    /** Shear strength (N/mm²). */
    SHEAR("shear strength", "N/mm²", 0.001, 3000),
    /** Yield strength of aluminium beside a MIG weld, f_o,haz (N/mm²). */
    YIELD_BY_WELD("yield strength beside a weld", "N/mm²", 0.01, 5000),
    /** Tension strength of aluminium beside a MIG weld, f_u,haz (N/mm²). */
    ULTIMATE_BY_WELD("tension strength beside a weld", "N/mm²", 0.01, 5000),
    /** Thermal conductivity (W/(m·K)). */
    CONDUCTIVITY("conductivity", "W/(m·K)", 0.005, 500),
    /** Vapour resistance factor, how many times that of still air; 1 or above. */
    VAPOUR("vapour resistance factor", "", 1, 10000000),
    /** Growth with heat (mm per m and 1000 K). */
    EXPANSION("thermal expansion", "1e-6/K", 0.1, 500),
    /** Growth with moisture across the grain (percent per percent of moisture). */
    SWELLING("moisture expansion", "%/%", 0.0001, 2),
    /** Least bend radius with the grain running round the bend, over the thickness. */
    BEND_ALONG("minimum bend radius along the grain, over thickness", "", 1, 10000),
    /** Least bend radius with the grain running across the bend, over the thickness. */
    BEND_ACROSS("minimum bend radius across the grain, over thickness", "", 1, 10000),
    /** Plain price, for comparing only, in the builder's money (per m³). */
    PRICE("price", "per m³", 1, 1000000),
    /** Width of a sheet in the shop (mm). */
    SHEET_WIDTH("sheet width", "mm", 20, 10000),
    /** Length of a sheet in the shop (mm). */
    SHEET_LENGTH("sheet length", "mm", 20, 50000),
    /** Width of a roll in the shop (mm). */
    ROLL_WIDTH("roll width", "mm", 20, 10000),
    /** Length of a roll in the shop (mm). */
    ROLL_LENGTH("roll length", "mm", 100, 500000),
    /** What the next board covers of a board, or its tongue (mm); sheets have none. */
    LAP("lap of a board", "mm", 0, 200),
    /** Width of a tape (mm). */
    TAPE_WIDTH("tape width", "mm", 3, 500),
    /** Thickness of a tape (mm). */
    TAPE_THICKNESS("tape thickness", "mm", 0.05, 50);

    private final String label;
    private final String unit;
    private final Range range;

    Property(String label, String unit, double least, double most) {
        this.label = label;
        this.unit = unit;
        this.range = new Range(least, most, unit);
    }

    /** {@return what it is called} */
    public String label() {
        return label;
    }

    /** {@return what a value may be: slips of the hand lie outside} */
    public Range range() {
        return range;
    }

    /** {@return the symbol of its unit, as files have it} */
    public String unit() {
        return unit;
    }

    /** {@return the unit that its values are shown and typed in, empty for pure numbers} */
    public Optional<Unit> quantity() {
        return Arrays.stream(Unit.values())
                .filter(one -> !unit.isEmpty() && one.symbol().equals(unit))
                .findFirst();
    }
}
