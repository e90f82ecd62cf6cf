package pteron.core.plan;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import pteron.core.quantity.Named;
import pteron.core.quantity.Require;

/**
 * A piece of the box that openings lie in: one of the side walls, or a piece of what runs over front, roof and
 * rear. Immutable.
 *
 * @param part what it is to the box
 * @param number which one, where the box has several of a part, counted from the front foot over the roof: 1 to
 *     {@value #MOST}
 */
public record Wall(Part part, int number) {

    /** Most pieces of one part. */
    public static final int MOST = 99;

    /** Left when looking ahead. */
    public static final Wall LEFT = new Wall(Part.LEFT, 1);

    /** Right when looking ahead. */
    public static final Wall RIGHT = new Wall(Part.RIGHT, 1);

    /** Towards the coupler. */
    public static final Wall FRONT = new Wall(Part.FRONT, 1);

    /** Away from the coupler. */
    public static final Wall REAR = new Wall(Part.REAR, 1);

    /** The first piece of the roof. */
    public static final Wall ROOF = new Wall(Part.ROOF, 1);

    /** A name: {@code roof}, {@code roof-2}. */
    private static final Pattern ID = Pattern.compile("([a-z]+)(?:-([1-9][0-9]?))?");

    /** What a piece is to the box. */
    public enum Part {
        /** Left when looking ahead. */
        LEFT,
        /** Right when looking ahead. */
        RIGHT,
        /** Rises from the front foot. */
        FRONT,
        /** Between front wall and roof; over a cab, the step wall and the lip too. */
        NOSE,
        /** Level or nearly so. */
        ROOF,
        /** Between roof and rear wall. */
        TAIL,
        /** Comes down to the rear foot. */
        REAR,
        /** Faces down over a cab. */
        UNDER,
        /** Stands inside the box. */
        PARTITION
    }

    /**
     * Checks the number.
     *
     * @throws IllegalArgumentException if it is out of its range; each side wall is there once
     */
    public Wall {
        int most = part == Part.LEFT || part == Part.RIGHT ? 1 : MOST;
        Require.within("number of the wall", number, new Require.Range(1, most, ""));
    }

    /** {@return its name: {@code left}, {@code roof}, {@code roof-2}} */
    public String id() {
        String name = Named.small(part);
        return number == 1 ? name : name + "-" + number;
    }

    /** {@return what a builder reads: {@code roof 2}} */
    public String label() {
        return id().replace('-', ' ');
    }

    /** {@return the wall of that name, empty if there can be none} */
    public static Optional<Wall> of(String id) {
        Matcher name = ID.matcher(id);
        if (!name.matches()) {
            return Optional.empty();
        }
        int number = name.group(2) == null ? 1 : Integer.parseInt(name.group(2));
        return Arrays.stream(Part.values())
                .filter(part -> Named.small(part).equals(name.group(1)))
                .filter(part -> number == 1 || !new Wall(part, 1).isSide())
                .map(part -> new Wall(part, number))
                .findFirst();
    }

    /** {@return the names of the parts, for a sentence} */
    public static List<String> names() {
        return Arrays.stream(Part.values()).map(Named::small).toList();
    }

    /** {@return whether it is one of the two side walls} */
    public boolean isSide() {
        return part == Part.LEFT || part == Part.RIGHT;
    }

    /** {@return whether doors can stand in it} */
    public boolean standsOnFloor() {
        return isSide() || part == Part.FRONT || part == Part.REAR || part == Part.PARTITION;
    }
}
