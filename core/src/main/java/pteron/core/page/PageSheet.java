package pteron.core.page;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import pteron.core.drawing.LabelPlacer;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.drawing.Shape;
import pteron.core.drawing.Shape.Lettering;
import pteron.core.drawing.Shape.Lettering.Stand;
import pteron.core.frame.Member;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;

/** The sheet that a page is drawn on: its shapes, and the room that is taken. Units of length are mm of the panel. */
final class PageSheet {

    /** Letters over the width of what is drawn: about 8 points on a lying A4 page; common practice. */
    private static final double LETTERS_TO_WIDTH = 1 / 62.0;

    /** Letters over the height of what is drawn. */
    private static final double LETTERS_TO_HEIGHT = 1 / 32.0;

    /** Smallest letters (mm): a short panel is not drawn with letters larger than its timber. */
    private static final double LEAST_LETTERS = 14;

    /** How far labels may lie outside of the panel, in letters. */
    private static final double MARGIN = 7;

    /** How far below it rows of figures and plates may reach, in letters. */
    private static final double BELOW = 60;

    private final FramePage page;
    private final UnitSystem units;
    private final Bounds2 room;
    private final double letters;
    private final LabelPlacer placer;
    private final List<Shape> shapes = new ArrayList<>();
    private double lowest;

    PageSheet(FramePage page, UnitSystem units) {
        this.page = page;
        this.units = units;
        this.room = around(flat().map(piece -> piece.member().bounds()).toList());
        double wanted =
                Math.max(room.width() * LETTERS_TO_WIDTH, room.height() * LETTERS_TO_HEIGHT);
        this.letters = Math.max(LEAST_LETTERS, wanted);
        List<Polygon2> timber = flat().map(piece -> piece.member().profile()).toList();
        this.placer = new LabelPlacer(sheet(), timber, List.of());
        this.lowest = room.fromV();
    }

    /** {@return where words may stand: round the panel, and far below it where rows and plates are drawn} */
    private Bounds2 sheet() {
        Bounds2 round = room.grown(MARGIN * letters);
        return new Bounds2(
                round.fromU(), round.toU(), round.fromV() - BELOW * letters, round.toV());
    }

    /** {@return the pieces that lie in the plane of the panel} */
    Stream<Piece> flat() {
        return page.pieces().stream().filter(piece -> piece.member().panel().equals(page.panel()));
    }

    static Bounds2 around(List<Bounds2> all) {
        return new Bounds2(
                all.stream().mapToDouble(Bounds2::fromU).min().orElse(0),
                all.stream().mapToDouble(Bounds2::toU).max().orElse(1),
                all.stream().mapToDouble(Bounds2::fromV).min().orElse(0),
                all.stream().mapToDouble(Bounds2::toV).max().orElse(1));
    }

    FramePage page() {
        return page;
    }

    /** {@return the rectangle round the members} */
    Bounds2 room() {
        return room;
    }

    double letters() {
        return letters;
    }

    LabelPlacer placer() {
        return placer;
    }

    List<Shape> shapes() {
        return shapes;
    }

    /** {@return how far down something is drawn} */
    double lowest() {
        return lowest;
    }

    void reachDown(double v) {
        lowest = Math.min(lowest, v);
    }

    String text(double mm) {
        return LengthText.format(mm, units);
    }

    Lettering words(double u, double v, String text, Stand stand) {
        return new Lettering(new Point2(u, v), text, letters, stand);
    }

    /** Draws words whose place is kept for them. */
    void write(Lettering words) {
        shapes.add(words);
        placer.take(words.room());
    }

    /** Draws words where nothing else is; what has no room stands in the list. */
    void writeIfFree(Lettering words) {
        if (placer.place(List.of(words.room())).isPresent()) {
            shapes.add(words);
        }
    }

    void line(double fromU, double fromV, double toU, double toV) {
        shapes.add(
                new Shape.Line(
                        List.of(new Point2(fromU, fromV), new Point2(toU, toV)), LineKind.HELP));
    }

    /** Draws a line level or upright that no label may lie on. */
    void keptLine(double fromU, double fromV, double toU, double toV) {
        line(fromU, fromV, toU, toV);
        double hair = letters / 20;
        placer.take(
                new Bounds2(
                        Math.min(fromU, toU) - hair,
                        Math.max(fromU, toU) + hair,
                        Math.min(fromV, toV) - hair,
                        Math.max(fromV, toV) + hair));
    }

    void timber(Member member, List<Point2> corners) {
        Matter matter = Matter.ofMember(member.section().isTube());
        shapes.add(new Shape.Area(corners, matter, member.name(), 0));
    }
}
