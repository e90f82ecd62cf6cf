package pteron.core.edit;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.plan.BoxPlan;

/** The builder's own materials in a plan. */
public final class OwnMaterials {

    private OwnMaterials() {}

    /**
     * {@return the plan with materials brought in; one with an id that is there takes its place}
     *
     * <p>Lines of the library that nobody changed stay out: a whole list that was saved, changed in one line
     * and read again brings that line only.
     */
    public static BoxPlan with(BoxPlan plan, List<Material> materials) {
        MaterialLibrary library = MaterialLibrary.starting();
        Map<String, Material> all = new LinkedHashMap<>();
        plan.materials().forEach(material -> all.put(material.id(), material));
        materials.stream()
                .filter(material -> !isOf(library, material))
                .forEach(material -> all.put(material.id(), material));
        return plan.withMaterials(List.copyOf(all.values()));
    }

    private static boolean isOf(MaterialLibrary library, Material material) {
        return library.contains(material.id()) && isSame(library.get(material.id()), material);
    }

    /** {@return whether two materials tell the same, wherever each value was found} */
    private static boolean isSame(Material one, Material other) {
        return one.name().equals(other.name())
                && one.kind() == other.kind()
                && numbers(one).equals(numbers(other));
    }

    private static Map<Property, Double> numbers(Material material) {
        Map<Property, Double> numbers = new EnumMap<>(Property.class);
        material.values().forEach((property, sourced) -> numbers.put(property, sourced.value()));
        return numbers;
    }
}
