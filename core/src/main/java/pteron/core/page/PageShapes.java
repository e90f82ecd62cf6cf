package pteron.core.page;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pteron.core.drawing.Dimension;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.LabelPlacer;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.drawing.Shape;
import pteron.core.drawing.Shape.Lettering;
import pteron.core.drawing.Shape.Lettering.Stand;
import pteron.core.drawing.View;
import pteron.core.frame.Member;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;

/**
 * Draws the page of a panel: its members with their numbers, sills and heads, running dimensions from the zero, and under
 * them the plates side by side with the line of every upright.
 *
 * <p>Letters are drawn to scale, so that what was placed clear of each other stays so at every zoom and on paper.
 */
public final class PageShapes {

    /** Letters over the width of what is drawn: about 8 points on a lying A4 page; common practice. */
    private static final double LETTERS_TO_WIDTH = 1 / 62.0;

    /** Letters over the height of what is drawn. */
    private static final double LETTERS_TO_HEIGHT = 1 / 32.0;

    /** Smallest letters (mm of the box): a short panel is not drawn with letters larger than its timber. */
    private static final double LEAST_LETTERS = 14;

    /** Where along a member its number is tried, as shares of its length. */
    private static final double[] ALONG = {0.5, 0.35, 0.65, 0.2, 0.8, 0.1, 0.9};

    /** How far beside a member its number is tried, in rings. */
    private static final double[] BESIDE = {0.8, 1.4, 2.2, 3.2, 4.5, 6};

    /** How far off its line beyond the end of a member its number is tried, in rings. */
    private static final double[] LEANS = {0, -1.5, 1.5, -3, 3};

    private final FramePage page;
    private final UnitSystem units;
    private final double letters;
    private final Bounds2 room;
    private final LabelPlacer placer;
    private final List<Shape> shapes = new ArrayList<>();
    private final List<Integer> unplaced = new ArrayList<>();
    private double lowest;

    private PageShapes(FramePage page, UnitSystem units) {
        this.page = page;
        this.units = units;
        this.room = around(flat().map(piece -> piece.member().bounds()).toList());
        this.letters =
                Math.max(
                        LEAST_LETTERS,
                        Math.max(
                                room.width() * LETTERS_TO_WIDTH,
                                room.height() * LETTERS_TO_HEIGHT));
        List<Polygon2> timber = flat().map(piece -> piece.member().profile()).toList();
        this.placer = new LabelPlacer(room.grown(6 * letters), timber);
        this.lowest = room.fromV();
    }

    private java.util.stream.Stream<Piece> flat() {
        return page.pieces().stream().filter(piece -> piece.member().panel().equals(page.panel()));
    }

    private static Bounds2 around(List<Bounds2> all) {
        return new Bounds2(
                all.stream().mapToDouble(Bounds2::fromU).min().orElse(0),
                all.stream().mapToDouble(Bounds2::toU).max().orElse(1),
                all.stream().mapToDouble(Bounds2::fromV).min().orElse(0),
                all.stream().mapToDouble(Bounds2::toV).max().orElse(1));
    }

    /**
     * A drawn page. Immutable.
     *
     * @param drawing the drawing
     * @param unplaced numbers for which it has no room; the list beside it has them
     */
    public record Drawn(Drawing drawing, List<Integer> unplaced) {

        /** Copies the list. */
        public Drawn {
            unplaced = List.copyOf(unplaced);
        }
    }

    /** {@return the drawing of a page, in the units of the plan} */
    public static Drawn of(FramePage page, UnitSystem units) {
        return new PageShapes(page, units).drawn();
    }

    private Drawn drawn() {
        title();
        page.openings().forEach(this::opening);
        flat().forEach(this::member);
        running();
        page.plates().stream()
                .sorted(
                        Comparator.comparingDouble(
                                plates -> -plates.plate().member().bounds().fromV()))
                .forEach(this::plate);
        caption();
        flat().sorted(Comparator.comparingDouble(piece -> piece.member().lengthMm()))
                .forEach(this::number);
        Bounds2 whole = new Bounds2(room.fromU(), room.toU(), lowest, room.toV());
        List<Bounds2> all = new ArrayList<>(placer.taken());
        all.add(whole);
        Bounds2 bounds = around(all);
        return new Drawn(
                new Drawing(View.FRAMES, shapes, overall(bounds), List.of(), bounds), unplaced);
    }

    private void title() {
        String seen = page.fromOutside() ? ", seen from outside" : ", seen from inside";
        line(page.title() + seen, 4.4);
        if (!page.openings().isEmpty()) {
            line("sills and heads from the top of the bottom plate", 3.1);
        }
    }

    private void caption() {
        if (page.plates().isEmpty()) {
            return;
        }
        Lettering caption =
                new Lettering(
                        new Point2(room.fromU(), lowest - 1.2 * letters),
                        "figures reach to the nearer face of a stud; it stands on the X",
                        letters,
                        Stand.BEGINS);
        shapes.add(caption);
        placer.take(caption.room());
        lowest = caption.room().fromV();
    }

    private void line(String words, double up) {
        Point2 at = new Point2(room.fromU(), room.toV() + up * letters);
        Lettering line = new Lettering(at, words, letters, Stand.BEGINS);
        shapes.add(line);
        placer.take(line.room());
    }

    private List<Dimension> overall(Bounds2 bounds) {
        Point2 topLeft = new Point2(room.fromU(), room.toV());
        Point2 topRight = new Point2(room.toU(), room.toV());
        Point2 right = new Point2(room.toU(), room.fromV());
        return List.of(
                new Dimension(
                        "", topLeft, topRight, Dimension.Side.TOP, 0, room.width(), bounds.toV()),
                new Dimension(
                        "", right, topRight, Dimension.Side.RIGHT, 0, room.height(), bounds.toU()));
    }

    private void member(Piece piece) {
        Member member = piece.member();
        shapes.add(
                new Shape.Area(
                        member.profile().corners(),
                        Matter.ofMember(member.section().isTube()),
                        member.name(),
                        0));
    }

    /** Name and size in the middle; sill and head beside the nearer trimmer, counted from the bottom plate. */
    private void opening(OpeningHeights one) {
        double from = page.zero().u() + one.fromZeroMm();
        double head = page.zero().v() + one.headMm();
        double low = head - one.heightMm();
        if (!room.grown(letters).surrounds(new Bounds2(from, from + one.widthMm(), low, head))) {
            return;
        }
        double middle = from + one.widthMm() / 2;
        List<Lettering> words = new ArrayList<>();
        double edge = from + letters / 2;
        words.add(
                new Lettering(
                        new Point2(edge, head - letters),
                        text(one.headMm()),
                        letters,
                        Stand.BEGINS));
        one.sillMm()
                .ifPresent(
                        sill ->
                                words.add(
                                        new Lettering(
                                                new Point2(edge, low + letters),
                                                text(sill),
                                                letters,
                                                Stand.BEGINS)));
        double up = (head + low) / 2;
        words.add(
                new Lettering(
                        new Point2(middle, up + 0.7 * letters),
                        one.name(),
                        letters,
                        Stand.CENTRED));
        words.add(
                new Lettering(
                        new Point2(middle, up - 0.7 * letters),
                        text(one.widthMm()) + " × " + text(one.heightMm()),
                        letters,
                        Stand.CENTRED));
        words.forEach(this::letter);
    }

    private String text(double mm) {
        return LengthText.format(mm, units);
    }

    /** Draws words where nothing else is; what has no room stands in the list. */
    private void letter(Lettering words) {
        if (placer.place(List.of(words.room())).isPresent()) {
            shapes.add(words);
        }
    }

    private void number(Piece piece) {
        String text = String.valueOf(piece.number());
        double ring = new Lettering(new Point2(0, 0), text, letters, Stand.RINGED).ringMm();
        List<Spot> spots = spots(piece.member(), ring);
        Optional<Bounds2> free = placer.place(spots.stream().map(spot -> spot.room(ring)).toList());
        if (free.isEmpty()) {
            unplaced.add(piece.number());
            return;
        }
        Spot spot =
                spots.stream()
                        .filter(one -> one.room(ring).equals(free.get()))
                        .findFirst()
                        .orElseThrow();
        Point2 away = spot.on.minus(spot.at);
        Point2 edge = spot.at.plus(away.unit().times(ring / 2));
        shapes.add(new Shape.Line(List.of(edge, spot.on), LineKind.HELP));
        shapes.add(new Lettering(spot.at, text, letters, Stand.RINGED));
    }

    /** A place for a number, and the point of the member that it leads to. */
    private record Spot(Point2 at, Point2 on) {
        Bounds2 room(double ring) {
            return new Bounds2(
                    at.u() - ring / 2, at.u() + ring / 2, at.v() - ring / 2, at.v() + ring / 2);
        }
    }

    private static List<Spot> spots(Member member, double ring) {
        Point2 axis = member.axis();
        Point2 side = axis.leftNormal();
        double low = -member.profile().reach(axis.times(-1));
        double high = member.profile().reach(axis);
        double across = (member.profile().reach(side) - member.profile().reach(side.times(-1))) / 2;
        double half = member.section().thicknessMm() / 2;
        List<Spot> spots = new ArrayList<>();
        for (double beside : BESIDE) {
            for (double share : ALONG) {
                Point2 on = axis.times(low + share * (high - low)).plus(side.times(across));
                for (int way : new int[] {-1, 1}) {
                    Point2 at = on.plus(side.times(way * (half + beside * ring)));
                    spots.add(new Spot(at, on));
                }
            }
            Point2 middle = axis.times((low + high) / 2).plus(side.times(across));
            for (double lean : LEANS) {
                for (int way : new int[] {-1, 1}) {
                    Point2 out = axis.times(way * ((high - low) / 2 + (beside + 1) * ring));
                    spots.add(new Spot(middle.plus(out).plus(side.times(lean * ring)), middle));
                }
            }
        }
        return spots;
    }

    /** A row of figures under the panel: from the zero to the nearer face of each upright. */
    private void running() {
        double line = room.fromV() - 1.2 * letters;
        double zero = page.zero().u();
        List<Double> faces =
                flat().filter(piece -> piece.member().isUpright())
                        .map(Piece::fromZeroMm)
                        .map(mm -> Math.rint(mm * 100) / 100)
                        .distinct()
                        .sorted()
                        .toList();
        shapes.add(
                new Shape.Line(
                        List.of(
                                new Point2(Math.min(zero, room.fromU()), line),
                                new Point2(room.toU(), line)),
                        LineKind.HELP));
        placer.take(thin(Math.min(zero, room.fromU()), room.toU(), line, line));
        List<Double> taken = new ArrayList<>();
        for (double face : faces) {
            double u = zero + face;
            Lettering figure = figure(u, line, text(face), taken);
            shapes.add(
                    new Shape.Line(
                            List.of(
                                    new Point2(u, room.fromV()),
                                    new Point2(u, figure.room().toV())),
                            LineKind.HELP));
            shapes.add(figure);
            placer.take(figure.room());
            placer.take(thin(u, u, figure.room().toV(), room.fromV()));
            lowest = Math.min(lowest, figure.room().fromV());
        }
        Lettering hook =
                new Lettering(
                        new Point2(Math.min(zero, room.fromU()) - letters, line),
                        "hook the tape here: 0",
                        letters,
                        Stand.ENDS);
        shapes.add(hook);
        placer.take(hook.room());
    }

    /** {@return the room of a line, a hair wide} */
    private Bounds2 thin(double fromU, double toU, double fromV, double toV) {
        double hair = letters / 20;
        return new Bounds2(fromU - hair, toU + hair, fromV - hair, toV + hair);
    }

    /** {@return a figure under the line in the first row with room for it} */
    private Lettering figure(double u, double line, String text, List<Double> taken) {
        for (int row = 0; ; row++) {
            Lettering figure =
                    new Lettering(
                            new Point2(u, line - (1.1 + 1.3 * row) * letters),
                            text,
                            letters,
                            Stand.CENTRED);
            if (row == taken.size()) {
                taken.add(Double.NEGATIVE_INFINITY);
            }
            if (taken.get(row) < figure.room().fromU()) {
                taken.set(row, figure.room().toU());
                return figure;
            }
        }
    }

    /** A plate laid flat under the figures, the line of each upright on it and the X where it stands. */
    private void plate(PlateMarks plates) {
        Member plate = plates.plate().member();
        double high = 1.6 * letters;
        double top = lowest - 1.5 * letters;
        double from = plate.bounds().fromU();
        double to = from + plate.lengthMm();
        Bounds2 bar = new Bounds2(from, to, top - high, top);
        shapes.add(
                new Shape.Area(
                        Polygon2.rectangle(bar).corners(),
                        Matter.ofMember(plate.section().isTube()),
                        plate.name(),
                        0));
        placer.take(bar);
        List<PlateMarks.Mark> marks = plates.marks();
        double free = bar.fromU();
        for (int i = 0; i < marks.size(); i++) {
            double next = i + 1 < marks.size() ? from + marks.get(i + 1).alongMm() : bar.toU();
            free = mark(marks.get(i), bar, free, next);
        }
        Lettering name =
                new Lettering(
                        new Point2(Math.min(from, room.fromU()) - letters, top - high / 2),
                        plates.plate().kind() + " " + plates.plate().number(),
                        letters,
                        Stand.ENDS);
        shapes.add(name);
        placer.take(name.room());
        lowest = top - high;
    }

    /** Draws the line and the X, the number behind it, else before it, else over it. */
    private double mark(PlateMarks.Mark mark, Bounds2 bar, double free, double next) {
        double near = bar.fromU() + mark.alongMm();
        double far = near + mark.widthMm();
        line(near, bar.fromV(), near, bar.toV());
        line(near, bar.fromV(), far, bar.toV());
        line(near, bar.toV(), far, bar.fromV());
        line(far, bar.fromV(), far, bar.toV());
        double middle = (bar.fromV() + bar.toV()) / 2;
        String text = String.valueOf(mark.number());
        Lettering behind =
                new Lettering(new Point2(far + letters / 5, middle), text, letters, Stand.BEGINS);
        if (behind.room().toU() <= next) {
            shapes.add(behind);
            return behind.room().toU();
        }
        Lettering before =
                new Lettering(new Point2(near - letters / 5, middle), text, letters, Stand.ENDS);
        if (before.room().fromU() >= free) {
            shapes.add(before);
        } else {
            letter(
                    new Lettering(
                            new Point2((near + far) / 2, bar.toV() + 0.6 * letters),
                            text,
                            letters,
                            Stand.CENTRED));
        }
        return far;
    }

    private void line(double fromU, double fromV, double toU, double toV) {
        shapes.add(
                new Shape.Line(
                        List.of(new Point2(fromU, fromV), new Point2(toU, toV)), LineKind.HELP));
    }
}
