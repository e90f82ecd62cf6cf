package pteron.exchange.station;

/** Where in the shop something is bought, in the order of the list of materials. */
public enum Aisle {
    /** Bars. */
    BARS,
    /** Sheets. */
    SHEETS,
    /** Insulation. */
    FOAM,
    /** Doors, windows and other bought units. */
    UNITS,
    /** Sealant, tape and other stuff in tins and rolls. */
    SEALANTS
}
