package pteron.core.found;

import java.util.List;
import pteron.core.bought.Damage;

/**
 * What mends a damage. Immutable.
 *
 * @param damage the damage
 * @param fromMm where the piece begins behind the box's front face (mm): the middle of what stays before it
 * @param lengthMm its length (mm)
 * @param heightMm its height or width, with a lap above and below (mm)
 */
public record Repair(Damage damage, double fromMm, double lengthMm, double heightMm) {

    /** How far a piece reaches past a damage where nothing stands (mm); common practice. */
    public static final double LAP_MM = 50;

    /**
     * {@return the piece that goes from the member before a damage to the one after it, so that its edges are held; a lap
     * past it where there is none}
     *
     * @param supportsMm middles of ribs, or of cross-members under a floor, rising (mm)
     */
    static Repair of(Damage damage, List<Double> supportsMm) {
        double from = damage.alongMm();
        double to = from + damage.lengthMm();
        double first =
                supportsMm.stream()
                        .filter(x -> x <= from)
                        .max(Double::compare)
                        .orElse(from - LAP_MM);
        double last =
                supportsMm.stream().filter(x -> x >= to).min(Double::compare).orElse(to + LAP_MM);
        return new Repair(
                damage,
                Math.max(0, first),
                last - Math.max(0, first),
                damage.heightMm() + 2 * LAP_MM);
    }
}
