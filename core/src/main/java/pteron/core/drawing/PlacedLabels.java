package pteron.core.drawing;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import pteron.core.drawing.Dimension.Side;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;

/**
 * Finds a place for all words of a drawing, on the screen, on paper and in pictures alike: none lies on another, names of
 * members and weights lie on no member, window or door, all lie in the view. What finds no room is left out; the list
 * beside the drawing has it.
 */
public final class PlacedLabels {

    /** What no name of a member or weight may lie on. */
    private static final Set<Matter> KEPT_CLEAR =
            EnumSet.of(
                    Matter.TIMBER,
                    Matter.METAL,
                    Matter.STEEL,
                    Matter.GLASS,
                    Matter.DOOR,
                    Matter.TYRE);

    /** Width of the mark of a centre of gravity, over the height of words. */
    private static final double MARK = 1.3;

    /** How far words may stand outside of what is drawn, over their height. */
    private static final double MARGIN = 1.5;

    private final Drawing drawing;
    private final Letters letters;
    private final LabelPlacer placer;
    private final Bounds2 view;
    private final List<PlacedLabel> placed = new ArrayList<>();

    /** How large words are where they are written. */
    public interface Letters {
        /** {@return width of words (mm of the view)} */
        double wideMm(String text, Shape.Label.Kind kind);

        /** {@return height of a line (mm of the view)} */
        double highMm();
    }

    private PlacedLabels(Drawing drawing, Letters letters) {
        this.drawing = drawing;
        this.letters = letters;
        this.view = besideDimensions(drawing, MARGIN * letters.highMm());
        List<Polygon2> clear =
                each(Shape.Area.class)
                        .filter(area -> KEPT_CLEAR.contains(area.matter()))
                        .filter(area -> area.corners().size() > 2)
                        .map(area -> Polygon2.of(area.corners()))
                        .toList();
        List<Segment2> lines =
                each(Shape.Line.class)
                        .filter(line -> line.kind() == LineKind.OUTLINE)
                        .flatMap(line -> segments(line.points()))
                        .toList();
        Bounds2 sheet = drawing.bounds().grown(MARGIN * letters.highMm());
        this.placer = new LabelPlacer(sheet, clear, lines);
        double mark = letters.highMm() * MARK;
        each(Shape.Mark.class)
                .filter(one -> one.kind() == Shape.Mark.Kind.CENTRE_OF_GRAVITY)
                .forEach(one -> placer.take(LabelRooms.around(one.at(), mark, mark)));
    }

    private <T> Stream<T> each(Class<T> kind) {
        return drawing.shapes().stream().filter(kind::isInstance).map(kind::cast);
    }

    private static Stream<Segment2> segments(List<Point2> points) {
        return IntStream.range(1, points.size())
                .filter(i -> !points.get(i).equals(points.get(i - 1)))
                .mapToObj(i -> new Segment2(points.get(i - 1), points.get(i)));
    }

    /** {@return the rectangle round a drawing, larger where no dimensions stand} */
    private static Bounds2 besideDimensions(Drawing drawing, double margin) {
        Bounds2 b = drawing.bounds();
        return new Bounds2(
                b.fromU() - (drawing.rows(Side.LEFT) == 0 ? margin : 0),
                b.toU() + (drawing.rows(Side.RIGHT) == 0 ? margin : 0),
                b.fromV() - (drawing.rows(Side.BOTTOM) == 0 ? margin : 0),
                b.toV() + (drawing.rows(Side.TOP) == 0 ? margin : 0));
    }

    /** {@return the labels of a drawing that find room, in letters of a size} */
    public static List<PlacedLabel> of(Drawing drawing, Letters letters) {
        PlacedLabels labels = new PlacedLabels(drawing, letters);
        labels.each(Shape.Label.class).filter(label -> !mayMove(label)).forEach(labels::fixed);
        labels.each(Shape.Label.class).filter(PlacedLabels::mayMove).forEach(labels::movable);
        labels.each(Shape.MemberName.class).forEach(labels::member);
        return List.copyOf(labels.placed);
    }

    /** Words that have one place, over whatever is drawn there. */
    private void fixed(Shape.Label label) {
        double wide = wide(label);
        boolean fits = label.kind() != Shape.Label.Kind.NAME || wide <= label.roomMm();
        boolean begins = label.kind() == Shape.Label.Kind.NOTE;
        Point2 middle = begins ? label.at().plus(new Point2(wide / 2, 0)) : label.at();
        Bounds2 room = LabelRooms.around(middle, wide, letters.highMm());
        if (fits && placer.placeOver(room)) {
            placed.add(new PlacedLabel(label.text(), label.kind(), room, false, Optional.empty()));
        }
    }

    private static boolean mayMove(Shape.Label label) {
        return label.kind() == Shape.Label.Kind.WEIGHT || label.kind() == Shape.Label.Kind.UNIT;
    }

    /** Words on what they name where they fit, else round it with a line to it; those of a weight else on it. */
    private void movable(Shape.Label label) {
        double wide = wide(label);
        boolean fits = wide <= label.roomMm();
        Bounds2 on = LabelRooms.around(label.at(), wide, letters.highMm());
        boolean unit = label.kind() == Shape.Label.Kind.UNIT;
        if (fits && (unit ? placer.placeOver(on) : isClear(on))) {
            add(label, on, Optional.empty());
            return;
        }
        // between the views of a sheet stand dimensions
        boolean sheet = drawing.view() == View.ALL;
        Optional<Bounds2> round = sheet ? Optional.empty() : round(label.at(), wide);
        if (round.isPresent()) {
            add(label, round.get(), Optional.of(label.at()));
        } else if (!unit && isClear(on)) {
            add(label, on, Optional.empty());
        }
    }

    private boolean isClear(Bounds2 room) {
        return view.surrounds(room) && placer.isFree(room);
    }

    private void add(Shape.Label label, Bounds2 room, Optional<Point2> leader) {
        placer.take(room);
        placed.add(new PlacedLabel(label.text(), label.kind(), room, false, leader));
    }

    /** The name of a member beside it, of a sloping one with a line to it: in full, otherwise short. */
    private void member(Shape.MemberName name) {
        for (String text : List.of(name.text(), name.shortText())) {
            double wide = letters.wideMm(text, Shape.Label.Kind.NAME);
            Optional<Bounds2> room =
                    name.isSloping() ? round(name.middle(), wide) : beside(name, wide);
            if (room.isPresent()) {
                placer.take(room.get());
                boolean upward = name.isUpward() && !name.isSloping();
                Optional<Point2> leader =
                        name.isSloping() ? Optional.of(name.middle()) : Optional.empty();
                placed.add(
                        new PlacedLabel(text, Shape.Label.Kind.NAME, room.get(), upward, leader));
                return;
            }
        }
    }

    private Optional<Bounds2> beside(Shape.MemberName name, double wide) {
        return LabelRooms.beside(name, wide, letters.highMm()).stream()
                .filter(this::isClear)
                .findFirst();
    }

    /** {@return the nearest free room round a place, from which a line leads to it} */
    private Optional<Bounds2> round(Point2 at, double wide) {
        return LabelRooms.round(at, wide, letters.highMm()).stream()
                .filter(room -> isClear(room) && placer.isFree(new Segment2(at, room.middle())))
                .findFirst();
    }

    private double wide(Shape.Label label) {
        return letters.wideMm(label.text(), label.kind());
    }
}
