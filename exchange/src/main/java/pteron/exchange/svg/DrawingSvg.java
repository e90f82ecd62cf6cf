package pteron.exchange.svg;

import java.util.List;
import java.util.Locale;
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
import pteron.core.quantity.PlainText;
import pteron.core.quantity.UnitSystem;

/** A drawing as an SVG picture: a unit of it is a mm of the box, so that it can be measured in a drawing program. */
public final class DrawingSvg {

    /** Light of a face that turns away. */
    private static final double DARKEST = 0.72;

    /** Distance of rows of dimensions, and size of letters (mm of the box). */
    private static final double ROW = 170;

    private static final double LETTERS = 80;

    /** Width of a letter over its height, on the large side for the letters named in the file. */
    private static final double WIDTH_TO_HEIGHT = 0.62;

    private static final PlacedLabels.Letters LETTERING =
            new PlacedLabels.Letters() {
                @Override
                public double wideMm(String text, Shape.Label.Kind kind) {
                    return WIDTH_TO_HEIGHT * LETTERS * text.length();
                }

                @Override
                public double highMm() {
                    return 1.2 * LETTERS;
                }
            };

    private final Drawing drawing;
    private final UnitSystem units;
    private final StringBuilder out = new StringBuilder();

    private DrawingSvg(Drawing drawing, UnitSystem units) {
        this.drawing = drawing;
        this.units = units;
    }

    /** {@return the text of an SVG file} */
    public static String text(Drawing drawing, UnitSystem units) {
        return new DrawingSvg(drawing, units).written();
    }

    private String written() {
        Bounds2 b = drawing.bounds();
        double left = ROW * (1 + drawing.rows(Side.LEFT));
        double right = ROW * (1 + drawing.rows(Side.RIGHT));
        double top = ROW * (1 + drawing.rows(Side.TOP));
        double bottom = ROW * (1 + drawing.rows(Side.BOTTOM));
        double wide = b.width() + left + right;
        double high = b.height() + top + bottom;
        line(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"%s %s %s %s\" width=\"%smm\" height=\"%smm\">",
                b.fromU() - left, -b.toV() - top, wide, high, wide / 10, high / 10);
        line("<title>%s</title>", escaped(drawing.view().title()));
        drawing.shapes().forEach(this::shape);
        PlacedLabels.of(drawing, LETTERING).forEach(this::label);
        drawing.dimensions().forEach(this::dimension);
        line("</svg>");
        return out.toString();
    }

    private void shape(Shape shape) {
        switch (shape) {
            case Shape.Area area -> area(area);
            case Shape.Face face -> face(face);
            case Shape.Line one -> polyline(one);
            case Shape.Disc disc ->
                    line(
                            "<circle cx=\"%s\" cy=\"%s\" r=\"%s\" fill=\"%s\"/>",
                            disc.middle().u(),
                            -disc.middle().v(),
                            disc.radiusMm(),
                            fill(disc.matter()));
            case Shape.Label label -> {}
            case Shape.MemberName name -> {}
            case Shape.Lettering words -> lettering(words);
            case Shape.Mark mark ->
                    line(
                            "<circle cx=\"%s\" cy=\"%s\" r=\"25\" fill=\"none\" stroke=\"#0A6A7A\" stroke-width=\"8\"/>",
                            mark.at().u(), -mark.at().v());
        }
    }

    private void line(String format, Object... values) {
        Object[] plain = new Object[values.length];
        for (int i = 0; i < values.length; i++) {
            plain[i] = values[i] instanceof Double number ? number(number) : values[i];
        }
        out.append(format.formatted(plain)).append('\n');
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.2f", value).replaceAll("\\.?0+$", "");
    }

    private static String points(List<Point2> points) {
        StringBuilder text = new StringBuilder();
        for (Point2 point : points) {
            text.append(number(point.u())).append(',').append(number(-point.v())).append(' ');
        }
        return text.toString().strip();
    }

    private void area(Shape.Area area) {
        line(
                "<polygon points=\"%s\" fill=\"%s\" stroke=\"#1E2B2A\" stroke-width=\"3\"><title>%s</title></polygon>",
                points(area.corners()), fill(area.matter()), escaped(area.part()));
    }

    private void face(Shape.Face face) {
        String lit = lit(fill(face.matter()), face.light());
        line(
                "<polygon points=\"%s\" fill=\"%s\" stroke=\"%s\" stroke-width=\"2\"><title>%s</title></polygon>",
                points(face.corners()), lit, lit, escaped(face.part()));
        int count = face.corners().size();
        for (int i = 0; i < count; i++) {
            if (face.edges().get(i)) {
                Point2 from = face.corners().get(i);
                Point2 to = face.corners().get((i + 1) % count);
                line(
                        "<polyline points=\"%s\" fill=\"none\" stroke=\"#1E2B2A\" stroke-width=\"3\"/>",
                        points(List.of(from, to)));
            }
        }
    }

    /** {@return a colour as it is in so much light, 0 to 1} */
    private static String lit(String colour, double light) {
        int rgb = Integer.parseInt(colour.substring(1), 16);
        double share = DARKEST + (1 - DARKEST) * light;
        int lit = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            lit |= (int) Math.round((rgb >> shift & 0xFF) * share) << shift;
        }
        return "#%06X".formatted(lit);
    }

    private void polyline(Shape.Line one) {
        String dash =
                switch (one.kind()) {
                    case SEAM, SEALED_SEAM, DEW -> " stroke-dasharray=\"50 30\"";
                    case TAPE, INSIDE, SOLID, SEALED_EDGE -> " stroke-dasharray=\"25 20\"";
                    default -> "";
                };
        line(
                "<polyline points=\"%s\" fill=\"none\" stroke=\"#1E2B2A\" stroke-width=\"%s\"%s/>",
                points(one.points()), one.kind() == LineKind.OUTLINE ? 14.0 : 6.0, dash);
    }

    /** Letters to the scale of the view. */
    private void lettering(Shape.Lettering words) {
        double x = words.at().u();
        double y = -words.at().v();
        String anchor =
                switch (words.stand()) {
                    case BEGINS -> "start";
                    case ENDS -> "end";
                    case CENTRED, RINGED -> "middle";
                };
        if (words.stand() == Shape.Lettering.Stand.RINGED) {
            line(
                    "<circle cx=\"%s\" cy=\"%s\" r=\"%s\" fill=\"#FFFFFF\" stroke=\"#1E2B2A\" stroke-width=\"3\"/>",
                    x, y, words.ringMm() / 2);
        }
        line(
                "<text x=\"%s\" y=\"%s\" font-family=\"Overpass, sans-serif\" font-size=\"%s\" text-anchor=\"%s\">%s</text>",
                x,
                y + words.heightMm() / 3,
                words.heightMm() * 0.95,
                anchor,
                escaped(words.text()));
    }

    private void label(PlacedLabel label) {
        double x = label.middle().u();
        double y = -label.middle().v();
        label.leader()
                .ifPresent(
                        to ->
                                line(
                                        "<line x1=\"%s\" y1=\"%s\" x2=\"%s\" y2=\"%s\" stroke=\"#56625E\" stroke-width=\"3\"/>",
                                        label.leaderFrom().u(),
                                        -label.leaderFrom().v(),
                                        to.u(),
                                        -to.v()));
        double down = LETTERS / 3;
        if (label.isUpward()) {
            text(x + down, y, true, label.text());
        } else {
            text(x, y + down, false, label.text());
        }
    }

    private void text(double x, double y, boolean upward, String words) {
        String turn =
                upward ? " transform=\"rotate(-90 %s %s)\"".formatted(number(x), number(y)) : "";
        line(
                "<text x=\"%s\" y=\"%s\" font-family=\"Overpass, sans-serif\" font-size=\"%s\" text-anchor=\"middle\"%s>%s</text>",
                x, y, LETTERS, turn, escaped(words));
    }

    private void dimension(Dimension one) {
        double out = ROW * (one.row() + 1) * 0.9;
        boolean across = one.side().isAcross();
        double at =
                switch (one.side()) {
                    case TOP -> -one.edgeMm() - out;
                    case BOTTOM -> -one.edgeMm() + out;
                    case LEFT -> one.edgeMm() - out;
                    case RIGHT -> one.edgeMm() + out;
                };
        double from = across ? one.from().u() : -one.from().v();
        double to = across ? one.to().u() : -one.to().v();
        segment(across, from, at, to, at);
        segment(across, from, across ? -one.from().v() : one.from().u(), from, at);
        segment(across, to, across ? -one.to().v() : one.to().u(), to, at);
        double middle = (from + to) / 2;
        if (across) {
            text(middle, at - LETTERS / 4, false, one.text(units));
        } else {
            text(at - LETTERS / 4, middle, true, one.text(units));
        }
    }

    private void segment(boolean across, double a, double b, double c, double d) {
        line(
                "<line x1=\"%s\" y1=\"%s\" x2=\"%s\" y2=\"%s\" stroke=\"#56625E\" stroke-width=\"3\"/>",
                across ? a : b, across ? b : a, across ? c : d, across ? d : c);
    }

    private static String fill(Matter matter) {
        return switch (matter) {
            case TIMBER -> "#E4C99A";
            case FOAM -> "#FAF6EA";
            case SKIN -> "#C9D4D2";
            case BOARD -> "#D9BE8C";
            case STEEL, METAL -> "#BDB7A8";
            case DECK -> "#D9D2C3";
            case TYRE -> "#3C4543";
            case HUB -> "#E9E5DA";
            case GLASS -> "#DCE9EA";
            case DOOR -> "#EFE7D8";
            case SOLID -> "#F4F2EC";
            case ROLL -> "#8E9894";
            case PERSON -> "#7F8A88";
            case WEIGHT -> "#BFDDE0";
            case AIR -> "#FFFFFF";
        };
    }

    private static String escaped(String text) {
        return PlainText.visible(text)
                .replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;");
    }
}
