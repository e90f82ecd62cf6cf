package pteron.core.balance;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pteron.core.geometry.Point3;
import pteron.core.stage.Part;

/**
 * Parts of one wall, the roof, the floor, or one unit, weighed together. Immutable.
 *
 * @param name what it is
 * @param massKg its mass (kg), above 0
 * @param place where its weight sits
 * @param parts what it is made of
 */
public record WeightGroup(String name, double massKg, Point3 place, List<Part> parts) {

    /** {@return all groups of parts, in the order in which their first parts come} */
    public static List<WeightGroup> of(List<Part> parts) {
        Map<String, List<Part>> groups = new LinkedHashMap<>();
        for (Part part : parts) {
            if (part.massKg() > 0) {
                groups.computeIfAbsent(part.of(), of -> new ArrayList<>()).add(part);
            }
        }
        return groups.entrySet().stream().map(one -> of(one.getKey(), one.getValue())).toList();
    }

    private static WeightGroup of(String name, List<Part> parts) {
        double mass = parts.stream().mapToDouble(Part::massKg).sum();
        double x = parts.stream().mapToDouble(part -> part.massKg() * part.place().x()).sum();
        double y = parts.stream().mapToDouble(part -> part.massKg() * part.place().y()).sum();
        double z = parts.stream().mapToDouble(part -> part.massKg() * part.place().z()).sum();
        return new WeightGroup(
                name, mass, new Point3(x / mass, y / mass, z / mass), List.copyOf(parts));
    }

    /** {@return whether it is the carrier alone} */
    public boolean isCarrier() {
        return parts.getFirst().group() == Part.Group.CARRIER;
    }
}
