package pteron.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;

/**
 * Finds room for labels, one after the other: none lies on another, on a line of what is drawn, or out of the view.
 *
 * <p>What is placed first keeps its place. A label that finds no room is not placed; a table beside the drawing has it.
 */
public final class LabelPlacer {

    private final Bounds2 view;

    /** Share of its bounds that a shape fills when it is a rectangle, but for rounding. */
    private static final double RECTANGLE = 1 - 1e-9;

    private final List<Bounds2> rectangles = new ArrayList<>();
    private final List<Polygon2> slanted = new ArrayList<>();
    private final List<Line> lines;
    private final List<Bounds2> taken = new ArrayList<>();

    /**
     * A view without labels.
     *
     * @param view where labels may lie (mm)
     * @param drawn areas that they may not lie on
     * @param lines lines that they may not lie on
     */
    public LabelPlacer(Bounds2 view, List<Polygon2> drawn, List<Segment2> lines) {
        this.view = view;
        for (Polygon2 shape : drawn) {
            Bounds2 bounds = shape.bounds();
            if (shape.area() >= RECTANGLE * bounds.width() * bounds.height()) {
                rectangles.add(bounds);
            } else {
                // what is seen nearly edge on may cross itself
                slanted.add(shape.sound());
            }
        }
        this.lines = lines.stream().map(line -> new Line(line.bounds(), line)).toList();
    }

    /** A line with the rectangle round it: most words are far from it. */
    private record Line(Bounds2 bounds, Segment2 segment) {
        boolean crosses(Bounds2 room) {
            return room.touches(bounds) && segment.within(room).isPresent();
        }
    }

    /** Takes room that no later label gets. */
    public void take(Bounds2 room) {
        taken.add(room);
    }

    /** {@return whether a room is clear of all labels, whatever is drawn there; it is then taken} */
    public boolean placeOver(Bounds2 room) {
        boolean free = view.surrounds(room) && taken.stream().noneMatch(room::overlaps);
        if (free) {
            taken.add(room);
        }
        return free;
    }

    /** {@return the first of some rooms that is free, which is then taken; empty where none is} */
    public Optional<Bounds2> place(List<Bounds2> candidates) {
        Optional<Bounds2> free = candidates.stream().filter(this::isFree).findFirst();
        free.ifPresent(taken::add);
        return free;
    }

    /** {@return whether a room lies in the view, clear of what is drawn and of all labels} */
    public boolean isFree(Bounds2 room) {
        return view.surrounds(room)
                && taken.stream().noneMatch(room::overlaps)
                && rectangles.stream().noneMatch(room::overlaps)
                && lines.stream().noneMatch(line -> line.crosses(room))
                && slanted.stream().noneMatch(shape -> lies(room, shape));
    }

    private static boolean lies(Bounds2 room, Polygon2 shape) {
        return room.overlaps(shape.bounds()) && shape.sharedArea(Polygon2.rectangle(room)) > 0;
    }

    /** {@return whether a line crosses no label} */
    public boolean isFree(Segment2 leader) {
        return taken.stream().noneMatch(room -> leader.within(room).isPresent());
    }

    /** {@return the rooms that labels have taken, in the order they were placed} */
    public List<Bounds2> taken() {
        return List.copyOf(taken);
    }
}
