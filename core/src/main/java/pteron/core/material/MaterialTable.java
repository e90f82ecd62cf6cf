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
 * others name a property and, after a colon, the letter of their source; a cell with a source of its own has
 * its letter after a colon.
 */
final class MaterialTable {

    private static final Map<String, String> SOURCES =
            Map.ofEntries(
                    Map.entry("E", "EN 338:2016; value not yet checked"),
                    Map.entry(
                            "N",
                            "NDS Supplement, Table 4A, allowable × 2.1 (compression × 1.9, across the grain × 1.67) after ASTM D245; value not yet checked"),
                    Map.entry(
                            "B",
                            "NDS Supplement, Table 4B, 2×4 (1100, 675, 1450 psi), allowable × 2.1 (compression × 1.9, across the grain × 1.67) after ASTM D245; value not yet checked"),
                    Map.entry("I", "ISO 10456:2007; value not yet checked"),
                    Map.entry(
                            "V",
                            "ISO 10456:2007, by sd: polyethylene of 0.15 mm has 50 m; value not yet checked"),
                    Map.entry(
                            "M",
                            "ISO 10456:2007, between 600 and 800 kg/m³; value not yet checked"),
                    Map.entry("S", "EN 1993-1-1 and EN 10088; value not yet checked"),
                    Map.entry("A", "EN 1999-1-1 and Aluminum Design Manual; value not yet checked"),
                    Map.entry("W", "Wood Handbook (FPL), chapters 4 and 13; value not yet checked"),
                    Map.entry(
                            "F",
                            "Handbook of Finnish Plywood, sheet of 12 mm; thinner ones by their own row; value not yet checked"),
                    Map.entry(
                            "X",
                            "EN 1999-1-1, table 3.2b, MIG, walls up to 3 mm; value not yet checked"),
                    Map.entry("O", "EN 12369-1, OSB/3 of 6 to 10 mm; value not yet checked"),
                    Map.entry(
                            "L",
                            "foil faces, nearly vapour-tight: sd about 500 m for 50 mm; common practice"),
                    Map.entry(
                            "T",
                            "makers' sheets of structural polyester foam of 100 kg/m³ (ISO 844, ASTM C273); common practice"),
                    Map.entry(
                            "C",
                            "makers' sheets of end-grain balsa of 150 kg/m³ (ASTM C365, C273); common practice"),
                    Map.entry("H", "makers' sheets of hardboard, 20 to 30; common practice"),
                    Map.entry("P", "common practice"));

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
                String[] cell = cells[i].split(":");
                String letter = cell.length > 1 ? cell[1] : heading[1];
                values.put(
                        Property.valueOf(heading[0]),
                        new Sourced(Double.parseDouble(cell[0]), SOURCES.get(letter)));
            }
        }
        return new Material(cells[0], cells[1], kind, values);
    }
}
