package pteron.core.plan;

import pteron.core.quantity.PlainText;
import pteron.core.quantity.Require;

/**
 * A door, window or hatch in a wall, the roof or another piece of the box. Immutable.
 *
 * @param id short name that stays, each once in a plan
 * @param name what the builder calls it
 * @param kind door, window, baggage door or hatch
 * @param wall which wall or other piece of the box
 * @param place where the cut-out lies
 * @param size how large the cut-out is
 * @param playMm gap between the frame's timber and the unit on each side (mm)
 * @param massKg of the unit (kg)
 * @param source whether the unit is new or there already
 */
public record Opening(
        String id,
        String name,
        Kind kind,
        Wall wall,
        Place place,
        Size size,
        double playMm,
        double massKg,
        Source source) {

    /**
     * Checks the ranges.
     *
     * @throws IllegalArgumentException if the id is blank or a number out of its range
     */
    public Opening {
        if (id.isBlank()) {
            throw new IllegalArgumentException("id of an opening is empty; give it a short name");
        }
        PlainText.require("id of an opening", id);
        PlainText.require("name of an opening", name);
        Require.within("play", playMm, PlanLimits.OPENING_PLAY);
        Require.within("mass of the unit", massKg, PlanLimits.OPENING_MASS);
    }

    /** A new unit. */
    public Opening(
            String id,
            String name,
            Kind kind,
            Wall wall,
            Place place,
            Size size,
            double playMm,
            double massKg) {
        this(id, name, kind, wall, place, size, playMm, massKg, Source.NEW);
    }

    /** Where the unit comes from. */
    public enum Source {
        /** It is bought and put in. */
        NEW,
        /** A bought shell has it: it weighs with the carrier, and is neither bought nor sealed. */
        THERE_ALREADY
    }

    /** What is put into the hole. */
    public enum Kind {
        /** One walks through it. */
        DOOR,
        /** Light and air. */
        WINDOW,
        /** One reaches in: a flap of a locker, a baggage door. */
        BAGGAGE_DOOR,
        /** Opens to serve, to climb out or to let air in. */
        HATCH
    }

    /**
     * Lower front corner of the cut-out; in walls across the box, its lower left corner when looking ahead; in the
     * roof, over a cab and on bends the left one of its corners where the piece begins.
     *
     * @param alongMm from the box's front face, or from its left side; in a roof and on a bend along it from where
     *     it begins: the front, the wall under it, its lower end (mm)
     * @param sillMm above the floor's top or, where the wall does not stand on it, its lower edge, along the wall; in
     *     a roof and on a bend from the left side of the box (mm)
     */
    public record Place(double alongMm, double sillMm) {
        /** Checks the ranges. */
        public Place {
            Require.within("place along the wall", alongMm, PlanLimits.OPENING_PLACE);
            Require.within("sill height", sillMm, PlanLimits.OPENING_SILL);
        }
    }

    /**
     * Size of the cut-out.
     *
     * @param widthMm along the wall (mm)
     * @param heightMm up the wall (mm)
     */
    public record Size(double widthMm, double heightMm) {
        /** Checks the ranges. */
        public Size {
            Require.within("cut-out width", widthMm, PlanLimits.OPENING_SIZE);
            Require.within("cut-out height", heightMm, PlanLimits.OPENING_SIZE);
        }

        /** {@return the same with width for height} */
        public Size turned() {
            return new Size(heightMm, widthMm);
        }
    }

    /** {@return whether it is a door in a wall that stands on the floor} */
    public boolean standsOnFloor() {
        return kind == Kind.DOOR && wall.standsOnFloor();
    }

    /** {@return this opening under another name} */
    public Opening withName(String other) {
        return new Opening(id, other, kind, wall, place, size, playMm, massKg, source);
    }

    /** {@return this opening elsewhere} */
    public Opening withPlace(Place other) {
        return new Opening(id, name, kind, wall, other, size, playMm, massKg, source);
    }

    /** {@return this opening with another cut-out} */
    public Opening withSize(Size other) {
        return new Opening(id, name, kind, wall, place, other, playMm, massKg, source);
    }

    /** {@return this opening with more or less play} */
    public Opening withPlay(double otherMm) {
        return new Opening(id, name, kind, wall, place, size, otherMm, massKg, source);
    }

    /** {@return this opening with a lighter or heavier unit} */
    public Opening withMass(double otherKg) {
        return new Opening(id, name, kind, wall, place, size, playMm, otherKg, source);
    }

    /** {@return this opening in another wall} */
    public Opening withWall(Wall other) {
        return new Opening(id, name, kind, other, place, size, playMm, massKg, source);
    }

    /** {@return this opening with a unit from elsewhere} */
    public Opening withSource(Source other) {
        return new Opening(id, name, kind, wall, place, size, playMm, massKg, other);
    }

    /** {@return whether its unit is there already} */
    public boolean isThere() {
        return source == Source.THERE_ALREADY;
    }

    /** {@return what its unit adds to the box (kg)} */
    public double addedKg() {
        return isThere() ? 0 : massKg;
    }
}
