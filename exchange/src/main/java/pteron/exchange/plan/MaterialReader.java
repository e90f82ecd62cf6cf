package pteron.exchange.plan;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import pteron.core.material.Material;
import pteron.core.material.Material.Kind;
import pteron.core.material.Material.Sourced;
import pteron.core.material.Property;

/** Reads the builder's own materials. */
final class MaterialReader {

    private MaterialReader() {}

    static List<Material> materials(JsonCursor at) throws PlanFormatException {
        return at.objectsOr("materials", MaterialReader::material);
    }

    private static Material material(JsonCursor at) throws PlanFormatException {
        Map<Property, Sourced> values = new EnumMap<>(Property.class);
        at.objects(
                        "values",
                        value -> {
                            Property property = value.choice("property", Property.values());
                            double number = value.number("value", property.range());
                            return Map.entry(property, new Sourced(number, value.text("source")));
                        })
                .forEach(entry -> values.put(entry.getKey(), entry.getValue()));
        return new Material(
                at.text("id"), at.text("name"), at.choice("kind", Kind.values()), values);
    }
}
