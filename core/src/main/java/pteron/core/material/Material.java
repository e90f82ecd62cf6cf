package pteron.core.material;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import pteron.core.quantity.PlainText;

/**
 * A generic material of the trade. Immutable.
 *
 * @param id short name that stays
 * @param name what a builder calls it
 * @param kind what it is used as
 * @param values its properties, each with its source
 */
public record Material(String id, String name, Kind kind, Map<Property, Sourced> values) {

    /** Copies the values, in the order of the properties. */
    public Material {
        PlainText.require("id of a material", id);
        PlainText.require("name of a material", name);
        EnumMap<Property, Sourced> copy = new EnumMap<>(Property.class);
        copy.putAll(values);
        values = Collections.unmodifiableMap(copy);
    }

    /** What a material is used as. */
    public enum Kind {
        /** Sawn timber of a strength class. */
        TIMBER,
        /** Wood-based panel. */
        BOARD,
        /** Foam, wool or another core. */
        FOAM,
        /** Metal, glass-fibre or composite sheet. */
        SHEET,
        /** Sealant out of a cartridge. */
        SEALANT,
        /** Tape from a roll. */
        TAPE,
        /** Metal for frames. */
        METAL,
        /** Film, felt or skin against water or vapour. */
        MEMBRANE,
        /** What is walked on. */
        FLOORING,
        /** Glue. */
        ADHESIVE
    }

    /**
     * A value with its source.
     *
     * @param value in the unit of the property
     * @param source standard, handbook or "common practice"
     */
    public record Sourced(double value, String source) {}

    /** {@return whether the property is known} */
    public boolean has(Property property) {
        return values.containsKey(property);
    }

    /**
     * {@return the value of a property, in its unit}
     *
     * @throws IllegalArgumentException if the library does not know it
     */
    public double value(Property property) {
        return sourced(property).value();
    }

    /**
     * {@return the value of a property with its source}
     *
     * @throws IllegalArgumentException if the library does not know it
     */
    public Sourced sourced(Property property) {
        Sourced sourced = values.get(property);
        if (sourced == null) {
            throw new IllegalArgumentException(
                    "%s [%s] has no %s; choose a material that has one"
                            .formatted(name, id, property.label()));
        }
        return sourced;
    }

    /** {@return mean density (kg/m³)} */
    public double density() {
        return value(Property.DENSITY);
    }
}
