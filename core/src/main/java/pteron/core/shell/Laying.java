package pteron.core.shell;

/**
 * How a face is divided into sheets. Immutable.
 *
 * @param way how sheets follow each other
 * @param across pieces that the face is made of from least to greatest u, before sheets are laid in each; 1 and above
 * @param up pieces that it is made of from least to greatest v; 1 and above
 */
public record Laying(Way way, int across, int up) {

    /** Sheet beside sheet. */
    public static final Laying SHEETS = new Laying(Way.SHEETS, 1, 1);

    /** In one piece. */
    public static final Laying WHOLE = new Laying(Way.WHOLE, 1, 1);

    /** A lower and an upper half. */
    public static final Laying HALVES = new Laying(Way.SHEETS, 1, 2);

    /** How sheets follow each other. */
    public enum Way {
        /** Whole ones side by side. */
        SHEETS,
        /**
         * The first at most half as wide and long, so that the seams do not lie over those of the other face.
         */
        STAGGERED,
        /** One piece, larger than a sheet if it has to be. */
        WHOLE
    }

    /** {@return whether the first sheets are shorter than the others} */
    public boolean isStaggered() {
        return way == Way.STAGGERED;
    }

    /** {@return whether there are no seams} */
    public boolean isWhole() {
        return way == Way.WHOLE;
    }
}
