package pteron.exchange.csv;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import pteron.core.material.Material;
import pteron.core.material.Material.Kind;
import pteron.core.material.Material.Sourced;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.quantity.NumberText;

/**
 * Materials as CSV: {@code id, name, kind, source}, then a column for every property that is given, named as
 * in the plan file. An empty cell is a value that is not known.
 */
public final class MaterialCsv {

    /** Longest table that is read (lines): a library has some hundred. */
    private static final int MOST_LINES = 5000;

    private static final List<String> FIRST = List.of("id", "name", "kind", "source");

    private MaterialCsv() {}

    /**
     * What was read. Immutable.
     *
     * @param materials materials of all good lines
     * @param faults a sentence for every line that was refused
     */
    public record Reading(List<Material> materials, List<String> faults) {
        /** Copies the lists. */
        public Reading {
            materials = List.copyOf(materials);
            faults = List.copyOf(faults);
        }
    }

    /** {@return the materials of a library as CSV, a template for one's own} */
    public static String text(MaterialLibrary library) {
        List<String> header = new ArrayList<>(FIRST);
        Stream.of(Property.values()).forEach(property -> header.add(name(property)));
        return Csv.text(
                header.toArray(String[]::new),
                rows -> library.all().forEach(material -> rows.print(cells(material))));
    }

    private static Object[] cells(Material material) {
        List<Object> cells = new ArrayList<>();
        cells.add(material.id());
        cells.add(material.name());
        cells.add(material.kind().name().toLowerCase(Locale.ROOT));
        cells.add(material.values().values().stream().findFirst().map(Sourced::source).orElse(""));
        for (Property property : Property.values()) {
            cells.add(material.has(property) ? Csv.number(material.value(property), 6) : "");
        }
        return cells.toArray();
    }

    private static String name(Property property) {
        return property.name().toLowerCase(Locale.ROOT);
    }

    /**
     * {@return the materials of a table, line by line; a bad line is refused and told, the others stand}
     *
     * @param text the table with its header line
     * @throws IllegalArgumentException if the header lacks a column, with a sentence
     */
    public static Reading read(String text) {
        CSVFormat format =
                CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .setTrim(true)
                        .setIgnoreEmptyLines(true)
                        .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            return new Lines(columns(parser.getHeaderNames())).read(parser);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Map<String, Property> columns(List<String> header) {
        Map<String, Property> columns = new LinkedHashMap<>();
        for (String wanted : FIRST) {
            if (!header.contains(wanted)) {
                throw new IllegalArgumentException(
                        "line 1: column [%s] is missing; the first line must name id, name, kind, source and the properties"
                                .formatted(wanted));
            }
        }
        for (String column : header) {
            if (!FIRST.contains(column)) {
                columns.put(column, property(column));
            }
        }
        return columns;
    }

    private static Property property(String column) {
        return Stream.of(Property.values())
                .filter(property -> name(property).equals(column))
                .findFirst()
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "line 1: column [%s] is no property; they are %s"
                                                .formatted(
                                                        column,
                                                        Stream.of(Property.values())
                                                                .map(MaterialCsv::name)
                                                                .toList())));
    }

    /** Reads lines one by one. */
    private static final class Lines {
        private final Map<String, Property> columns;
        private final Map<String, Material> materials = new LinkedHashMap<>();
        private final List<String> faults = new ArrayList<>();

        Lines(Map<String, Property> columns) {
            this.columns = columns;
        }

        Reading read(CSVParser parser) {
            int line = 1;
            for (CSVRecord record : parser) {
                line++;
                if (line > MOST_LINES) {
                    throw new IllegalArgumentException(
                            "the table has more than %d lines; cut it into parts"
                                    .formatted(MOST_LINES));
                }
                try {
                    Material material = material(record);
                    if (materials.putIfAbsent(material.id(), material) != null) {
                        throw new IllegalArgumentException(
                                "id is [%s] and stands twice; rename one".formatted(material.id()));
                    }
                } catch (IllegalArgumentException e) {
                    faults.add("line %d: %s".formatted(line, e.getMessage()));
                }
            }
            return new Reading(List.copyOf(materials.values()), faults);
        }

        private Material material(CSVRecord record) {
            if (!record.isConsistent()) {
                throw new IllegalArgumentException(
                        "has [%d] cells and the first line has %d; fill it up with commas"
                                .formatted(record.size(), FIRST.size() + columns.size()));
            }
            String id = required(record, "id");
            if (!id.matches("[a-z0-9][a-z0-9-]*")) {
                throw new IllegalArgumentException(
                        "id is [%s] and must be small letters, digits and hyphens; write it like birch-ply"
                                .formatted(id));
            }
            String source = required(record, "source");
            Map<Property, Sourced> values = new EnumMap<>(Property.class);
            columns.forEach(
                    (column, property) -> {
                        String cell = record.get(column);
                        if (!cell.isEmpty()) {
                            values.put(property, new Sourced(number(property, cell), source));
                        }
                    });
            if (!values.containsKey(Property.DENSITY)) {
                throw new IllegalArgumentException(
                        "density is empty and every material needs one; weigh a piece and give kg/m³");
            }
            return new Material(id, required(record, "name"), kind(record), values);
        }

        private static String required(CSVRecord record, String column) {
            String cell = record.get(column);
            if (cell.isBlank()) {
                throw new IllegalArgumentException(column + " is empty; fill it in");
            }
            return cell;
        }

        private static Kind kind(CSVRecord record) {
            String cell = required(record, "kind");
            return Stream.of(Kind.values())
                    .filter(kind -> kind.name().toLowerCase(Locale.ROOT).equals(cell))
                    .findFirst()
                    .orElseThrow(
                            () ->
                                    new IllegalArgumentException(
                                            "kind is [%s] and must be one of %s"
                                                    .formatted(
                                                            cell,
                                                            Stream.of(Kind.values())
                                                                    .map(
                                                                            k ->
                                                                                    k.name()
                                                                                            .toLowerCase(
                                                                                                    Locale
                                                                                                            .ROOT))
                                                                    .toList())));
        }

        private static double number(Property property, String cell) {
            double value;
            try {
                value = Double.parseDouble(cell);
            } catch (NumberFormatException e) {
                throw new IllegalArgumentException(
                        "%s is [%s] and must be a number; write it like 0.034"
                                .formatted(name(property), cell),
                        e);
            }
            boolean good = value >= property.range().least() && value <= property.range().most();
            if (!good) {
                throw new IllegalArgumentException(
                        "%s is [%s] %s and must be from %s to %s %s; correct it"
                                .formatted(
                                        name(property),
                                        cell,
                                        property.unit(),
                                        NumberText.format(property.range().least(), 4),
                                        NumberText.format(property.range().most(), 2),
                                        property.unit()));
            }
            return value;
        }
    }
}
