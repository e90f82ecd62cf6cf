package pteron.core.drawing;

import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.plan.Wall;

/** How the box is looked at. */
public enum View {
    /** Left side, from outside; the front is on the left. */
    LEFT("left", "left", "Left side, seen from outside"),
    /** Right side, from outside; the front is on the right. */
    RIGHT("right", "right", "Right side, seen from outside"),
    /** From ahead. */
    FRONT("front", "front", "Front, seen from the front"),
    /** From behind. */
    REAR("rear", "rear", "Rear, seen from the rear"),
    /** Floor and carrier from above, the front on the left. */
    PLAN("plan", "floor", "Floor plan on the carrier"),
    /** Roof and nose from above, the front on the left. */
    ROOF("roof", "roof", "Roof, seen from above"),
    /** Side, strip, side and floor laid out flat, joined where they join. */
    UNFOLDED("unfolded", "flat", "Flat view: side, wrap, side, floor"),
    /** The box on its carrier as a body that can be turned. */
    SOLID("solid", "3D", "3D view"),
    /** Floor, wall and roof cut through. */
    SECTION("section", "section", "Section: temperature (solid line), dew point (dashed)"),
    /** All of them on one sheet. */
    ALL("all", "all", "All views"),
    /** Walls inside, side by side. */
    INSIDE("inside", "partitions", "Partitions, seen from the front or the left"),
    /** The frame of one panel with running dimensions, one panel at a time. */
    FRAMES("frames", "frames", "Frame drawing");

    private final String key;
    private final String label;
    private final String title;

    View(String key, String label, String title) {
        this.key = key;
        this.label = label;
        this.title = title;
    }

    /** {@return its stable key: {@code unfolded}} */
    public String key() {
        return key;
    }

    /** {@return what a builder calls it in a word: flat, 3D, partitions} */
    public String label() {
        return label;
    }

    /** {@return whether a word means this view: its key, or what a builder calls it} */
    public boolean isCalled(String word) {
        return key.equals(word) || label.equalsIgnoreCase(word);
    }

    /** {@return what it shows} */
    public String title() {
        return title;
    }

    /** {@return the view in which a wall is looked at} */
    public static View of(Wall wall) {
        return switch (wall.part()) {
            case LEFT -> LEFT;
            case RIGHT -> RIGHT;
            case FRONT, NOSE -> FRONT;
            case ROOF -> ROOF;
            case TAIL, REAR -> REAR;
            case UNDER -> PLAN;
            case PARTITION -> INSIDE;
        };
    }

    /** {@return whether one of the long sides is looked at} */
    public boolean isSide() {
        return this == LEFT || this == RIGHT;
    }

    /** {@return whether front or rear is looked at} */
    public boolean isEnd() {
        return this == FRONT || this == REAR;
    }

    /**
     * {@return where a point of the box lies in this view; on the sheet of all views, in the left one}
     *
     * @param point the point
     * @param deckHeightMm height of the deck over the ground (mm)
     */
    public Point2 project(Point3 point, double deckHeightMm) {
        double up = point.z() + deckHeightMm;
        return switch (this) {
            case LEFT, ALL, UNFOLDED, SOLID, SECTION, INSIDE, FRAMES -> new Point2(point.x(), up);
            case RIGHT -> new Point2(-point.x(), up);
            case FRONT -> new Point2(-point.y(), up);
            case REAR -> new Point2(point.y(), up);
            case PLAN, ROOF -> new Point2(point.x(), point.y());
        };
    }
}
