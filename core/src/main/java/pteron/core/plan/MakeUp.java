package pteron.core.plan;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import pteron.core.buildup.Alternative;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Section;

/**
 * What floor, walls and roof are made of. Immutable.
 *
 * @param floor sandwich floor
 * @param walls side walls, front, nose, tail and rear
 * @param roof roof
 * @param blocking section of the blocks behind sheet edges
 * @param bends how plates are made that follow a curve
 * @param assembly in which school its pieces are put together
 * @param joining how tubes and bonded panels are joined
 * @param alternatives other build-ups kept beside these, at most three of each part
 */
public record MakeUp(
        Floor floor,
        Framed walls,
        Framed roof,
        Section blocking,
        Bends bends,
        Assembly assembly,
        Joining joining,
        List<Alternative> alternatives) {

    /** How plates are made that follow a curve. */
    public enum Bends {
        /** Glued up of strips that are bent dry, one on the other. */
        GLUED,
        /** Sawn in pieces from a board, in two layers, the joints staggered. */
        SAWN,
        /** Sawn part way through many times and bent until the cuts close. */
        KERFED
    }

    /**
     * Copies the alternatives.
     *
     * @throws IllegalArgumentException if there are too many of a part
     */
    public MakeUp {
        alternatives = List.copyOf(alternatives);
        Map<Alternative.Part, Integer> count = new EnumMap<>(Alternative.Part.class);
        for (Alternative alternative : alternatives) {
            if (count.merge(alternative.part(), 1, Integer::sum) > Alternative.MOST) {
                throw new IllegalArgumentException(
                        "alternatives: there may be %d of a part; drop one before keeping [%s]"
                                .formatted(Alternative.MOST, alternative.name()));
            }
        }
    }

    /** A make-up with no alternatives. */
    public MakeUp(Floor floor, Framed walls, Framed roof, Section blocking) {
        this(floor, walls, roof, blocking, Bends.GLUED, Assembly.USUAL, Joining.USUAL, List.of());
    }

    /** {@return this make-up with another floor} */
    public MakeUp withFloor(Floor other) {
        return new MakeUp(other, walls, roof, blocking, bends, assembly, joining, alternatives);
    }

    /** {@return this make-up with other walls} */
    public MakeUp withWalls(Framed other) {
        return new MakeUp(floor, other, roof, blocking, bends, assembly, joining, alternatives);
    }

    /** {@return this make-up with another roof} */
    public MakeUp withRoof(Framed other) {
        return new MakeUp(floor, walls, other, blocking, bends, assembly, joining, alternatives);
    }

    /** {@return this make-up with other blocks} */
    public MakeUp withBlocking(Section other) {
        return new MakeUp(floor, walls, roof, other, bends, assembly, joining, alternatives);
    }

    /** {@return this make-up with its curved plates made in another way} */
    public MakeUp withBends(Bends other) {
        return new MakeUp(floor, walls, roof, blocking, other, assembly, joining, alternatives);
    }

    /** {@return this make-up put together in another school} */
    public MakeUp withAssembly(Assembly other) {
        return new MakeUp(floor, walls, roof, blocking, bends, other, joining, alternatives);
    }

    /** {@return this make-up with tubes and panels joined in another way} */
    public MakeUp withJoining(Joining other) {
        return new MakeUp(floor, walls, roof, blocking, bends, assembly, other, alternatives);
    }

    /** {@return this make-up with other alternatives} */
    public MakeUp withAlternatives(List<Alternative> other) {
        return new MakeUp(floor, walls, roof, blocking, bends, assembly, joining, other);
    }
}
