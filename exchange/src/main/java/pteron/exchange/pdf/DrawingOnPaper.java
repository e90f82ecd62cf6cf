package pteron.exchange.pdf;

import java.awt.Color;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;
import pteron.core.drawing.Dimension;
import pteron.core.drawing.Dimension.Side;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.drawing.PlacedLabel;
import pteron.core.drawing.PlacedLabels;
import pteron.core.drawing.Shape;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.quantity.UnitSystem;

/** Draws a view into a rectangle of a page. */
public final class DrawingOnPaper {

    /** Light of a face that turns away. */
    private static final double DARKEST = 0.72;

    /** Height of a row of dimensions (points). */
    private static final float ROW = 16;

    private static final float TICK = 3;
    private static final float POINTS = 7.5f;

    /** Size of letters over the height of their line. */
    private static final float LETTERS_IN_LINE = 0.95f;

    /** Room between a figure and the ticks of its line (points). */
    private static final float ROOM = 4;

    private static final Set<LineKind> DASHED =
            EnumSet.of(
                    LineKind.SEAM,
                    LineKind.SEALED_SEAM,
                    LineKind.SEALED_EDGE,
                    LineKind.TAPE,
                    LineKind.SOLID,
                    LineKind.INSIDE,
                    LineKind.DEW);

    private final Pages pages;
    private final PDPageContentStream content;
    private final Drawing drawing;
    private final UnitSystem units;
    private final float scale;
    private final float left;
    private final float bottom;

    /** A drawing that is to fill a room of the page (points). */
    public DrawingOnPaper(Pages pages, Drawing drawing, UnitSystem units, PDRectangle room) {
        this.pages = pages;
        this.content = pages.content();
        this.drawing = drawing;
        this.units = units;
        Bounds2 bounds = drawing.bounds();
        float wide =
                room.getWidth() - ROW * (2 + drawing.rows(Side.LEFT) + drawing.rows(Side.RIGHT));
        float high =
                room.getHeight() - ROW * (2 + drawing.rows(Side.TOP) + drawing.rows(Side.BOTTOM));
        this.scale = (float) Math.min(wide / bounds.width(), high / bounds.height());
        float spareWide = wide - scale * (float) bounds.width();
        float spareHigh = high - scale * (float) bounds.height();
        this.left =
                room.getLowerLeftX()
                        + ROW * (1 + drawing.rows(Side.LEFT))
                        + spareWide / 2
                        - scale * (float) bounds.fromU();
        this.bottom =
                room.getLowerLeftY()
                        + ROW * (1 + drawing.rows(Side.BOTTOM))
                        + spareHigh / 2
                        - scale * (float) bounds.fromV();
    }

    /** {@return scale of the drawing: how many mm a mm on paper stands for} */
    public long scaleOneTo() {
        return Math.round(72 / 25.4 / scale);
    }

    /** Draws shapes and dimensions. */
    public void draw() throws IOException {
        for (Shape shape : drawing.shapes()) {
            switch (shape) {
                case Shape.Area area -> area(area);
                case Shape.Face face -> face(face);
                case Shape.Line line -> line(line);
                case Shape.Disc disc -> disc(disc);
                case Shape.Label label -> {}
                case Shape.MemberName name -> {}
                case Shape.Lettering words -> lettering(words);
                case Shape.Mark mark -> mark(mark);
            }
        }
        for (PlacedLabel label : PlacedLabels.of(drawing, letters())) {
            label(label);
        }
        for (Dimension dimension : drawing.dimensions()) {
            dimension(dimension);
        }
    }

    private float x(Point2 point) {
        return left + scale * (float) point.u();
    }

    private float y(Point2 point) {
        return bottom + scale * (float) point.v();
    }

    private void path(List<Point2> points) throws IOException {
        content.moveTo(x(points.getFirst()), y(points.getFirst()));
        for (Point2 point : points.subList(1, points.size())) {
            content.lineTo(x(point), y(point));
        }
    }

    private static Color fill(Matter matter) {
        return switch (matter) {
            case TIMBER -> new Color(0xE4C99A);
            case FOAM -> new Color(0xF7F3E4);
            case SKIN -> new Color(0xE6EBEA);
            case BOARD -> new Color(0xD9BE8C);
            case STEEL, DECK -> new Color(0xCFCABD);
            case TYRE -> new Color(0x3C4543);
            case HUB -> new Color(0xE9E5DA);
            case GLASS -> new Color(0xDCE9EA);
            case DOOR -> new Color(0xEFE7D8);
            case SOLID -> new Color(0xF4F2EC);
            case METAL -> new Color(0xBDB7A8);
            case ROLL -> new Color(0x8E9894);
            case AIR -> Color.WHITE;
            case PERSON -> new Color(0x7F8A88);
            case WEIGHT -> new Color(0xBFDDE0);
        };
    }

    private void area(Shape.Area area) throws IOException {
        content.setNonStrokingColor(fill(area.matter()));
        content.setStrokingColor(Pages.INK);
        content.setLineWidth(0.35f);
        path(area.corners());
        content.closeAndFillAndStroke();
    }

    /** {@return a colour as it is in so much light, 0 to 1} */
    private static Color lit(Color colour, double light) {
        double share = DARKEST + (1 - DARKEST) * light;
        return new Color(
                (int) (colour.getRed() * share),
                (int) (colour.getGreen() * share),
                (int) (colour.getBlue() * share));
    }

    private void face(Shape.Face face) throws IOException {
        Color lit = lit(fill(face.matter()), face.light());
        content.setNonStrokingColor(lit);
        content.setStrokingColor(lit);
        content.setLineWidth(0.35f);
        content.setLineDashPattern(new float[] {}, 0);
        path(face.corners());
        content.closeAndFillAndStroke();
        content.setStrokingColor(Pages.INK);
        int count = face.corners().size();
        for (int i = 0; i < count; i++) {
            if (face.edges().get(i)) {
                path(List.of(face.corners().get(i), face.corners().get((i + 1) % count)));
                content.stroke();
            }
        }
    }

    private void line(Shape.Line line) throws IOException {
        boolean outline = line.kind() == LineKind.OUTLINE || line.kind() == LineKind.GROUND;
        boolean help = line.kind() == LineKind.HELP;
        content.setLineWidth(outline ? 1.1f : help ? 0.3f : 0.6f);
        content.setStrokingColor(help ? Pages.QUIET : Pages.INK);
        boolean dashed = DASHED.contains(line.kind());
        content.setLineDashPattern(dashed ? new float[] {4, 2} : new float[] {}, 0);
        path(line.points());
        content.stroke();
        content.setLineDashPattern(new float[] {}, 0);
    }

    private void disc(Shape.Disc disc) throws IOException {
        float r = scale * (float) disc.radiusMm();
        content.setNonStrokingColor(fill(disc.matter()));
        content.setStrokingColor(Pages.INK);
        content.setLineWidth(0.35f);
        circle(x(disc.middle()), y(disc.middle()), r);
        content.closeAndFillAndStroke();
    }

    /** Letters to the scale of the view. */
    private void lettering(Shape.Lettering words) throws IOException {
        float points = scale * (float) words.heightMm() * LETTERS_IN_LINE;
        boolean ringed = words.stand() == Shape.Lettering.Stand.RINGED;
        if (ringed) {
            ring(words.at(), scale * (float) words.ringMm() / 2);
        }
        float wide = Pages.width(pages.plain(), points, words.text());
        float before =
                switch (words.stand()) {
                    case BEGINS -> 0;
                    case ENDS -> wide;
                    case CENTRED, RINGED -> wide / 2;
                };
        pages.text(
                ringed ? pages.bold() : pages.plain(),
                points,
                Pages.INK,
                x(words.at()) - before,
                y(words.at()) - 0.35f * points,
                words.text());
    }

    private void ring(Point2 middle, float r) throws IOException {
        content.setNonStrokingColor(Color.WHITE);
        content.setStrokingColor(Pages.INK);
        content.setLineWidth(0.5f);
        content.setLineDashPattern(new float[] {}, 0);
        circle(x(middle), y(middle), r);
        content.closeAndFillAndStroke();
    }

    private void circle(float cx, float cy, float r) throws IOException {
        float k = 0.5523f * r;
        content.moveTo(cx + r, cy);
        content.curveTo(cx + r, cy + k, cx + k, cy + r, cx, cy + r);
        content.curveTo(cx - k, cy + r, cx - r, cy + k, cx - r, cy);
        content.curveTo(cx - r, cy - k, cx - k, cy - r, cx, cy - r);
        content.curveTo(cx + k, cy - r, cx + r, cy - k, cx + r, cy);
    }

    /** How large words are on this page (mm of the view). */
    private PlacedLabels.Letters letters() {
        return new PlacedLabels.Letters() {
            @Override
            public double wideMm(String text, Shape.Label.Kind kind) {
                return (wide(text) + 2) / scale;
            }

            @Override
            public double highMm() {
                return 1.25 * POINTS / scale;
            }
        };
    }

    private float wide(String text) {
        try {
            return Pages.width(pages.bold(), POINTS, text);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void label(PlacedLabel label) throws IOException {
        float cx = x(label.middle());
        float cy = y(label.middle());
        if (label.leader().isPresent()) {
            content.setStrokingColor(Pages.QUIET);
            content.setLineWidth(0.3f);
            Point2 from = label.leaderFrom();
            segment(x(from), y(from), x(label.leader().get()), y(label.leader().get()));
        }
        float half = wide(label.text()) / 2;
        if (label.isUpward()) {
            pages.upward(pages.bold(), POINTS, cx + 0.35f * POINTS, cy - half, label.text());
        } else {
            pages.text(
                    pages.bold(), POINTS, Pages.INK, cx - half, cy - 0.35f * POINTS, label.text());
        }
    }

    private void mark(Shape.Mark mark) throws IOException {
        float cx = x(mark.at());
        float cy = y(mark.at());
        content.setStrokingColor(Pages.INK);
        content.setLineWidth(1);
        content.moveTo(cx - 6, cy);
        content.lineTo(cx + 6, cy);
        content.moveTo(cx, cy - 6);
        content.lineTo(cx, cy + 6);
        content.stroke();
    }

    private void dimension(Dimension dimension) throws IOException {
        content.setStrokingColor(Pages.QUIET);
        content.setLineWidth(0.4f);
        float out = ROW * (dimension.row() + 1);
        String text = dimension.text(units);
        if (dimension.side().isAcross()) {
            float edge = bottom + scale * (float) dimension.edgeMm();
            across(dimension, dimension.side() == Side.TOP ? edge + out : edge - out, text);
        } else {
            float edge = left + scale * (float) dimension.edgeMm();
            upward(dimension, dimension.side() == Side.RIGHT ? edge + out : edge - out, text);
        }
    }

    private void across(Dimension dimension, float at, String text) throws IOException {
        float from = x(dimension.from());
        float to = x(dimension.to());
        segment(from, at, to, at);
        segment(from, y(dimension.from()), from, at);
        segment(to, y(dimension.to()), to, at);
        tick(from, at);
        tick(to, at);
        float wide = Pages.width(pages.mono(), POINTS, text);
        float x = begin(Math.min(from, to), Math.max(from, to), wide);
        blank(x - 2, at - 3.5f, wide + 4);
        pages.text(pages.mono(), POINTS, Pages.INK, x, at - 2.5f, text);
    }

    private void upward(Dimension dimension, float at, String text) throws IOException {
        float from = y(dimension.from());
        float to = y(dimension.to());
        segment(at, from, at, to);
        segment(x(dimension.from()), from, at, from);
        segment(x(dimension.to()), to, at, to);
        tick(at, from);
        tick(at, to);
        float wide = Pages.width(pages.mono(), POINTS, text);
        content.saveGraphicsState();
        float y = begin(Math.min(from, to), Math.max(from, to), wide);
        content.transform(Matrix.getRotateInstance(Math.PI / 2, at, y));
        blank(-2, -3.5f, wide + 4);
        pages.text(pages.mono(), POINTS, Pages.INK, 0, -2.5f, text);
        content.restoreGraphicsState();
    }

    /** {@return where a figure begins: in the middle of its line, before one that is too short for it} */
    private static float begin(float from, float to, float wide) {
        return to - from > wide + 2 * ROOM ? (from + to - wide) / 2 : from - wide - ROOM;
    }

    private void segment(float x1, float y1, float x2, float y2) throws IOException {
        content.moveTo(x1, y1);
        content.lineTo(x2, y2);
        content.stroke();
    }

    private void tick(float x, float y) throws IOException {
        segment(x - TICK, y - TICK, x + TICK, y + TICK);
    }

    private void blank(float x, float y, float wide) throws IOException {
        content.setNonStrokingColor(Color.WHITE);
        content.addRect(x, y, wide, POINTS + 1);
        content.fill();
    }
}
