package pteron.core.skin;

/**
 * Whole sheets to buy of one material, or a length off a roll. Immutable.
 *
 * @param material id in the library
 * @param thicknessMm thickness (mm)
 * @param form whether it comes in sheets, in boards or off a roll
 * @param widthMm width of a sheet, of a board or of the roll (mm)
 * @param lengthMm length of a sheet or board, or of all that is taken off the roll (mm)
 * @param pieces pieces to be cut
 * @param sheets whole sheets that they are cut from, side by side; 1 for a length off a roll
 */
public record SheetOrder(
        String material,
        double thicknessMm,
        Form form,
        double widthMm,
        double lengthMm,
        int pieces,
        int sheets) {

    /** How it is bought. */
    public enum Form {
        /** Sheets of one size. */
        SHEETS,
        /** A length off a roll. */
        ROLL,
        /** Boards of one length. */
        BOARDS
    }
}
