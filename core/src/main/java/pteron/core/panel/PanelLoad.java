package pteron.core.panel;

import pteron.core.mechanics.Duration;

/**
 * Something that stands or presses on a panel. Immutable.
 *
 * @param key stable key: {@code heel}
 * @param words what it is
 * @param newton all of it (N)
 * @param patchMm length of its patch along the span, the whole span when it is spread (mm)
 * @param widthMm width of the strip that carries it (mm)
 * @param duration how long it stands
 * @param source where it comes from
 */
public record PanelLoad(
        String key,
        String words,
        double newton,
        double patchMm,
        double widthMm,
        Duration duration,
        String source) {

    /** Key of a heel. */
    static final String HEEL = "heel";

    /** Key of people all over. */
    static final String PEOPLE = "people";

    /** Patch under one heel (mm); common practice. */
    public static final double HEEL_MM = 60;

    /** Patch under one foot of a ladder (mm); common practice. */
    public static final double LADDER_FOOT_MM = 40;

    /** Share of a person on one foot of a ladder that leans; common practice. */
    public static final double ON_ONE_FOOT = 0.6;

    /** Part of the span that a load on a patch spreads over sideways: Westergaard 1930, from memory. */
    public static final double SPREAD = 0.58;

    /** Share of a spread load that stays for years: EN 1990 table A1.1, category A, from memory. */
    public static final double STAYS = 0.3;

    /** {@return whether it is spread over the whole span} */
    public boolean isSpread(double spanMm) {
        return patchMm >= spanMm;
    }

    static PanelLoad heel(double personN, double spanMm) {
        return patch(
                HEEL, "one person on a heel", personN, HEEL_MM, spanMm, "patch is common practice");
    }

    static PanelLoad ladder(double personN, double spanMm) {
        return patch(
                "ladder",
                "foot of a ladder",
                ON_ONE_FOOT * personN,
                LADDER_FOOT_MM,
                spanMm,
                "patch is common practice");
    }

    static PanelLoad patch(
            String key, String words, double newton, double patchMm, double spanMm, String source) {
        double patch = Math.min(patchMm, spanMm);
        return new PanelLoad(
                key,
                words,
                newton,
                patch,
                patch + SPREAD * spanMm,
                Duration.SHORT,
                source + "; width of the strip after Westergaard 1930; value not yet checked");
    }

    /** A person at an edge: only one side of the strip is there; a bar along it takes its share. */
    static PanelLoad edge(double personN, double spanMm) {
        double patch = Math.min(HEEL_MM, spanMm);
        return new PanelLoad(
                "edge",
                "one person at the edge",
                personN,
                patch,
                patch + SPREAD * spanMm / 2,
                Duration.SHORT,
                "half the strip of a load in the field; the plate or bar along the edge takes its share by its stiffness");
    }

    static PanelLoad spread(
            String key, String words, double pressure, double spanMm, Duration duration) {
        double width = 1000;
        return new PanelLoad(
                key,
                words,
                pressure * width * spanMm,
                spanMm,
                width,
                duration,
                "on a strip a metre wide");
    }
}
