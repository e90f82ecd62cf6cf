package pteron.core.field;

import java.util.List;
import pteron.core.makeup.LayerUse;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;

/** Materials that fit a place. */
final class Fitting {

    private Fitting() {}

    /** {@return ids of the materials that know what the sums of a place ask for} */
    static List<String> at(String place, MaterialLibrary library) {
        return library.all().stream()
                .filter(material -> isFit(material, place))
                .map(Material::id)
                .toList();
    }

    private static boolean isFit(Material material, String place) {
        return LayerUse.needs(place).stream().allMatch(material::has)
                && LayerUse.kinds(place).contains(material.kind());
    }
}
