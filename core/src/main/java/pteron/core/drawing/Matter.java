package pteron.core.drawing;

/** What a shape is made of or means. */
public enum Matter {
    /** Members. */
    TIMBER,
    /** Insulation and cores. */
    FOAM,
    /** Outer sheets. */
    SKIN,
    /** Boards of floor and lining. */
    BOARD,
    /** Steel of the carrier. */
    STEEL,
    /** Deck of the carrier. */
    DECK,
    /** Tyres. */
    TYRE,
    /** Hubs of wheels. */
    HUB,
    /** Something of the carrier that the box may hit. */
    SOLID,
    /** Metal members and skins, cut through. */
    METAL,
    /** Films, felts, floors in rolls, tapes. */
    ROLL,
    /** Still air. */
    AIR,
    /** Window. */
    GLASS,
    /** Door. */
    DOOR,
    /** A weight, drawn to its size. */
    WEIGHT,
    /** A person, to compare the box with. */
    PERSON;

    /** {@return what a member shows as: tubes are of metal, others of timber} */
    public static Matter ofMember(boolean tube) {
        return tube ? METAL : TIMBER;
    }
}
