package pteron.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import pteron.core.bought.FoundShell;
import pteron.core.material.Material;
import pteron.core.quantity.PlainText;
import pteron.core.quantity.UnitSystem;
import pteron.core.vehicle.Vehicle;

/**
 * What the builder decided or measured for one box. Immutable.
 *
 * @param name what the project is called, not blank
 * @param purpose what it is for, may be empty
 * @param units how lengths are shown
 * @param vehicle what the box stands on
 * @param box its outside shape and place
 * @param makeUp what floor, walls and roof are made of
 * @param openings doors and windows, each id once
 * @param partitions walls inside, at most {@link Partition#MOST}
 * @param found the shell that is there, empty where one is built
 * @param loads what the box must bear
 * @param limits what road and shop allow
 * @param climate the night that it must be warm and dry in
 * @param supplies bars, saw and sealant
 * @param materials the builder's own materials, each id once
 */
public record BoxPlan(
        String name,
        String purpose,
        UnitSystem units,
        Vehicle vehicle,
        Box box,
        MakeUp makeUp,
        List<Opening> openings,
        List<Partition> partitions,
        Optional<FoundShell> found,
        Loads loads,
        RoadLimits limits,
        Climate climate,
        Supplies supplies,
        List<Material> materials) {

    /**
     * Copies the lists.
     *
     * @throws IllegalArgumentException if the name is blank, or two openings or materials share an id
     */
    public BoxPlan {
        if (name.isBlank()) {
            throw new IllegalArgumentException("name is empty; give the project a name");
        }
        PlainText.require("name", name);
        PlainText.require("purpose", purpose);
        openings = List.copyOf(openings);
        partitions = List.copyOf(partitions);
        if (partitions.size() > Partition.MOST) {
            throw new IllegalArgumentException(
                    "partitions: there are [%d] and may be %d; leave some out"
                            .formatted(partitions.size(), Partition.MOST));
        }
        materials = List.copyOf(materials);
        requireDifferent("openings", openings.stream().map(Opening::id).toList());
        requireDifferent("materials", materials.stream().map(Material::id).toList());
    }

    private static void requireDifferent(String what, List<String> ids) {
        if (ids.stream().distinct().count() < ids.size()) {
            throw new IllegalArgumentException(
                    "%s share an id; give each one an id of its own".formatted(what));
        }
    }

    /** A plan being changed. */
    private static final class Copy {
        private String name;
        private UnitSystem units;
        private Vehicle vehicle;
        private Box box;
        private MakeUp makeUp;
        private List<Opening> openings;
        private List<Partition> partitions;
        private Optional<FoundShell> found;
        private Loads loads;
        private RoadLimits limits;
        private Climate climate;
        private Supplies supplies;
        private List<Material> materials;
        private final String purpose;

        Copy(BoxPlan plan) {
            name = plan.name;
            purpose = plan.purpose;
            units = plan.units;
            vehicle = plan.vehicle;
            box = plan.box;
            makeUp = plan.makeUp;
            openings = plan.openings;
            partitions = plan.partitions;
            found = plan.found;
            loads = plan.loads;
            limits = plan.limits;
            climate = plan.climate;
            supplies = plan.supplies;
            materials = plan.materials;
        }

        BoxPlan done() {
            return new BoxPlan(
                    name,
                    purpose,
                    units,
                    vehicle,
                    box,
                    makeUp,
                    openings,
                    partitions,
                    found,
                    loads,
                    limits,
                    climate,
                    supplies,
                    materials);
        }
    }

    /** {@return this plan under another name} */
    public BoxPlan withName(String other) {
        Copy copy = new Copy(this);
        copy.name = other;
        return copy.done();
    }

    /** {@return this plan read in other units; no figure changes} */
    public BoxPlan withUnits(UnitSystem other) {
        Copy copy = new Copy(this);
        copy.units = other;
        return copy.done();
    }

    /** {@return this plan on another vehicle} */
    public BoxPlan withVehicle(Vehicle other) {
        Copy copy = new Copy(this);
        copy.vehicle = other;
        return copy.done();
    }

    /** {@return this plan with another shape or place} */
    public BoxPlan withBox(Box other) {
        Copy copy = new Copy(this);
        copy.box = other;
        return copy.done();
    }

    /** {@return this plan made of other things} */
    public BoxPlan withMakeUp(MakeUp other) {
        Copy copy = new Copy(this);
        copy.makeUp = other;
        return copy.done();
    }

    /** {@return this plan with other openings} */
    public BoxPlan withOpenings(List<Opening> other) {
        Copy copy = new Copy(this);
        copy.openings = other;
        return copy.done();
    }

    /** {@return this plan with other walls inside} */
    public BoxPlan withPartitions(List<Partition> other) {
        Copy copy = new Copy(this);
        copy.partitions = other;
        return copy.done();
    }

    /** {@return this plan in another shell that is there, or anew} */
    public BoxPlan withFound(Optional<FoundShell> other) {
        Copy copy = new Copy(this);
        copy.found = other;
        return copy.done();
    }

    /** {@return this plan under other loads} */
    public BoxPlan withLoads(Loads other) {
        Copy copy = new Copy(this);
        copy.loads = other;
        return copy.done();
    }

    /** {@return this plan on other roads or in another shop} */
    public BoxPlan withLimits(RoadLimits other) {
        Copy copy = new Copy(this);
        copy.limits = other;
        return copy.done();
    }

    /** {@return this plan in another night} */
    public BoxPlan withClimate(Climate other) {
        Copy copy = new Copy(this);
        copy.climate = other;
        return copy.done();
    }

    /** {@return this plan with other supplies} */
    public BoxPlan withSupplies(Supplies other) {
        Copy copy = new Copy(this);
        copy.supplies = other;
        return copy.done();
    }

    /** {@return this plan with other materials of the builder's own} */
    public BoxPlan withMaterials(List<Material> other) {
        Copy copy = new Copy(this);
        copy.materials = other;
        return copy.done();
    }

    /**
     * {@return the opening with that id}
     *
     * @throws IllegalArgumentException if there is none
     */
    public Opening opening(String id) {
        return openings.stream()
                .filter(opening -> opening.id().equals(id))
                .findFirst()
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "there is no opening [%s]; the ids are %s"
                                                .formatted(
                                                        id,
                                                        openings.stream()
                                                                .map(Opening::id)
                                                                .toList())));
    }

    /** {@return this plan with one opening changed; an unknown id changes nothing} */
    public BoxPlan withOpening(String id, UnaryOperator<Opening> change) {
        List<Opening> changed = new ArrayList<>(openings);
        changed.replaceAll(opening -> opening.id().equals(id) ? change.apply(opening) : opening);
        return withOpenings(changed);
    }
}
