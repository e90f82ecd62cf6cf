package pteron.core.skin;

import java.util.List;
import java.util.Set;
import pteron.core.buildup.Layer.Grain;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Layer;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.drawing.Shape;
import pteron.core.frame.Frame;
import pteron.core.frame.PanelFrame;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.opening.Openings;
import pteron.core.quantity.LengthText;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Skin;

/** The sheets in place of the frame: each with its name, its size and its grain; outside, inside, or the foam. */
public final class SheetLayer implements Layer {

    /** Looks at the lining, and at the underside of the floor. */
    public static final String INSIDE = "inside";

    /** Looks at the foam between the members. */
    public static final String FOAM = "foam";

    /** Least room of a sheet for its size (mm). */
    private static final double ROOM_MM = 260;

    /** Room that a name and a size take (mm). */
    private static final double WORDS_MM = 700;

    /** How far its size stands under its name (mm). */
    private static final double LINE_MM = 130;

    private static final Set<Skin.Face> OUTER = Set.of(Skin.Face.OUTER, Skin.Face.FLOOR_TOP);

    @Override
    public boolean hidesFrame() {
        return true;
    }

    @Override
    public void overFrame(Canvas canvas) {
        Set<PanelKind> seen = PanelKind.seenIn(canvas.view());
        if (canvas.aspect().equals(FOAM)) {
            canvas.box().find(Frame.class).stream()
                    .flatMap(frame -> frame.panels().stream())
                    .filter(panel -> seen.contains(panel.panel().kind()))
                    .forEach(panel -> foam(canvas, panel));
            return;
        }
        boolean outside = !canvas.aspect().equals(INSIDE);
        canvas.box().find(Skins.class).stream()
                .flatMap(skins -> skins.pieces().stream())
                .filter(piece -> seen.contains(piece.panel().kind()))
                .filter(piece -> OUTER.contains(piece.skin().face()) == outside)
                .forEach(piece -> sheet(canvas, piece));
        canvas.box().find(Skins.class).stream()
                .flatMap(skins -> skins.seams().stream())
                .filter(seam -> seen.contains(seam.panel().kind()))
                .filter(seam -> OUTER.contains(seam.skin().face()) == outside)
                .forEach(seam -> seam(canvas, seam));
    }

    private static List<Point2> corners(Canvas canvas, Panel panel, Polygon2 shape) {
        return panel.surface().outline(shape, 0).stream().map(canvas::at).toList();
    }

    private static void sheet(Canvas canvas, SheetPiece piece) {
        List<Point2> corners = corners(canvas, piece.panel(), piece.shape());
        boolean outer = piece.skin().face() == Skin.Face.OUTER;
        canvas.add(new Shape.Area(corners, outer ? Matter.SKIN : Matter.BOARD, piece.name(), 0));
        Bounds2 bounds = Polygon2.of(corners).bounds();
        grain(canvas, piece, bounds);
        words(canvas, piece, bounds);
    }

    /** {@return a place of a sheet for its words, clear of its holes; its middle where there is none} */
    private static Point2 clear(SheetPiece piece) {
        Bounds2 all = piece.shape().bounds();
        double wide = Math.min(all.width(), WORDS_MM) / 2;
        for (double up : new double[] {0.5, 0.2, 0.12, 0.8, 0.9, 0.35, 0.65, 0.05, 0.95}) {
            for (double along : new double[] {0.5, 0.25, 0.75, 0.2, 0.3, 0.7, 0.8}) {
                Point2 at =
                        new Point2(
                                all.fromU() + along * all.width(), all.fromV() + up * all.height());
                Polygon2 room =
                        Polygon2.rectangle(
                                new Bounds2(
                                        at.u() - wide * 0.9,
                                        at.u() + wide * 0.9,
                                        at.v() - LINE_MM * 1.6,
                                        at.v() + LINE_MM * 0.7));
                if (piece.shape().contains(room, 1)) {
                    return at;
                }
            }
        }
        return all.middle();
    }

    private static void words(Canvas canvas, SheetPiece piece, Bounds2 seen) {
        Bounds2 size = piece.shape().bounds();
        Point2 middle = canvas.at(piece.panel().surface().at(clear(piece), 0));
        canvas.add(new Shape.Label(middle, piece.name(), Shape.Label.Kind.NAME, seen.width()));
        if (seen.width() > ROOM_MM && seen.height() > 2 * LINE_MM) {
            String text =
                    LengthText.format(size.width(), canvas.box().plan().units())
                            + " × "
                            + LengthText.format(size.height(), canvas.box().plan().units());
            canvas.add(
                    new Shape.Label(
                            middle.minus(new Point2(0, LINE_MM)),
                            text,
                            Shape.Label.Kind.NAME,
                            seen.width()));
        }
    }

    /** Three strokes the way the grain runs, over the name. */
    private static void grain(Canvas canvas, SheetPiece piece, Bounds2 seen) {
        Point2 middle = piece.shape().bounds().middle();
        boolean along = piece.skin().layer().grain() == Grain.ALONG;
        Point2 ahead = middle.plus(along ? new Point2(0, 1) : new Point2(1, 0));
        Point2 run =
                canvas.at(piece.panel().surface().at(ahead, 0))
                        .minus(canvas.at(piece.panel().surface().at(middle, 0)));
        boolean upright = Math.abs(run.v()) > Math.abs(run.u());
        double length = Math.min(seen.width(), seen.height()) * 0.22;
        Point2 way = upright ? new Point2(0, length) : new Point2(length, 0);
        Point2 aside = upright ? new Point2(length / 4, 0) : new Point2(0, length / 4);
        Point2 start =
                new Point2(seen.middle().u(), seen.toV() - seen.height() * 0.28)
                        .minus(way.times(0.5));
        for (int i = -1; i <= 1; i++) {
            Point2 from = start.plus(aside.times(i));
            canvas.line(LineKind.GRAIN, from, from.plus(way));
        }
    }

    private static void seam(Canvas canvas, Seam seam) {
        canvas.line(
                LineKind.SEAM,
                canvas.at(seam.panel().surface().at(seam.line().from(), 0)),
                canvas.at(seam.panel().surface().at(seam.line().to(), 0)));
    }

    /** The pieces between the members, each smaller than its bay by the gap. */
    private static void foam(Canvas canvas, PanelFrame panel) {
        List<FoamPiece> pieces =
                canvas.box().find(Openings.class).stream()
                        .flatMap(
                                openings ->
                                        FoamPiece.of(panel, openings, canvas.box().plan().makeUp())
                                                .stream())
                        .toList();
        for (FoamPiece piece : pieces) {
            List<Point2> corners = corners(canvas, panel.panel(), piece.shape());
            canvas.add(new Shape.Area(corners, Matter.FOAM, piece.name(), 0));
            Bounds2 seen = Polygon2.of(corners).bounds();
            double width = piece.cutShape().bounds().width();
            canvas.add(
                    new Shape.Label(
                            seen.middle(),
                            LengthText.format(Math.rint(width), canvas.box().plan().units()),
                            Shape.Label.Kind.NAME,
                            seen.width()));
        }
        panel.members()
                .forEach(
                        member ->
                                canvas.area(
                                        Matter.ofMember(member.section().isTube()),
                                        corners(canvas, panel.panel(), member.profile())));
    }
}
