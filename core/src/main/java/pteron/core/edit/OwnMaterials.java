package pteron.core.edit;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import pteron.core.material.Material;
import pteron.core.material.Material.Kind;
import pteron.core.material.Material.Sourced;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.PlainText;
import pteron.core.quantity.Require;

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

    /**
     * {@return an own material, its id made from its name and free in the library}
     *
     * @param library materials whose ids are taken
     * @param name what the builder calls it
     * @param kind what it is used as
     * @param values what is known of it, in the units of the properties; the density at least
     * @throws IllegalArgumentException if the name is empty, a value out of its range or the density missing
     */
    public static Material named(
            MaterialLibrary library, String name, Kind kind, Map<Property, Double> values) {
        PlainText.require("name of the material", name);
        if (name.isBlank()) {
            throw new IllegalArgumentException("name of the material is empty: enter one");
        }
        if (!values.containsKey(Property.DENSITY)) {
            throw new IllegalArgumentException(
                    "density of %s is empty: enter it, nothing can be weighed without"
                            .formatted(name));
        }
        Map<Property, Sourced> sourced = new EnumMap<>(Property.class);
        values.forEach(
                (property, value) -> {
                    Require.within(property.label(), value, property.range());
                    sourced.put(property, new Sourced(value, "own value"));
                });
        return new Material(freeId(library, name), name, kind, sourced);
    }

    private static String freeId(MaterialLibrary library, String name) {
        String plain = name.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
        String stem = "own-" + plain.replaceAll("^-|-$", "");
        String id = stem;
        for (int number = 2; library.contains(id); number++) {
            id = stem + "-" + number;
        }
        return id;
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
