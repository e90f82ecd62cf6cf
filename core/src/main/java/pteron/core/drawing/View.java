package pteron.core.drawing;

import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.plan.Wall;

/** How the box is looked at. */
public enum View {
    /** Left side, from outside; the front is on the left. */
    LEFT("left", "Left side, seen from outside"),
    /** Right side, from outside; the front is on the right. */
    RIGHT("right", "Right side, seen from outside"),
    /** From ahead. */
    FRONT("front", "Front, seen from ahead"),
    /** From behind. */
    REAR("rear", "Rear, seen from behind"),
    /** Floor and carrier from above, the front on the left. */
    PLAN("plan", "Plan of the floor on the carrier"),
    /** Roof and nose from above, the front on the left. */
    ROOF("roof", "Roof, seen from above"),
    /** Side, strip, side and floor laid out flat, joined where they join. */
    UNFOLDED("unfolded", "The box unfolded: side, strip, side, floor"),
    /** The box on its carrier as a body that can be turned. */
    SOLID("solid", "Solid"),
    /** Floor, wall and roof cut through. */
    SECTION("section", "Cut through: temperature solid, dew point dashed"),
    /** All of them on one sheet. */
    ALL("all", "All views"),
    /** Walls inside, side by side. */
    INSIDE("inside", "Walls inside, seen from ahead or from the left");

    private final String key;
    private final String title;

    View(String key, String title) {
        this.key = key;
        this.title = title;
    }

    /** {@return its short name} */
    public String key() {
        return key;
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
            case LEFT, ALL, UNFOLDED, SOLID, SECTION, INSIDE -> new Point2(point.x(), up);
            case RIGHT -> new Point2(-point.x(), up);
            case FRONT -> new Point2(-point.y(), up);
            case REAR -> new Point2(point.y(), up);
            case PLAN, ROOF -> new Point2(point.x(), point.y());
        };
    }
}
