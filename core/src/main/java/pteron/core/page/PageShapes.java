package pteron.core.page;

import java.util.ArrayList;
import java.util.List;
import pteron.core.drawing.Dimension;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Shape.Lettering.Stand;
import pteron.core.drawing.View;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.quantity.UnitSystem;

/**
 * Draws the page of a panel: its members with their numbers, sills and heads, running dimensions from the zero, and under
 * them the plates side by side with the line of every upright.
 *
 * <p>Letters are drawn to scale, so that what was placed clear of each other stays so at every zoom and on paper.
 */
public final class PageShapes {

    /** Length of the tick at a corner, along and up, in letters. */
    private static final double TICK = 0.8;

    private final PageSheet sheet;

    private PageShapes(PageSheet sheet) {
        this.sheet = sheet;
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
        return new PageShapes(new PageSheet(page, units)).drawn();
    }

    private Drawn drawn() {
        title();
        sheet.page().diagonals().ifPresent(this::diagonals);
        sheet.page().openings().forEach(this::opening);
        sheet.flat()
                .forEach(piece -> sheet.timber(piece.member(), piece.member().profile().corners()));
        new RunningRow(sheet).draw();
        new PlateBars(sheet).draw();
        List<Integer> unplaced = new PieceNumbers(sheet).draw();
        Bounds2 room = sheet.room();
        List<Bounds2> all = new ArrayList<>(sheet.placer().taken());
        all.add(new Bounds2(room.fromU(), room.toU(), sheet.lowest(), room.toV()));
        Bounds2 bounds = PageSheet.around(all);
        Drawing drawing =
                new Drawing(View.FRAMES, sheet.shapes(), overall(bounds), List.of(), bounds);
        return new Drawn(drawing, unplaced);
    }

    private void title() {
        FramePage page = sheet.page();
        String seen = page.fromOutside() ? ", seen from outside" : ", seen from inside";
        over(page.title() + seen, 5.7);
        if (!page.openings().isEmpty()) {
            over("sills and heads from the top of the bottom plate", 4.4);
        }
    }

    /** The corners that are measured from have a tick outside of them. */
    private void diagonals(Diagonals square) {
        String rising = sheet.text(square.risingMm());
        String falling = sheet.text(square.fallingMm());
        if (rising.equals(falling)) {
            over("square: both diagonals " + rising, 1.8);
        } else {
            over("square: lower left to upper right " + rising, 3.1);
            over("lower right to upper left " + falling, 1.8);
        }
        Point2 middle = sheet.room().middle();
        for (Point2 corner : square.corners()) {
            double u = corner.u() + Math.signum(corner.u() - middle.u()) * TICK * sheet.letters();
            double v = corner.v() + Math.signum(corner.v() - middle.v()) * TICK * sheet.letters();
            sheet.line(corner.u(), corner.v(), u, v);
        }
    }

    private void over(String words, double up) {
        double v = sheet.room().toV() + up * sheet.letters();
        // clear of the line that leads to the figure over the drawing
        double u = sheet.room().fromU() + 0.4 * sheet.letters();
        sheet.write(sheet.words(u, v, words, Stand.BEGINS));
    }

    private List<Dimension> overall(Bounds2 bounds) {
        Bounds2 room = sheet.room();
        Point2 topLeft = new Point2(room.fromU(), room.toV());
        Point2 topRight = new Point2(room.toU(), room.toV());
        Point2 right = new Point2(room.toU(), room.fromV());
        return List.of(
                new Dimension(
                        "", topLeft, topRight, Dimension.Side.TOP, 0, room.width(), bounds.toV()),
                new Dimension(
                        "", right, topRight, Dimension.Side.RIGHT, 0, room.height(), bounds.toU()));
    }

    /** Name and size in the middle; sill and head beside the nearer trimmer, counted from the bottom plate. */
    private void opening(OpeningHeights one) {
        double letters = sheet.letters();
        double from = sheet.page().zero().u() + one.fromZeroMm();
        double head = sheet.page().zero().v() + one.headMm();
        double low = head - one.heightMm();
        Bounds2 place = new Bounds2(from, from + one.widthMm(), low, head);
        if (!sheet.room().grown(letters).surrounds(place)) {
            return;
        }
        double edge = from + letters / 2;
        write(edge, head - letters, sheet.text(one.headMm()), Stand.BEGINS);
        one.sillMm().ifPresent(sill -> write(edge, low + letters, sheet.text(sill), Stand.BEGINS));
        Point2 middle = place.middle();
        String size = sheet.text(one.widthMm()) + " × " + sheet.text(one.heightMm());
        write(middle.u(), middle.v() + 0.7 * letters, one.name(), Stand.CENTRED);
        write(middle.u(), middle.v() - 0.7 * letters, size, Stand.CENTRED);
    }

    private void write(double u, double v, String words, Stand stand) {
        sheet.writeIfFree(sheet.words(u, v, words, stand));
    }
}
