package pteron.core.plan;

import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.quantity.PlainText;
import pteron.core.quantity.Require;

/**
 * A wall inside the box. Immutable.
 *
 * @param name what the builder calls it, not blank
 * @param run across the box or along it
 * @param placeMm across: its front face behind the box's front face; along: its left face to the right of the box's middle
 *     (mm), {@link PlanLimits#PARTITION_PLACE}
 * @param fromMm along: where it begins behind the box's front face (mm); before the room it begins at the front wall
 * @param toMm along: where it ends (mm); behind the room it ends at the rear wall
 * @param build its layers from the front or the left: first skin, filling between members, second skin
 * @param hold what holds it
 */
public record Partition(
        String name, Run run, double placeMm, double fromMm, double toMm, Framed build, Hold hold) {

    /** Most partitions of a box. */
    public static final int MOST = 8;

    /** Which way a partition runs. */
    public enum Run {
        /** From side wall to side wall. */
        ACROSS,
        /** From front to rear, or a part of that. */
        ALONG
    }

    /** What holds a partition. */
    public enum Hold {
        /** Screwed to floor, walls and roof, timber behind all of them. */
        SCREWED,
        /** Floor and ceiling hold it; at the walls it is free, so that they may grow. */
        FLOOR_AND_CEILING,
        /** Tabs of its panels in pockets of walls, floor and roof. */
        TABS
    }

    /** Two thin sheets on light studs. */
    private static final Framed LIGHT =
            new Framed(
                    new Layer("poplar-ply", 5),
                    new Layer("xps", 38),
                    new Layer("poplar-ply", 5),
                    new Members(new Section(38, 38), 500, "c24"));

    /** Checks name and places. */
    public Partition {
        if (name.isBlank()) {
            throw new IllegalArgumentException("name is empty; give the partition a name");
        }
        PlainText.require("name of a partition", name);
        Require.within("place of " + name, placeMm, PlanLimits.PARTITION_PLACE);
        Require.within("start of " + name, fromMm, PlanLimits.PARTITION_PLACE);
        Require.within("end of " + name, toMm, PlanLimits.PARTITION_PLACE);
        if (toMm < fromMm) {
            throw new IllegalArgumentException(
                    "%s ends at [%s] mm, before it begins at %s mm; let it end behind that"
                            .formatted(name, toMm, fromMm));
        }
    }

    /** {@return a light partition across a box} */
    public static Partition across(String name, double placeMm) {
        return new Partition(
                name,
                Run.ACROSS,
                placeMm,
                PlanLimits.PARTITION_PLACE.least(),
                PlanLimits.PARTITION_PLACE.most(),
                LIGHT,
                Hold.SCREWED);
    }

    /** {@return a light partition along a box} */
    public static Partition along(String name, double placeMm) {
        return across(name, placeMm).withRun(Run.ALONG);
    }

    /** {@return its thickness (mm)} */
    public double thicknessMm() {
        return build.thicknessMm();
    }

    /** {@return this under another name} */
    public Partition withName(String other) {
        return new Partition(other, run, placeMm, fromMm, toMm, build, hold);
    }

    /** {@return this running the other way} */
    public Partition withRun(Run other) {
        return new Partition(name, other, placeMm, fromMm, toMm, build, hold);
    }

    /** {@return this elsewhere} */
    public Partition withPlace(double otherMm) {
        return new Partition(name, run, otherMm, fromMm, toMm, build, hold);
    }

    /** {@return this from one place to another} */
    public Partition withStretch(double otherFromMm, double otherToMm) {
        return new Partition(name, run, placeMm, otherFromMm, otherToMm, build, hold);
    }

    /** {@return this of other layers} */
    public Partition withBuild(Framed other) {
        return new Partition(name, run, placeMm, fromMm, toMm, other, hold);
    }

    /** {@return this held in another way} */
    public Partition withHold(Hold other) {
        return new Partition(name, run, placeMm, fromMm, toMm, build, other);
    }
}
