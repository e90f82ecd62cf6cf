package pteron.exchange.plan;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import pteron.core.material.Material;
import pteron.core.material.Material.Kind;
import pteron.core.material.Material.Sourced;
import pteron.core.material.Property;
import pteron.core.quantity.Require.Range;

/** Reads the builder's own materials. */
final class MaterialReader {

    /** Values that any property may have: slips of the hand lie outside. */
    private static final Range ANY = new Range(0, 1e9, "");

    private MaterialReader() {}

    static List<Material> materials(JsonCursor at) throws PlanFormatException {
        return at.objectsOr("materials", MaterialReader::material);
    }

    private static Material material(JsonCursor at) throws PlanFormatException {
        Map<Property, Sourced> values = new EnumMap<>(Property.class);
        at.objects(
                        "values",
                        value ->
                                Map.entry(
                                        value.choice("property", Property.values()),
                                        new Sourced(
                                                value.number("value", ANY), value.text("source"))))
                .forEach(entry -> values.put(entry.getKey(), entry.getValue()));
        return new Material(
                at.text("id"), at.text("name"), at.choice("kind", Kind.values()), values);
    }
}
