package pteron.core.material;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import pteron.core.material.Material.Kind;
import pteron.core.material.Material.Sourced;

/**
 * A table of materials as text: a header of properties, then one line for each material. Columns stand
 * between bars; an empty cell is a value that is not known. The first two columns are id and name, the
 * others name a property and, after a colon, the letter of their source.
 */
final class MaterialTable {

    private static final Map<String, String> SOURCES =
            Map.of(
                    "E", "EN 338:2016, from memory",
                    "N",
                            "NDS Supplement, Table 4A, allowable × 2.1 (compression × 1.9, across the grain × 1.67) after ASTM D245; from memory",
                    "I", "ISO 10456, from memory",
                    "S", "EN 1993-1-1 and EN 10088, from memory",
                    "A", "EN 1999-1-1 and Aluminum Design Manual, from memory",
                    "W", "Wood Handbook (FPL), chapters 4 and 13, from memory",
                    "P", "common practice");

    private MaterialTable() {}

    static List<Material> read(Kind kind, String text) {
        List<String> lines = text.lines().map(String::strip).filter(l -> !l.isEmpty()).toList();
        String[] header = cells(lines.getFirst());
        List<Material> materials = new ArrayList<>();
        for (String line : lines.subList(1, lines.size())) {
            materials.add(material(kind, header, cells(line)));
        }
        return materials;
    }

    private static String[] cells(String line) {
        String[] cells = line.split("\\|", -1);
        for (int i = 0; i < cells.length; i++) {
            cells[i] = cells[i].strip();
        }
        return cells;
    }

    private static Material material(Kind kind, String[] header, String[] cells) {
        if (cells.length != header.length) {
            throw new IllegalStateException(
                    "Impossible state: material [%s] has %d cells under %d headings"
                            .formatted(cells[0], cells.length, header.length));
        }
        Map<Property, Sourced> values = new EnumMap<>(Property.class);
        for (int i = 2; i < cells.length; i++) {
            if (!cells[i].isEmpty()) {
                String[] heading = header[i].split(":");
                values.put(
                        Property.valueOf(heading[0]),
                        new Sourced(Double.parseDouble(cells[i]), SOURCES.get(heading[1])));
            }
        }
        return new Material(cells[0], cells[1], kind, values);
    }
}
