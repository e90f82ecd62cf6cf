package pteron.exchange.csv;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import pteron.core.material.Material;
import pteron.core.material.Material.Kind;
import pteron.core.material.Material.Sourced;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.quantity.Named;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.PlainText;

/**
 * Materials as CSV: {@code id, name, kind, source}, then a column for every property that is given, named as
 * in the plan file. An empty cell is a value that is not known.
 */
public final class MaterialCsv {

    /** Longest table that is read (lines): a library has some hundred. */
    private static final int MOST_LINES = 5000;

    private static final List<String> FIRST = List.of("id", "name", "kind", "source");

    /** Ends the name of a column that holds the source of one value. */
    private static final String SOURCE_OF = "_source";

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

    /** {@return the materials of a library as CSV, a template for one's own; each value with its source} */
    public static String text(MaterialLibrary library) {
        List<String> header = new ArrayList<>(FIRST);
        for (Property property : Property.values()) {
            header.add(name(property));
            header.add(name(property) + SOURCE_OF);
        }
        return Csv.text(
                header.toArray(String[]::new),
                rows -> library.all().forEach(material -> rows.print(cells(material))));
    }

    private static Object[] cells(Material material) {
        List<Object> cells = new ArrayList<>();
        cells.add(material.id());
        cells.add(material.name());
        cells.add(Named.small(material.kind()));
        cells.add(material.values().values().stream().findFirst().map(Sourced::source).orElse(""));
        for (Property property : Property.values()) {
            boolean has = material.has(property);
            cells.add(has ? Csv.number(material.value(property), 6) : "");
            cells.add(has ? material.sourced(property).source() : "");
        }
        return cells.toArray();
    }

    private static String name(Property property) {
        return Named.small(property);
    }

    /** Largest table that is read (bytes): a thousand times the starting library. */
    private static final long LARGEST = 20_000_000;

    /**
     * {@return the materials of a file}
     *
     * @throws IOException if it cannot be read, or is too large for a table of materials
     */
    public static Reading read(Path file) throws IOException {
        long size = Files.size(file);
        if (size > LARGEST) {
            throw new IOException(
                    "%s has %d MB and a table of materials may have %d; take out what is no material"
                            .formatted(file, size / 1_000_000, LARGEST / 1_000_000));
        }
        return read(Files.readAllBytes(file));
    }

    /**
     * {@return the materials of a table as a file holds it, in whatever encoding spreadsheets save}
     *
     * @param bytes the file
     * @throws IllegalArgumentException if it is no such table, with a sentence
     */
    public static Reading read(byte[] bytes) {
        return read(CsvText.decoded(bytes));
    }

    /**
     * {@return the materials of a table, line by line; a bad line is refused and told, the others stand}
     *
     * @param text the table with its header line; between the cells commas, semicolons or tabs
     * @throws IllegalArgumentException if the header lacks a column, with a sentence
     */
    public static Reading read(String text) {
        String plain = CsvText.withoutMark(text);
        char separator = CsvText.separator(plain);
        CSVFormat format =
                CSVFormat.RFC4180
                        .builder()
                        .setDelimiter(separator)
                        .setTrim(true)
                        .setIgnoreEmptyLines(true)
                        .get();
        try (CSVParser parser =
                CSVParser.parse(
                        new StringReader(CsvText.withoutEmptyEnds(plain, separator)), format)) {
            Iterator<CSVRecord> lines = parser.iterator();
            if (!lines.hasNext()) {
                throw new IllegalArgumentException(
                        "the table is empty; its first line must name id, name, kind, source and the properties");
            }
            List<String> header =
                    lines.next().toList().stream().map(h -> h.toLowerCase(Locale.ROOT)).toList();
            return new Lines(header, columns(header)).read(lines);
        } catch (UncheckedIOException e) {
            throw new IllegalArgumentException(broken(e.getCause()), e);
        } catch (IOException e) {
            throw new IllegalArgumentException(broken(e), e);
        }
    }

    private static String broken(IOException fault) {
        String message = String.valueOf(fault.getMessage());
        Matcher line = Pattern.compile("line:? ?(?:number)?:? ?(\\d+)").matcher(message);
        String where = line.find() ? "line " + line.group(1) + ": " : "";
        return where
                + "the table breaks off in a quoted cell; close the quote, or double it inside a cell";
    }

    private static Map<String, Property> columns(List<String> header) {
        Set<String> seen = new HashSet<>();
        for (String column : header) {
            if (!seen.add(column)) {
                throw new IllegalArgumentException(
                        "line 1: column [%s] stands twice; remove or rename one".formatted(column));
            }
        }
        Map<String, Property> columns = new LinkedHashMap<>();
        for (String wanted : FIRST) {
            if (!header.contains(wanted)) {
                throw new IllegalArgumentException(
                        "line 1: column [%s] is missing; the first line must name id, name, kind, source and the properties"
                                .formatted(wanted));
            }
        }
        for (String column : header) {
            if (column.endsWith(SOURCE_OF)) {
                property(column.substring(0, column.length() - SOURCE_OF.length()));
            } else if (!FIRST.contains(column)) {
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
        private final List<String> header;
        private final Map<String, Property> columns;
        private final Map<String, Material> materials = new LinkedHashMap<>();
        private final List<String> faults = new ArrayList<>();

        Lines(List<String> header, Map<String, Property> columns) {
            this.header = header;
            this.columns = columns;
        }

        Reading read(Iterator<CSVRecord> records) {
            int line = 1;
            while (records.hasNext()) {
                CSVRecord record = records.next();
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
            if (record.size() != header.size()) {
                throw new IllegalArgumentException(
                        "has [%d] cells and the first line has %d; fill it up with commas"
                                .formatted(record.size(), header.size()));
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
                        String cell = cell(record, column);
                        if (!cell.isEmpty()) {
                            String own = cell(record, column + SOURCE_OF);
                            values.put(
                                    property,
                                    new Sourced(
                                            number(property, cell), own.isEmpty() ? source : own));
                        }
                    });
            if (!values.containsKey(Property.DENSITY)) {
                throw new IllegalArgumentException(
                        "density is empty and every material needs one; weigh a piece and give kg/m³");
            }
            return new Material(id, required(record, "name"), kind(record), values);
        }

        /** {@return what stands in a column, without the mark that keeps spreadsheets from reckoning it} */
        private String cell(CSVRecord record, String column) {
            int at = header.indexOf(column);
            String cell = at < 0 ? "" : Csv.disarmed(record.get(at).strip());
            // a plan with more could be saved and not read again
            return PlainText.require(column, cell);
        }

        private String required(CSVRecord record, String column) {
            String cell = cell(record, column);
            if (cell.isBlank()) {
                throw new IllegalArgumentException(column + " is empty; fill it in");
            }
            return cell;
        }

        private Kind kind(CSVRecord record) {
            String cell = required(record, "kind");
            return Stream.of(Kind.values())
                    .filter(kind -> Named.small(kind).equals(cell))
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
            double value =
                    NumberText.parse(cell)
                            .orElseThrow(
                                    () ->
                                            new IllegalArgumentException(
                                                    "%s is [%s] and must be a number; write it like 0.034"
                                                            .formatted(name(property), cell)));
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
