package pteron.core.bought;

import java.util.ArrayList;
import java.util.List;
import pteron.core.quantity.Require;
import pteron.core.quantity.Require.Range;

/**
 * Posts of a side or bows of a roof, from the front. Immutable.
 *
 * @param firstMm middle of the first behind the box's front face (mm), {@link #PLACE}
 * @param spacingMm from middle to middle (mm), {@link #SPACING}
 * @param offsetsMm how far each stands behind where the spacing puts it, the first one first (mm), {@link #OFFSET}; those
 *     that are not told stand where it does
 */
public record RibRow(double firstMm, double spacingMm, List<Double> offsetsMm) {

    /** Place of the first rib. */
    public static final Range PLACE = new Range(0, 5000, "mm");

    /** From rib to rib. */
    public static final Range SPACING = new Range(150, 2500, "mm");

    /** How far a rib is off. */
    public static final Range OFFSET = new Range(-500, 500, "mm");

    /** Checks the ranges. */
    public RibRow {
        Require.within("first rib", firstMm, PLACE);
        Require.within("ribs apart", spacingMm, SPACING);
        offsetsMm = List.copyOf(offsetsMm);
        offsetsMm.forEach(offset -> Require.within("offset of a rib", offset, OFFSET));
    }

    /** Ribs evenly apart. */
    public RibRow(double firstMm, double spacingMm) {
        this(firstMm, spacingMm, List.of());
    }

    /**
     * Middles of the ribs.
     *
     * <pre>  x(k) = first + k · spacing + offset(k)  </pre>
     *
     * <p>Source: the offset table of whoever measured. Example: first 300, spacing 400, offsets 0, 12, −8 in 1200 mm gives
     * 300, 712, 1092.
     *
     * @param lengthMm length of the box (mm), above 0
     */
    public List<Double> placesMm(double lengthMm) {
        Require.positive("length of the box", lengthMm, "mm");
        List<Double> places = new ArrayList<>();
        for (int k = 0; firstMm + k * spacingMm < lengthMm; k++) {
            double offset = k < offsetsMm.size() ? offsetsMm.get(k) : 0;
            double place = firstMm + k * spacingMm + offset;
            if (place > 0 && place < lengthMm) {
                places.add(place);
            }
        }
        return places.stream().sorted().toList();
    }

    /** {@return this beginning elsewhere} */
    public RibRow withFirst(double otherMm) {
        return new RibRow(otherMm, spacingMm, offsetsMm);
    }

    /** {@return this with ribs closer or farther apart} */
    public RibRow withSpacing(double otherMm) {
        return new RibRow(firstMm, otherMm, offsetsMm);
    }

    /** {@return this with one rib off by so much; those before it stand where they stood} */
    public RibRow withOffset(int index, double otherMm) {
        List<Double> offsets = new ArrayList<>(offsetsMm);
        while (offsets.size() <= index) {
            offsets.add(0.0);
        }
        offsets.set(index, otherMm);
        return new RibRow(firstMm, spacingMm, offsets);
    }

    /** {@return how far one rib is off (mm)} */
    public double offsetMm(int index) {
        return index < offsetsMm.size() ? offsetsMm.get(index) : 0;
    }
}
