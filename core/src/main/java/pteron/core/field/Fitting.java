package pteron.core.field;

import java.util.List;
import pteron.core.makeup.LayerUse;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.quantity.UnitSystem;

/** Materials that fit a place. */
final class Fitting {

    private Fitting() {}

    /** {@return ids of the materials that a shop offers and that know what the sums of a place ask for} */
    static List<String> at(String place, MaterialLibrary library, UnitSystem units) {
        return library.offered(units).stream()
                .filter(material -> isFit(material, place))
                .map(Material::id)
                .toList();
    }

    private static boolean isFit(Material material, String place) {
        return LayerUse.needs(place).stream().allMatch(material::has)
                && LayerUse.kinds(place).contains(material.kind());
    }
}
