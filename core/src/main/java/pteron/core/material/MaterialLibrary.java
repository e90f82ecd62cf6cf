package pteron.core.material;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pteron.core.quantity.UnitSystem;

/** Materials by id, in the order of the shop's shelves. Immutable. */
public final class MaterialLibrary {

    private static final MaterialLibrary STARTING = new MaterialLibrary(StartingMaterials.all());

    private final Map<String, Material> byId = new LinkedHashMap<>();

    /**
     * A library of these materials.
     *
     * @throws IllegalArgumentException if two share an id
     */
    public MaterialLibrary(List<Material> materials) {
        for (Material material : materials) {
            if (byId.put(material.id(), material) != null) {
                throw new IllegalArgumentException(
                        "material id [%s] stands twice; rename one".formatted(material.id()));
            }
        }
    }

    /** {@return this library with own materials; one with an id that is there takes its place} */
    public MaterialLibrary with(List<Material> own) {
        if (own.isEmpty()) {
            return this;
        }
        Map<String, Material> all = new LinkedHashMap<>(byId);
        own.forEach(material -> all.put(material.id(), material));
        return new MaterialLibrary(List.copyOf(all.values()));
    }

    /** {@return the library that Pteron starts with} */
    public static MaterialLibrary starting() {
        return STARTING;
    }

    /** {@return all materials in their order} */
    public List<Material> all() {
        return List.copyOf(byId.values());
    }

    /**
     * {@return the materials that a shop offers where lengths are told in a system: sheets in feet or in metres, and what is
     * sold alike everywhere}
     */
    public List<Material> offered(UnitSystem units) {
        return byId.values().stream().filter(material -> isOffered(material.id(), units)).toList();
    }

    private static boolean isOffered(String id, UnitSystem units) {
        return switch (units) {
            case METRIC -> !SheetsInFeet.isInFeet(id);
            case INCHES -> SheetsInFeet.idInFeet(id).isEmpty();
        };
    }

    /** {@return id of a starting material as it is sold in feet; the same id for one that is sold alike everywhere} */
    public static String inFeet(String id) {
        return SheetsInFeet.idInFeet(id).orElse(id);
    }

    /**
     * {@return id of the starting material that one is but for its sheet: {@code xps} for {@code xps-4x8}; the same id for
     * others}
     *
     * <p>What is known of a material by its id, such as what dissolves it, is known of every sheet that it is sold in.
     */
    public static String baseOf(String id) {
        return SheetsInFeet.baseOf(id).orElse(id);
    }

    /** {@return whether there is a material with that id} */
    public boolean contains(String id) {
        return byId.containsKey(id);
    }

    /**
     * {@return the material with that id}
     *
     * @throws IllegalArgumentException if there is none
     */
    public Material get(String id) {
        Material material = byId.get(id);
        if (material == null) {
            throw new IllegalArgumentException(
                    "there is no material [%s]; the library has %s"
                            .formatted(id, String.join(", ", byId.keySet())));
        }
        return material;
    }

    @Override
    public boolean equals(Object other) {
        return other == this
                || other instanceof MaterialLibrary library && byId.equals(library.byId);
    }

    @Override
    public int hashCode() {
        return byId.keySet().hashCode();
    }
}
