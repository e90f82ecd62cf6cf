package pteron.core.material;

/** What a material may be asked for. Strengths are characteristic values, moduli mean values. */
public enum Property {
    /** Mean density (kg/m³). */
    DENSITY("density", "kg/m³"),
    /** Modulus of elasticity along the grain or the sheet, mean (N/mm²). */
    MODULUS("modulus of elasticity", "N/mm²"),
    /** Modulus of elasticity across the grain or the sheet, mean (N/mm²). */
    MODULUS_ACROSS("modulus of elasticity across", "N/mm²"),
    /** Shear modulus, mean (N/mm²). */
    SHEAR_MODULUS("shear modulus", "N/mm²"),
    /** Bending strength (N/mm²). */
    BENDING("bending strength", "N/mm²"),
    /** Tension strength along (N/mm²). */
    TENSION("tension strength", "N/mm²"),
    /** Compression strength along; of a foam, its crushing strength (N/mm²). */
    COMPRESSION("compression strength", "N/mm²"),
    /** Compression strength across the grain (N/mm²). */
    BEARING("compression strength across the grain", "N/mm²"),
    /** Shear strength (N/mm²). */
    SHEAR("shear strength", "N/mm²"),
    /** Thermal conductivity (W/(m·K)). */
    CONDUCTIVITY("conductivity", "W/(m·K)"),
    /** Vapour resistance factor, how many times that of still air; 1 or above. */
    VAPOUR("vapour resistance factor", ""),
    /** Growth with heat (mm per m and 1000 K). */
    EXPANSION("growth with heat", "1e-6/K"),
    /** Growth with moisture across the grain (percent per percent of moisture). */
    SWELLING("growth with moisture", "%/%"),
    /** Least bend radius with the grain running round the bend, over the thickness. */
    BEND_ALONG("least bend radius along the grain, over thickness", ""),
    /** Least bend radius with the grain running across the bend, over the thickness. */
    BEND_ACROSS("least bend radius across the grain, over thickness", ""),
    /** Plain price, for comparing only, in the builder's money (per m³). */
    PRICE("price", "per m³"),
    /** Width of a sheet in the shop (mm). */
    SHEET_WIDTH("sheet width", "mm"),
    /** Length of a sheet in the shop (mm). */
    SHEET_LENGTH("sheet length", "mm"),
    /** Width of a tape (mm). */
    TAPE_WIDTH("tape width", "mm"),
    /** Thickness of a tape (mm). */
    TAPE_THICKNESS("tape thickness", "mm");

    private final String label;
    private final String unit;

    Property(String label, String unit) {
        this.label = label;
        this.unit = unit;
    }

    /** {@return what it is called} */
    public String label() {
        return label;
    }

    /** {@return the symbol of its unit} */
    public String unit() {
        return unit;
    }
}
