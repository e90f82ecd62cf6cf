package pteron.core.skin;

/**
 * Whole sheets to buy of one material. Immutable.
 *
 * @param material id in the library
 * @param thicknessMm thickness (mm)
 * @param widthMm width of a sheet (mm)
 * @param lengthMm length of a sheet (mm)
 * @param pieces pieces to be cut
 * @param sheets whole sheets that they are cut from, side by side
 */
public record SheetOrder(
        String material,
        double thicknessMm,
        double widthMm,
        double lengthMm,
        int pieces,
        int sheets) {}
