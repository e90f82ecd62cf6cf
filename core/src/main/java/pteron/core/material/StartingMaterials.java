package pteron.core.material;

import static pteron.core.material.Property.BEARING;
import static pteron.core.material.Property.BENDING;
import static pteron.core.material.Property.COMPRESSION;
import static pteron.core.material.Property.CONDUCTIVITY;
import static pteron.core.material.Property.DENSITY;
import static pteron.core.material.Property.MODULUS;
import static pteron.core.material.Property.SHEAR;
import static pteron.core.material.Property.SHEAR_MODULUS;
import static pteron.core.material.Property.SHEET_LENGTH;
import static pteron.core.material.Property.SHEET_WIDTH;
import static pteron.core.material.Property.TAPE_THICKNESS;
import static pteron.core.material.Property.TAPE_WIDTH;
import static pteron.core.material.Property.TENSION;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import pteron.core.material.Material.Kind;
import pteron.core.material.Material.Sourced;

/**
 * The generic materials that Pteron starts with. Timber classes are those of EN 338:2016 (from
 * memory); values of boards and foams are what makers of the generic kind commonly declare, on the
 * low side, and are to be replaced by the declared values of what is bought.
 */
final class StartingMaterials {

    private static final String EN338 = "EN 338:2016, from memory";
    private static final String ISO10456 = "ISO 10456, from memory";
    private static final String PRACTICE = "common practice";
    private static final String EN1993 = "EN 1993-1-1 3.2.6, from memory";
    private static final String EN1999 = "EN 1999-1-1 3.2.5, from memory";

    private StartingMaterials() {}

    static List<Material> all() {
        return List.of(
                timber("c16", "Softwood C16", 16, 8.5, 17, 2.2, 3.2, 8000, 500, 370),
                timber("c18", "Softwood C18", 18, 10, 18, 2.2, 3.4, 9000, 560, 380),
                timber("c24", "Softwood C24", 24, 14.5, 21, 2.5, 4.0, 11000, 690, 420),
                timber("c30", "Softwood C30", 30, 19, 24, 2.7, 4.0, 12000, 750, 460),
                timber("d30", "Hardwood D30", 30, 18, 24, 5.3, 3.9, 11000, 690, 640),
                board("birch-ply", "Birch plywood", 680, 9000, 40, 35, 26, 1250, 2500),
                board("spruce-ply", "Softwood plywood", 460, 7000, 22, 14, 15, 1220, 2440),
                board("poplar-ply", "Poplar plywood", 430, 5000, 20, 12, 12, 1220, 2520),
                board("okoume-ply", "Okoume plywood", 480, 5500, 24, 16, 16, 1220, 2500),
                board("hardboard", "Hardboard", 900, 4000, 30, 20, 20, 1220, 2440),
                foam("xps", "Extruded polystyrene", 33, 12, 4.5, 0.25, 0.30, 0.034),
                foam("eps", "Expanded polystyrene", 25, 7, 3.0, 0.15, 0.15, 0.035),
                foam("pir", "Polyisocyanurate, foil-faced", 32, 6, 2.5, 0.12, 0.14, 0.023),
                foam("pet-foam", "Polyester structural foam", 100, 70, 20, 0.80, 1.40, 0.034),
                foam("pvc-foam", "Vinyl structural foam", 80, 75, 25, 1.00, 1.20, 0.033),
                wool("wool-batt", "Mineral wool batt", 40, 0.037),
                sheet("aluminium", "Aluminium sheet", 2700, 70000, EN1999, 160, 1250, 2500),
                sheet(
                        "steel-sheet",
                        "Galvanised steel sheet",
                        7850,
                        210000,
                        EN1993,
                        50,
                        1250,
                        2500),
                sheet("grp-skin", "Glass-fibre skin", 1500, 8000, PRACTICE, 0.30, 2500, 6000),
                sheet(
                        "composite-sheet",
                        "Aluminium composite sheet",
                        1270,
                        40000,
                        PRACTICE,
                        0.4,
                        1250,
                        2500),
                sheet(
                        "ribbed-sheet",
                        "Ribbed aluminium sheet",
                        2900,
                        70000,
                        PRACTICE,
                        160,
                        1000,
                        2500),
                sealant("pu-sealant", "Polyurethane sealant", 1350),
                sealant("hybrid-sealant", "Hybrid sealant", 1500),
                tape("butyl-tape", "Butyl tape", 1500, 20, 3));
    }

    private static Material timber(
            String id,
            String name,
            double bending,
            double tension,
            double compression,
            double bearing,
            double shear,
            double modulus,
            double shearModulus,
            double density) {
        Map<Property, Sourced> values = values(EN338, DENSITY, density, MODULUS, modulus);
        values.putAll(values(EN338, BENDING, bending, TENSION, tension));
        values.putAll(values(EN338, COMPRESSION, compression, BEARING, bearing));
        values.putAll(values(EN338, SHEAR, shear, SHEAR_MODULUS, shearModulus));
        values.put(CONDUCTIVITY, new Sourced(0.13, ISO10456));
        return new Material(id, name, Kind.TIMBER, values);
    }

    private static Material board(
            String id,
            String name,
            double density,
            double modulus,
            double bending,
            double tension,
            double compression,
            double width,
            double length) {
        Map<Property, Sourced> values = values(PRACTICE, DENSITY, density, MODULUS, modulus);
        values.putAll(values(PRACTICE, BENDING, bending, TENSION, tension));
        values.put(COMPRESSION, new Sourced(compression, PRACTICE));
        values.put(CONDUCTIVITY, new Sourced(0.13, ISO10456));
        values.putAll(values(PRACTICE, SHEET_WIDTH, width, SHEET_LENGTH, length));
        return new Material(id, name, Kind.BOARD, values);
    }

    private static Material foam(
            String id,
            String name,
            double density,
            double modulus,
            double shearModulus,
            double shear,
            double crushing,
            double conductivity) {
        Map<Property, Sourced> values = values(PRACTICE, DENSITY, density, MODULUS, modulus);
        values.putAll(values(PRACTICE, SHEAR_MODULUS, shearModulus, SHEAR, shear));
        values.putAll(values(PRACTICE, COMPRESSION, crushing, CONDUCTIVITY, conductivity));
        values.putAll(values(PRACTICE, SHEET_WIDTH, 600, SHEET_LENGTH, 2500));
        return new Material(id, name, Kind.FOAM, values);
    }

    private static Material wool(String id, String name, double density, double conductivity) {
        return new Material(
                id,
                name,
                Kind.FOAM,
                values(PRACTICE, DENSITY, density, CONDUCTIVITY, conductivity));
    }

    private static Material sheet(
            String id,
            String name,
            double density,
            double modulus,
            String source,
            double conductivity,
            double width,
            double length) {
        Map<Property, Sourced> values = values(source, DENSITY, density, MODULUS, modulus);
        values.put(CONDUCTIVITY, new Sourced(conductivity, ISO10456));
        values.putAll(values(PRACTICE, SHEET_WIDTH, width, SHEET_LENGTH, length));
        return new Material(id, name, Kind.SHEET, values);
    }

    private static Material sealant(String id, String name, double density) {
        Map<Property, Sourced> values = new EnumMap<>(Property.class);
        values.put(DENSITY, new Sourced(density, PRACTICE));
        return new Material(id, name, Kind.SEALANT, values);
    }

    private static Material tape(
            String id, String name, double density, double width, double thickness) {
        Map<Property, Sourced> values =
                values(PRACTICE, TAPE_WIDTH, width, TAPE_THICKNESS, thickness);
        values.put(DENSITY, new Sourced(density, PRACTICE));
        return new Material(id, name, Kind.TAPE, values);
    }

    private static Map<Property, Sourced> values(
            String source, Property one, double valueOfOne, Property other, double valueOfOther) {
        Map<Property, Sourced> values = new EnumMap<>(Property.class);
        values.put(one, new Sourced(valueOfOne, source));
        values.put(other, new Sourced(valueOfOther, source));
        return values;
    }
}
