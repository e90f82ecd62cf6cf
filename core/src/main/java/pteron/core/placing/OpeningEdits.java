package pteron.core.placing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import pteron.core.geometry.Bounds2;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.Opening.Place;
import pteron.core.plan.Opening.Size;
import pteron.core.plan.Wall;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;

/** Doors, windows and hatches added, taken away, doubled and moved. Pure functions. */
public final class OpeningEdits {

    private OpeningEdits() {}

    /** {@return the id that the next unit of a kind gets in a plan} */
    public static String nextId(BoxPlan plan, ShelfUnit unit) {
        return nextId(plan, unit.key());
    }

    private static String nextId(BoxPlan plan, String stem) {
        List<String> ids = plan.openings().stream().map(Opening::id).toList();
        int number = 1;
        String id = stem;
        while (ids.contains(id)) {
            number++;
            id = stem + "-" + number;
        }
        return id;
    }

    private static String nextName(BoxPlan plan, String stem) {
        List<String> names = plan.openings().stream().map(Opening::name).toList();
        int number = 1;
        String name = stem;
        while (names.contains(name)) {
            number++;
            name = stem + " " + number;
        }
        return name;
    }

    /** {@return the plan with a unit at a place, moved no farther than it takes to lie inside the wall} */
    public static BoxPlan added(BoxPlan plan, ShelfUnit unit, Wall wall, Place place) {
        boolean door = standsOnFloor(unit, wall);
        Place wanted = new Place(place.alongMm(), door ? 0 : place.sillMm());
        Place at =
                WallRoom.of(plan, wall).inside(size(plan, unit, wall), wanted, door).orElse(wanted);
        return with(plan, opening(plan, unit, wall, at));
    }

    /** {@return the cut-out of a unit in a wall, along it and across it: upright as it stands on the shelf} */
    public static Size size(BoxPlan plan, ShelfUnit unit, Wall wall) {
        boolean ofWall = unit.home() == ShelfUnit.Home.WALL;
        Size sold = unit.sold(plan.units()).size();
        return ofWall && WallRoom.isUpright(plan, wall) ? sold.turned() : sold;
    }

    /** {@return the cut-out of an opening that goes to another wall and stays upright} */
    private static Size size(BoxPlan plan, Opening old, Wall wall) {
        boolean turns = WallRoom.isUpright(plan, old.wall()) != WallRoom.isUpright(plan, wall);
        return turns ? old.size().turned() : old.size();
    }

    /** {@return the plan with a unit where it first finds room, the middle of a wall first} */
    public static BoxPlan added(BoxPlan plan, ShelfUnit unit, Wall wall) {
        return with(plan, opening(plan, unit, wall, roomFor(plan, unit, wall)));
    }

    private static Place roomFor(BoxPlan plan, ShelfUnit unit, Wall wall) {
        WallRoom room = WallRoom.of(plan, wall);
        Bounds2 all = room.shape().bounds();
        Size size = size(plan, unit, wall);
        double middle = all.middle().u() - size.widthMm() / 2;
        boolean door = standsOnFloor(unit, wall);
        boolean across = unit.home() == ShelfUnit.Home.ROOF || WallRoom.isUpright(plan, wall);
        double sill = across ? centred(all, size) : unit.sold(plan.units()).sillMm();
        Place wanted = new Place(onTape(middle, plan.units()), sill);
        return room.free(size, wanted, door, on(plan, wall))
                .or(() -> room.inside(size, wanted, door))
                .orElse(wanted);
    }

    /** A whole millimetre, or a half inch. */
    private static double onTape(double mm, UnitSystem units) {
        return units == UnitSystem.METRIC ? Math.rint(mm) : LengthText.onTape(mm, 2);
    }

    private static boolean standsOnFloor(ShelfUnit unit, Wall wall) {
        return unit.kind() == Opening.Kind.DOOR && wall.standsOnFloor();
    }

    private static double centred(Bounds2 room, Size size) {
        return Math.rint(room.middle().v() - size.heightMm() / 2);
    }

    /** {@return the longest piece of the roof, empty if the box has none} */
    public static Optional<Wall> longestRoof(BoxPlan plan) {
        return WallRoom.walls(plan).stream()
                .filter(wall -> wall.part() == Wall.Part.ROOF)
                .max(
                        Comparator.comparingDouble(
                                wall -> WallRoom.of(plan, wall).shape().bounds().width()));
    }

    private static List<Opening> on(BoxPlan plan, Wall wall) {
        return plan.openings().stream().filter(one -> one.wall().equals(wall)).toList();
    }

    private static Opening opening(BoxPlan plan, ShelfUnit unit, Wall wall, Place place) {
        return new Opening(
                nextId(plan, unit),
                nextName(plan, unit.name()),
                unit.kind(),
                wall,
                place,
                size(plan, unit, wall),
                UnitShelf.PLAY_MM,
                unit.massKg());
    }

    private static BoxPlan with(BoxPlan plan, Opening opening) {
        List<Opening> all = new ArrayList<>(plan.openings());
        all.add(opening);
        return plan.withOpenings(all);
    }

    /** {@return the plan without some openings; unknown ids change nothing} */
    public static BoxPlan without(BoxPlan plan, List<String> ids) {
        return plan.withOpenings(
                plan.openings().stream().filter(one -> !ids.contains(one.id())).toList());
    }

    /** {@return the plan with each of some openings a second time, where there is room beside it} */
    public static BoxPlan duplicated(BoxPlan plan, List<String> ids) {
        BoxPlan doubled = plan;
        for (String id : ids) {
            doubled = duplicated(doubled, plan.opening(id), plan.opening(id).wall());
        }
        return doubled;
    }

    private static BoxPlan duplicated(BoxPlan plan, Opening old, Wall wall) {
        Place beside =
                new Place(old.place().alongMm() + old.size().widthMm(), old.place().sillMm());
        boolean door = old.standsOnFloor();
        Place at =
                WallRoom.of(plan, wall)
                        .free(old.size(), beside, door, on(plan, wall))
                        .orElse(beside);
        return copied(plan, old, wall, at);
    }

    private static BoxPlan copied(BoxPlan plan, Opening old, Wall wall, Place at) {
        String stem = old.id().replaceAll("-\\d+$", "");
        return with(
                plan,
                new Opening(
                        nextId(plan, stem),
                        nextName(plan, old.name().replaceAll(" \\d+$", "")),
                        old.kind(),
                        wall,
                        at,
                        old.size(),
                        old.playMm(),
                        old.massKg()));
    }

    /** {@return the plan with some openings swapped end for end along their walls} */
    public static BoxPlan mirrored(BoxPlan plan, List<String> ids) {
        return changed(
                plan,
                ids,
                one -> {
                    Bounds2 wall = WallRoom.of(plan, one.wall()).shape().bounds();
                    double far = wall.toU() - (one.place().alongMm() - wall.fromU());
                    return one.withPlace(
                            new Place(far - one.size().widthMm(), one.place().sillMm()));
                });
    }

    /** {@return the wall that lies across the box; the same one for what faces up or down or slopes} */
    public static Wall opposite(Wall wall) {
        return switch (wall.part()) {
            case LEFT -> Wall.RIGHT;
            case RIGHT -> Wall.LEFT;
            case FRONT -> Wall.REAR;
            case REAR -> Wall.FRONT;
            default -> wall;
        };
    }

    /** {@return the plan with each of some openings a second time, straight across the box} */
    public static BoxPlan copiedAcross(BoxPlan plan, List<String> ids) {
        BoxPlan doubled = plan;
        for (String id : ids) {
            Opening old = plan.opening(id);
            Wall other = opposite(old.wall());
            doubled =
                    other.equals(old.wall())
                            ? acrossWithin(doubled, old)
                            : copied(doubled, old, other, old.place());
        }
        return doubled;
    }

    /** The same once more in one wall, as far from the right side as the first is from the left. */
    private static BoxPlan acrossWithin(BoxPlan plan, Opening old) {
        Bounds2 wall = WallRoom.of(plan, old.wall()).shape().bounds();
        boolean across = WallRoom.isAcross(plan, old.wall());
        Place at = old.place();
        double along = at.alongMm();
        double sill = at.sillMm();
        Place to =
                across
                        ? new Place(along, wall.fromV() + wall.toV() - sill - old.size().heightMm())
                        : new Place(wall.fromU() + wall.toU() - along - old.size().widthMm(), sill);
        return copied(plan, old, old.wall(), to);
    }

    /** {@return the plan with some openings in another wall, at the nearest place where there is room} */
    public static BoxPlan onWall(BoxPlan plan, List<String> ids, Wall wall) {
        BoxPlan moved = plan;
        for (String id : ids) {
            Opening old = moved.opening(id);
            if (!old.wall().equals(wall)) {
                boolean door = old.withWall(wall).standsOnFloor();
                WallRoom room = WallRoom.of(moved, wall);
                Size size = size(moved, old, wall);
                Place at =
                        room.free(size, old.place(), door, on(moved, wall))
                                .or(() -> room.inside(size, old.place(), door))
                                .orElse(old.place());
                moved =
                        moved.withOpening(
                                id, one -> one.withWall(wall).withSize(size).withPlace(at));
            }
        }
        return moved;
    }

    /**
     * {@return the plan with an opening under another name}
     *
     * @throws IllegalArgumentException if the name is blank or another opening has it
     */
    public static BoxPlan renamed(BoxPlan plan, String id, String name) {
        String plain = name.strip();
        if (plain.isEmpty()) {
            throw new IllegalArgumentException("The name is empty: enter one");
        }
        boolean taken =
                plan.openings().stream()
                        .anyMatch(
                                one ->
                                        !one.id().equals(id)
                                                && one.name()
                                                        .toLowerCase(Locale.ROOT)
                                                        .equals(plain.toLowerCase(Locale.ROOT)));
        if (taken) {
            throw new IllegalArgumentException(
                    "Another opening is called %s already: enter another name".formatted(plain));
        }
        return plan.withOpening(id, one -> one.withName(plain));
    }

    /** {@return the plan with some openings moved alike (mm)} */
    public static BoxPlan moved(BoxPlan plan, List<String> ids, double alongMm, double upMm) {
        return changed(
                plan,
                ids,
                one ->
                        one.withPlace(
                                new Place(
                                        one.place().alongMm() + alongMm,
                                        one.place().sillMm() + upMm)));
    }

    static BoxPlan changed(BoxPlan plan, List<String> ids, UnaryOperator<Opening> change) {
        List<Opening> changed = new ArrayList<>(plan.openings());
        changed.replaceAll(one -> ids.contains(one.id()) ? change.apply(one) : one);
        return plan.withOpenings(changed);
    }
}
