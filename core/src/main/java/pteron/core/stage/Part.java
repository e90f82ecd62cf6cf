package pteron.core.stage;

import java.util.List;
import java.util.Optional;
import pteron.core.figure.Working;
import pteron.core.geometry.Point3;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;

/**
 * Something that weighs. Immutable.
 *
 * @param name what it is
 * @param of the wall, roof, floor or unit that it is weighed with, as a builder reads it
 * @param group what it belongs to
 * @param massKg mass (kg), 0 or above
 * @param place where its weight sits
 * @param each what a cubic or a square metre of it weighs, empty where the mass was typed
 */
public record Part(
        String name, String of, Group group, double massKg, Point3 place, Optional<Quantity> each) {

    /** A part whose mass was typed or weighed, by itself. */
    public Part(String name, Group group, double massKg, Point3 place) {
        this(name, name, group, massKg, place, Optional.empty());
    }

    /** {@return how its mass came about} */
    public Working massWorking() {
        if (each.isEmpty()) {
            return Working.of("m = mass as typed or weighed")
                    .plan("m", name, Quantity.kg(massKg))
                    .source("the plan");
        }
        boolean area = each.get().unit() == Unit.KILOGRAM_PER_SQUARE_METRE;
        double amount = massKg / each.get().value();
        return area
                ? Working.of("m = A · m'")
                        .plan("A", "area as drawn", new Quantity(amount, Unit.SQUARE_METRE))
                        .material("m'", "mass of a square metre of its layers", each.get())
                        .source("densities from the material library")
                : Working.of("m = V · density")
                        .plan("V", "volume as drawn", new Quantity(amount, Unit.CUBIC_METRE))
                        .material("density", "of its material", each.get())
                        .source("the material library");
    }

    /** {@return how the mass of several parts came about} */
    public static Working massWorking(List<Part> parts) {
        Working.Builder working = Working.of("m = m1 + m2 + …");
        int number = 1;
        for (Part part : parts) {
            working.worked(
                    "m" + number++, part.name(), Quantity.kg(part.massKg()), part::massWorking);
        }
        return working.source("added up");
    }

    /** What a part belongs to. */
    public enum Group {
        /** The carrier. */
        CARRIER,
        /** Members. */
        FRAME,
        /** Sheets and floor faces. */
        SHEETS,
        /** Insulation and the core of the floor. */
        FOAM,
        /** Doors and windows. */
        OPENINGS,
        /** Sealant and tape. */
        SEALING,
        /** Layers that no sheet stands for: finish, membranes, expanding foam. */
        LAYERS,
        /** Faces of a box whose frame is not set out, weighed by area. */
        AREAS
    }
}
