package pteron.app.drawing;

import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;
import pteron.app.style.Palette;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Grip;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.drawing.PlacedLabel;
import pteron.core.drawing.PlacedLabels;
import pteron.core.drawing.Shape;
import pteron.core.drawing.View;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;

/** Paints a drawing. */
final class Painter {

    private static final double HATCH = 7;

    /** Light of a face that turns away. */
    private static final double DARKEST = 0.72;

    private static final double EDGE = 0.8;

    private static final double CRACK = 2;

    private final GraphicsContext context;
    private final ViewTransform transform;
    private final Palette palette;
    private final List<String> chosen;
    private final Marks marks;
    private final Text measure = new Text();
    private boolean hatched;
    private boolean paper = true;
    private double letters = 1;

    Painter(
            GraphicsContext context,
            ViewTransform transform,
            Palette palette,
            List<String> chosen) {
        this.context = context;
        this.transform = transform;
        this.palette = palette;
        this.chosen = chosen;
        this.marks = new Marks(context, transform, palette);
    }

    /** {@return this painter, leaving the ground as it is} */
    Painter withoutPaper() {
        paper = false;
        return this;
    }

    /** {@return this painter with letters larger than usual} */
    Painter letters(double scale) {
        letters = scale;
        return this;
    }

    void paint(Drawing drawing, Point2 marked) {
        hatched = drawing.view() == View.SECTION;
        if (paper) {
            context.setFill(palette.paper());
            context.fillRect(0, 0, context.getCanvas().getWidth(), context.getCanvas().getHeight());
        }
        context.setTextAlign(TextAlignment.CENTER);
        context.setTextBaseline(VPos.CENTER);
        context.setLineCap(StrokeLineCap.BUTT);
        for (Shape shape : drawing.shapes()) {
            switch (shape) {
                case Shape.Area area -> area(area);
                case Shape.Face face -> face(face);
                case Shape.Line line -> line(line);
                case Shape.Disc disc -> disc(disc);
                case Shape.Label label -> {}
                case Shape.MemberName name -> {}
                case Shape.Lettering words -> lettering(words);
                case Shape.Mark mark -> marks.draw(mark);
            }
        }
        PlacedLabels.of(drawing, letters()).forEach(this::write);
        drawing.grips().stream().filter(grip -> chosen.contains(grip.part())).forEach(this::chosen);
        DimensionLines lines = new DimensionLines(context, transform, palette);
        drawing.dimensions().forEach(lines::draw);
        if (marked != null) {
            marks.ring(marked);
        }
    }

    /** A handle or a line of the outline that is chosen. */
    private void chosen(Grip grip) {
        if (grip.kind() == Grip.Kind.OUTLINE) {
            marks.chosen(grip.area().middle());
        } else if (grip.kind() == Grip.Kind.LINE) {
            stroke(palette.choice(), 4);
            context.setLineDashes();
            path(grip.path());
            context.stroke();
        }
    }

    private void path(List<Point2> points) {
        context.beginPath();
        context.moveTo(transform.x(points.getFirst().u()), transform.y(points.getFirst().v()));
        for (Point2 point : points.subList(1, points.size())) {
            context.lineTo(transform.x(point.u()), transform.y(point.v()));
        }
    }

    private void area(Shape.Area area) {
        boolean isChosen = !area.part().isEmpty() && chosen.contains(area.part());
        path(area.corners());
        context.closePath();
        context.setFill(palette.fill(area.matter()));
        context.fill();
        if (area.use() > 0) {
            context.setFill(
                    palette.ofUse(area.use())
                            .deriveColor(0, 1, 1, 0.25 + 0.5 * Math.min(1, area.use())));
            context.fill();
        }
        if (area.matter() == Matter.GLASS || area.matter() == Matter.DOOR) {
            glint(area);
        }
        if (hatched) {
            new Hatch(context, transform, palette).over(area);
        }
        path(area.corners());
        context.closePath();
        context.setLineDashes();
        context.setStroke(isChosen ? palette.choice() : edge(area.matter()));
        context.setLineWidth(isChosen ? 2.5 : 0.8);
        context.stroke();
    }

    private Color edge(Matter matter) {
        return switch (matter) {
            case TIMBER, BOARD -> palette.hairline();
            case FOAM, SKIN -> palette.quiet().deriveColor(0, 1, 1, 0.45);
            default -> palette.ink();
        };
    }

    /** A face of a body: lighter or darker as it turns to the light, with the edges that it has. */
    private void face(Shape.Face face) {
        boolean isChosen = !face.part().isEmpty() && chosen.contains(face.part());
        Color fill = isChosen ? palette.choice() : palette.fill(face.matter());
        path(face.corners());
        context.closePath();
        context.setLineDashes();
        Color lit = fill.deriveColor(0, 1, DARKEST + (1 - DARKEST) * face.light(), 1);
        context.setFill(lit);
        context.fill();
        // pieces of one face leave no crack between them, nor a trace of edges behind them
        context.setStroke(lit);
        context.setLineWidth(CRACK);
        edges(face, false);
        context.setStroke(isChosen ? palette.choice() : edge(face.matter()));
        context.setLineWidth(EDGE);
        edges(face, true);
    }

    /** Draws the sides of a face that are edges of its body, or those where it goes on. */
    private void edges(Shape.Face face, boolean ofBody) {
        int count = face.corners().size();
        for (int i = 0; i < count; i++) {
            if (face.edges().get(i) == ofBody) {
                Point2 from = face.corners().get(i);
                Point2 to = face.corners().get((i + 1) % count);
                context.strokeLine(
                        transform.x(from.u()),
                        transform.y(from.v()),
                        transform.x(to.u()),
                        transform.y(to.v()));
            }
        }
    }

    /** Two strokes across a window, a handle on a door: told by shape, not by colour alone. */
    private void glint(Shape.Area area) {
        Bounds2 bounds = Polygon2.of(area.corners()).bounds();
        context.setLineDashes();
        context.setLineWidth(1);
        context.setStroke(palette.quiet());
        double x = transform.x(bounds.fromU());
        double y = transform.y(bounds.toV());
        double w = bounds.width() * transform.scale();
        double h = bounds.height() * transform.scale();
        if (area.matter() == Matter.GLASS) {
            context.strokeLine(x + 0.08 * w, y + 0.3 * h, x + 0.25 * w, y + 0.08 * h);
            context.strokeLine(x + 0.08 * w, y + 0.45 * h, x + 0.36 * w, y + 0.08 * h);
        } else {
            context.strokeOval(x + 0.86 * w, y + 0.5 * h, HATCH, HATCH);
        }
    }

    private void upward(String text, double x, double y) {
        context.save();
        context.translate(x, y);
        context.rotate(-90);
        context.fillText(text, 0, 0);
        context.restore();
    }

    private void line(Shape.Line line) {
        context.setLineDashes();
        pen(line.kind());
        path(line.points());
        context.stroke();
        context.setLineDashes();
    }

    private void pen(LineKind kind) {
        switch (kind) {
            case OUTLINE -> stroke(palette.ink(), 2);
            case GROUND -> stroke(palette.hairline().interpolate(palette.paper(), 0.4), 2);
            case SEAM -> dashed(palette.ink(), 1.4, 7, 4);
            case JOINT -> stroke(palette.choice(), 3.4);
            case SEALED_SEAM -> dashed(palette.choice(), 3, 10, 5);
            case SEALED_EDGE -> dashed(palette.stops(), 3, 12, 4, 3, 4);
            case GRAIN -> stroke(palette.quiet(), 1);
            case TAPE -> dashed(palette.choice(), 3, 3, 3);
            case SOLID -> dashed(palette.watch(), 1.8, 9, 4);
            case INSIDE -> dashed(palette.choice(), 1.2, 8, 3, 2, 3);
            case HELP -> stroke(palette.quiet(), 0.7);
            case TEMPERATURE -> stroke(palette.stops(), 2.4);
            case DEW -> dashed(palette.choice(), 2, 5, 4);
        }
    }

    private void dashed(Color color, double width, double... dashes) {
        stroke(color, width);
        context.setLineDashes(dashes);
    }

    private void stroke(Color color, double width) {
        context.setStroke(color);
        context.setLineWidth(width);
    }

    private void disc(Shape.Disc disc) {
        double r = disc.radiusMm() * transform.scale();
        double x = transform.x(disc.middle().u()) - r;
        double y = transform.y(disc.middle().v()) - r;
        context.setFill(palette.fill(disc.matter()));
        context.fillOval(x, y, 2 * r, 2 * r);
    }

    /** Widths of words (pixels); a node that is never shown measures them. */
    private double width(String text, double points) {
        measure.setFont(Font.font("Overpass", points));
        measure.setText(text);
        return measure.getLayoutBounds().getWidth();
    }

    /** Letters that grow and shrink with the view. */
    private void lettering(Shape.Lettering words) {
        double high = words.heightMm() * transform.scale();
        double x = transform.x(words.at().u());
        double y = transform.y(words.at().v());
        if (words.stand() == Shape.Lettering.Stand.RINGED) {
            double ring = words.ringMm() * transform.scale();
            context.setFill(palette.paper());
            context.fillOval(x - ring / 2, y - ring / 2, ring, ring);
            stroke(palette.ink(), 1);
            context.setLineDashes();
            context.strokeOval(x - ring / 2, y - ring / 2, ring, ring);
        }
        context.setFont(Font.font("Overpass", high * LETTERS_IN_LINE));
        context.setFill(palette.ink());
        context.setTextAlign(
                switch (words.stand()) {
                    case BEGINS -> TextAlignment.LEFT;
                    case ENDS -> TextAlignment.RIGHT;
                    case CENTRED, RINGED -> TextAlignment.CENTER;
                });
        context.fillText(words.text(), x, y);
        context.setTextAlign(TextAlignment.CENTER);
    }

    /** How large words are on this canvas (mm of the view). */
    private PlacedLabels.Letters letters() {
        return new PlacedLabels.Letters() {
            @Override
            public double wideMm(String text, Shape.Label.Kind kind) {
                return (width(text, points(kind)) + PADDING) / transform.scale();
            }

            @Override
            public double highMm() {
                return HIGH * letters / transform.scale();
            }
        };
    }

    private double points(Shape.Label.Kind kind) {
        return letters * (kind == Shape.Label.Kind.TITLE ? TITLE_POINTS : POINTS);
    }

    private void write(PlacedLabel label) {
        Shape.Label.Kind kind = label.kind();
        double x = transform.x(label.middle().u());
        double y = transform.y(label.middle().v());
        label.leader().ifPresent(to -> leader(label.leaderFrom(), to));
        context.setFont(Font.font("Overpass", points(kind)));
        context.setTextAlign(TextAlignment.CENTER);
        if (kind == Shape.Label.Kind.NUMBER) {
            context.setFill(palette.paper());
            context.fillOval(x - HIGH / 2, y - HIGH / 2, HIGH, HIGH);
        } else if (kind == Shape.Label.Kind.WEIGHT) {
            double wide = label.room().width() * transform.scale();
            context.setFill(palette.paper().deriveColor(0, 1, 1, 0.75));
            context.fillRect(x - wide / 2, y - HIGH / 2, wide, HIGH);
        }
        context.setFill(
                switch (kind) {
                    case TITLE -> palette.quiet();
                    case NUMBER -> palette.choice();
                    default -> palette.ink();
                });
        if (label.isUpward()) {
            upward(label.text(), x, y);
        } else {
            context.fillText(label.text(), x, y);
        }
    }

    /** A thin line from words to what they name. */
    private void leader(Point2 from, Point2 to) {
        stroke(palette.quiet(), 0.8);
        context.setLineDashes();
        context.strokeLine(
                transform.x(from.u()),
                transform.y(from.v()),
                transform.x(to.u()),
                transform.y(to.v()));
    }

    /** Size of letters over the height of their line. */
    private static final double LETTERS_IN_LINE = 0.95;

    private static final double TITLE_POINTS = 13;
    private static final double POINTS = 12.5;
    private static final double HIGH = 16;

    /** Room beside words (pixels). */
    private static final double PADDING = 4;
}
