package pteron.core.material;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import pteron.core.material.Material.Sourced;
import pteron.core.quantity.LengthText;

/**
 * Materials of the shop as they are sold in feet: the same values, sheets of other sizes. Common practice; US PS 1 for
 * plywood of 4 × 8 ft, makers for metal of 4 × 10 and 5 × 10 ft, birch plywood of 5 × 5 ft.
 */
final class SheetsInFeet {

    private static final String SOURCE = "sheet as sold in feet, 25.4 mm an inch; common practice";

    /**
     * A material and its sheet.
     *
     * @param base id of the material whose values it has
     * @param wideFeet width of a sheet (ft)
     * @param longFeet length of a sheet (ft)
     */
    private record Row(String base, double wideFeet, double longFeet) {
        String id() {
            return "%s-%sx%s".formatted(base, feet(wideFeet), feet(longFeet));
        }

        String size() {
            return "%s × %s ft".formatted(feet(wideFeet), feet(longFeet));
        }

        private static String feet(double feet) {
            return String.valueOf(Math.round(feet));
        }
    }

    /** The first row of a material is what a plan begun in inches takes. */
    private static final List<Row> ROWS =
            List.of(
                    new Row("birch-ply", 5, 5),
                    new Row("birch-ply", 4, 8),
                    new Row("spruce-ply", 4, 8),
                    new Row("spruce-ply", 4, 10),
                    new Row("poplar-ply", 4, 8),
                    new Row("okoume-ply", 4, 8),
                    new Row("marine-ply", 4, 8),
                    new Row("bendy-ply", 4, 8),
                    new Row("osb", 4, 8),
                    new Row("mdf", 4, 8),
                    new Row("chipboard", 4, 8),
                    new Row("hardboard", 4, 8),
                    new Row("bamboo-ply", 4, 8),
                    new Row("hpl", 4, 8),
                    new Row("xps", 4, 8),
                    new Row("eps", 4, 8),
                    new Row("pir", 4, 8),
                    new Row("pur-foam", 4, 8),
                    new Row("phenolic", 4, 8),
                    new Row("pet-foam", 4, 8),
                    new Row("pvc-foam", 4, 8),
                    new Row("balsa", 2, 4),
                    new Row("honeycomb", 4, 8),
                    new Row("cork", 2, 3),
                    new Row("aluminium", 4, 8),
                    new Row("aluminium", 4, 10),
                    new Row("aluminium", 5, 10),
                    new Row("steel-sheet", 4, 8),
                    new Row("steel-sheet", 4, 10),
                    new Row("stainless-sheet", 4, 8),
                    new Row("stainless-sheet", 4, 10),
                    new Row("grp-skin", 8, 20),
                    new Row("composite-sheet", 4, 8),
                    new Row("composite-sheet", 4, 10),
                    new Row("ribbed-sheet", 4, 8),
                    new Row("ribbed-steel", 3, 8),
                    new Row("abs-sheet", 4, 8),
                    new Row("composite-panel", 8, 24));

    /** Base by id: asked for at every face of every panel that is checked. */
    private static final Map<String, String> BASES =
            ROWS.stream().collect(Collectors.toUnmodifiableMap(Row::id, Row::base));

    private SheetsInFeet() {}

    /** {@return the materials as sold in feet, made from those sold by the metre} */
    static List<Material> of(List<Material> metric) {
        return ROWS.stream().map(row -> material(row, base(row, metric))).toList();
    }

    private static Material base(Row row, List<Material> metric) {
        return metric.stream()
                .filter(material -> material.id().equals(row.base()))
                .findFirst()
                .orElseThrow(
                        () ->
                                new IllegalStateException(
                                        "Impossible state: no material [" + row.base() + "]"));
    }

    private static Material material(Row row, Material base) {
        Map<Property, Sourced> values = new EnumMap<>(base.values());
        values.put(
                Property.SHEET_WIDTH,
                new Sourced(LengthText.fromInches(12 * row.wideFeet()), SOURCE));
        values.put(
                Property.SHEET_LENGTH,
                new Sourced(LengthText.fromInches(12 * row.longFeet()), SOURCE));
        return new Material(row.id(), base.name() + ", " + row.size(), base.kind(), values);
    }

    /** {@return id of a material as sold in feet, empty for one that is sold alike everywhere} */
    static Optional<String> idInFeet(String metricId) {
        return ROWS.stream().filter(row -> row.base().equals(metricId)).map(Row::id).findFirst();
    }

    /** {@return id of the metric material whose values one has that is sold in feet, empty for others} */
    static Optional<String> baseOf(String id) {
        return Optional.ofNullable(BASES.get(id));
    }

    /** {@return whether a material is sold in feet only} */
    static boolean isInFeet(String id) {
        return BASES.containsKey(id);
    }
}
