package pteron.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import pteron.core.quantity.UnitSystem;

/**
 * What the builder decided or measured for one box. Immutable.
 *
 * @param name what the project is called, not blank
 * @param purpose what it is for, may be empty
 * @param units how lengths are shown
 * @param trailer what the box stands on
 * @param box its outside shape and place
 * @param makeUp what floor, walls and roof are made of
 * @param openings doors and windows, each id once
 * @param loads what the box must bear, and the limits of the road
 * @param supplies bars, saw and sealant
 */
public record BoxPlan(
        String name,
        String purpose,
        UnitSystem units,
        Trailer trailer,
        Box box,
        MakeUp makeUp,
        List<Opening> openings,
        Loads loads,
        Supplies supplies) {

    /**
     * Copies the openings.
     *
     * @throws IllegalArgumentException if the name is blank or two openings share an id
     */
    public BoxPlan {
        if (name.isBlank()) {
            throw new IllegalArgumentException("name is empty; give the project a name");
        }
        openings = List.copyOf(openings);
        long different = openings.stream().map(Opening::id).distinct().count();
        if (different < openings.size()) {
            throw new IllegalArgumentException(
                    "openings share an id; give each door and window an id of its own");
        }
    }

    /** {@return this plan under another name} */
    public BoxPlan withName(String other) {
        return new BoxPlan(other, purpose, units, trailer, box, makeUp, openings, loads, supplies);
    }

    /** {@return this plan read in other units; no figure changes} */
    public BoxPlan withUnits(UnitSystem other) {
        return new BoxPlan(name, purpose, other, trailer, box, makeUp, openings, loads, supplies);
    }

    /** {@return this plan on another trailer} */
    public BoxPlan withTrailer(Trailer other) {
        return new BoxPlan(name, purpose, units, other, box, makeUp, openings, loads, supplies);
    }

    /** {@return this plan with another shape or place} */
    public BoxPlan withBox(Box other) {
        return new BoxPlan(name, purpose, units, trailer, other, makeUp, openings, loads, supplies);
    }

    /** {@return this plan made of other things} */
    public BoxPlan withMakeUp(MakeUp other) {
        return new BoxPlan(name, purpose, units, trailer, box, other, openings, loads, supplies);
    }

    /** {@return this plan with other openings} */
    public BoxPlan withOpenings(List<Opening> other) {
        return new BoxPlan(name, purpose, units, trailer, box, makeUp, other, loads, supplies);
    }

    /** {@return this plan under other loads} */
    public BoxPlan withLoads(Loads other) {
        return new BoxPlan(name, purpose, units, trailer, box, makeUp, openings, other, supplies);
    }

    /** {@return this plan with other supplies} */
    public BoxPlan withSupplies(Supplies other) {
        return new BoxPlan(name, purpose, units, trailer, box, makeUp, openings, loads, other);
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
