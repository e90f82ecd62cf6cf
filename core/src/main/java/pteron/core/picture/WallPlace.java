package pteron.core.picture;

import pteron.core.geometry.Point2;
import pteron.core.plan.Wall;

/**
 * A place in a wall.
 *
 * @param wall the wall
 * @param place along and up, counted as those of its openings (mm)
 */
public record WallPlace(Wall wall, Point2 place) {}
