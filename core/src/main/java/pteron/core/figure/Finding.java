package pteron.core.figure;

import java.util.Comparator;
import pteron.core.quantity.Quantity;

/**
 * What is wrong or close. Carries typed values, no sentence. Immutable.
 *
 * @param code stable code, such as {@code GROSS_OVER_RATING}
 * @param severity how serious
 * @param place where on the box
 * @param demand what there is
 * @param limit what there may be or must be, in the unit of the demand
 * @param cure what would mend it
 */
public record Finding(
        String code, Severity severity, Place place, Quantity demand, Limit limit, Cure cure) {

    /** Most serious first, then the hardest worked, then by code and part, so that lists are stable. */
    public static final Comparator<Finding> MOST_SERIOUS_FIRST =
            Comparator.comparing(Finding::severity)
                    .thenComparing(finding -> -finding.margin())
                    .thenComparing(Finding::code)
                    .thenComparing(finding -> finding.place().part());

    /** {@return the same with another cure} */
    public Finding withCure(Cure other) {
        return new Finding(code, severity, place, demand, limit, other);
    }

    /** {@return demand over capacity: above 1 where the limit is broken} */
    public double margin() {
        return limit.margin(demand);
    }

    /** {@return a text that stays the same while the finding is about the same thing} */
    public String id() {
        return code + "@" + place.station().key() + "/" + place.part();
    }
}
