package pteron.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.buildup.Layer.Grain;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.quantity.Require;
import pteron.core.quantity.Tolerance;
import pteron.core.shell.Skin;

/**
 * Boards that a face is covered with, each lying over a part of the one before it. Immutable.
 *
 * @param widthMm width of a board (mm), above the lap
 * @param lapMm what the next one covers of it, or its tongue (mm), 0 or above
 * @param lengthMm its length in the shop (mm), above 0
 * @param upright whether boards run along v, as studs do, so that they want rows to be fixed to
 */
public record Boarding(double widthMm, double lapMm, double lengthMm, boolean upright) {

    /** Share of a board that the last one is at the least; common practice: no slivers. */
    private static final double LEAST_SHARE = 1.0 / 3;

    /** Checks the numbers. */
    public Boarding {
        Require.positive("length of a board", lengthMm, "mm");
        Require.notNegative("lap of a board", lapMm, "mm");
        Require.positive("cover of a board", widthMm - lapMm, "mm");
    }

    /** {@return the boards of a face, empty where it is covered with sheets} */
    public static Optional<Boarding> of(Skin skin, MaterialLibrary library) {
        Material material = library.get(skin.layer().material());
        return material.has(Property.LAP)
                ? Optional.of(
                        new Boarding(
                                material.value(Property.SHEET_WIDTH),
                                material.value(Property.LAP),
                                material.value(Property.SHEET_LENGTH),
                                skin.layer().grain() == Grain.ALONG))
                : Optional.empty();
    }

    /** {@return what one board covers (mm)} */
    public double coverMm() {
        return widthMm - lapMm;
    }

    /**
     * Boards side by side over a face.
     *
     * <pre>  n = ceil(H / (b − lap))  </pre>
     *
     * H height of the face across the boards, b width of a board (mm). Source: common practice. Example: 2000 mm of
     * boards of 145 with a lap of 25 take 17.
     *
     * @param roomMm height of the face across the boards (mm), 0 or above
     */
    public int count(double roomMm) {
        return (int) Math.max(1, Math.ceil((roomMm - Tolerance.TOUCH.lengthMm()) / coverMm()));
    }

    /**
     * {@return where boards end, from one edge of a face to the other: whole ones from the first edge; where the last would
     * be a sliver, the first and the last are equal}
     */
    public List<Double> edges(double from, double to) {
        int count = count(to - from);
        double last = to - from - (count - 1) * coverMm();
        boolean sliver = count > 1 && last < LEAST_SHARE * coverMm();
        double first = sliver ? (coverMm() + last) / 2 : coverMm();
        List<Double> edges = new ArrayList<>();
        for (int i = 0; i < count - 1; i++) {
            edges.add(from + first + i * coverMm());
        }
        edges.add(to);
        return edges;
    }

    /** {@return rows over a height that upright boards are fixed to, evenly apart and no farther than members} */
    List<Double> rows(double from, double to, double mostMm) {
        List<Double> rows = new ArrayList<>();
        if (upright) {
            int bays = (int) Math.max(2, Math.ceil((to - from) / mostMm));
            for (int i = 1; i < bays; i++) {
                rows.add(from + (to - from) * i / bays);
            }
        }
        return rows;
    }
}
