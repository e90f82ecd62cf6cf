package pteron.core.glue;

import java.util.Optional;

/**
 * A joint between two layers. Immutable.
 *
 * @param part {@code floor}, {@code walls} or {@code roof}
 * @param number 1 for the outermost joint of the part
 * @param outer name of the outer layer
 * @param inner name of the inner layer
 * @param glue what holds it, empty where it is screwed, loose, or nothing suits
 * @param held how it is held
 * @param areaM2 its area (m²)
 */
public record GlueJoint(
        String part,
        int number,
        String outer,
        String inner,
        Optional<Glue> glue,
        Held held,
        double areaM2) {

    /** How a joint is held. */
    public enum Held {
        /** By a glue that suits. */
        GLUED,
        /** By a glue that does not hold one of the two. */
        DOES_NOT_HOLD,
        /** By a glue that eats one of the two. */
        EATS,
        /** By screws, staples or rivets. */
        SCREWED,
        /** By whoever built the shell that is there. */
        THERE,
        /** Not at all. */
        LOOSE,
        /** Air lies between: there is nothing to hold. */
        OPEN,
        /** No glue of the table suits. */
        NOTHING_SUITS
    }

    /** {@return litres of glue, 0 without any} */
    public double litres() {
        return glue.map(found -> found.litres(areaM2)).orElse(0.0);
    }
}
