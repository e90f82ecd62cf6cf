package pteron.core.skin;

import java.util.Optional;
import pteron.core.geometry.Bounds2;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.quantity.Tolerance;
import pteron.core.shell.Skin;

/**
 * A roll that faces are cut from in one piece. Immutable.
 *
 * @param widthMm its width (mm), above 0
 * @param lengthMm how long one is in the shop (mm), above 0
 */
record Roll(double widthMm, double lengthMm) {

    /** {@return the roll of a face that is skinned in one piece outside; empty for others and where there is none} */
    static Optional<Roll> of(Skin skin, MaterialLibrary library) {
        Material material = library.get(skin.layer().material());
        boolean rolls =
                skin.laying().isWhole()
                        && skin.isOutside()
                        && material.has(Property.ROLL_WIDTH)
                        && material.has(Property.ROLL_LENGTH);
        return rolls
                ? Optional.of(
                        new Roll(
                                material.value(Property.ROLL_WIDTH),
                                material.value(Property.ROLL_LENGTH)))
                : Optional.empty();
    }

    /** {@return length that a piece takes off the roll (mm): its longer side where the shorter fits its width} */
    double takes(Bounds2 piece) {
        double shorter = Math.min(piece.width(), piece.height());
        double longer = Math.max(piece.width(), piece.height());
        return longer <= widthMm + Tolerance.TOUCH.lengthMm() ? shorter : longer;
    }

    /** {@return whether a piece comes off it whole} */
    boolean holds(Bounds2 piece) {
        double across = Math.min(piece.width(), piece.height());
        return across <= widthMm + Tolerance.TOUCH.lengthMm() && takes(piece) <= lengthMm;
    }
}
