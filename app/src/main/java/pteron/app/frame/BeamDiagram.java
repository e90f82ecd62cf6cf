package pteron.app.frame;

import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import pteron.app.station.Workbench;
import pteron.app.style.Palette;
import pteron.core.mechanics.Constants;
import pteron.core.quantity.Quantity;
import pteron.core.strength.Governing;
import pteron.exchange.frame.WhyWords;

/** Load, moment and deflection along a member on its two supports, one under the other. */
final class BeamDiagram extends Canvas {

    private static final double WIDE = CutDrawing.WIDE;
    private static final double HIGH = 186;

    /** Room at each end of the span, for the supports (pixels). */
    private static final double EDGE = 14;

    private static final double BEAM_AT = 34;
    private static final double MOMENT_AT = 66;
    private static final double SAG_AT = 126;

    /** Height of the greatest moment, and of the limit of the deflection (pixels). */
    private static final double TALL = 28;

    private static final int STEPS = 60;
    private static final int ARROWS = 13;

    private final Governing governing;
    private final Workbench bench;

    /** Paints again in other colours; held here, as the bench holds it weakly. */
    private final InvalidationListener repaint;

    BeamDiagram(Governing governing, Workbench bench) {
        super(WIDE, HIGH);
        this.governing = governing;
        this.bench = bench;
        setId("beam-diagram");
        repaint = theme -> paint();
        bench.themeProperty().addListener(new WeakInvalidationListener(repaint));
        setAccessibleText(
                "Moment %s in the middle, deflection %s, limit %s"
                        .formatted(moment(), deflection(), limit()));
        paint();
    }

    private double spanMm() {
        return governing.beam().spanMm();
    }

    private double limitMm() {
        return spanMm() / Constants.SPAN_OVER_SAG;
    }

    private String moment() {
        return WhyWords.moment(governing, bench.units());
    }

    private String deflection() {
        return Quantity.mm(governing.deflectionAt(spanMm() / 2)).text(bench.units());
    }

    private String limit() {
        return Quantity.mm(limitMm()).text(bench.units());
    }

    private double x(int step) {
        return EDGE + (WIDE - 2 * EDGE) * step / STEPS;
    }

    private void paint() {
        GraphicsContext g = getGraphicsContext2D();
        Palette palette = Palette.of(bench.themeProperty().get());
        g.clearRect(0, 0, WIDE, HIGH);
        g.setFont(Font.font("Overpass Mono", 11));
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        load(g, palette);
        moments(g, palette);
        deflections(g, palette);
    }

    private void load(GraphicsContext g, Palette palette) {
        g.setStroke(palette.choice());
        g.setFill(palette.choice());
        g.setLineWidth(1);
        if (governing.loads().permanent() + governing.loads().spread() > 0) {
            for (int i = 0; i < ARROWS; i++) {
                arrow(g, EDGE + (WIDE - 2 * EDGE) * i / (ARROWS - 1), BEAM_AT - 16);
            }
            g.strokeLine(EDGE, BEAM_AT - 16, WIDE - EDGE, BEAM_AT - 16);
        }
        if (governing.loads().middle() > 0) {
            g.setLineWidth(2.5);
            arrow(g, WIDE / 2, BEAM_AT - 30);
        }
        g.setStroke(palette.ink());
        g.setFill(palette.ink());
        g.setLineWidth(3);
        g.strokeLine(EDGE, BEAM_AT, WIDE - EDGE, BEAM_AT);
        support(g, EDGE);
        support(g, WIDE - EDGE);
    }

    private static void arrow(GraphicsContext g, double x, double from) {
        g.strokeLine(x, from, x, BEAM_AT - 4);
        g.fillPolygon(
                new double[] {x - 3, x + 3, x},
                new double[] {BEAM_AT - 8, BEAM_AT - 8, BEAM_AT - 2},
                3);
    }

    private static void support(GraphicsContext g, double x) {
        g.fillPolygon(
                new double[] {x, x - 6, x + 6},
                new double[] {BEAM_AT + 2, BEAM_AT + 12, BEAM_AT + 12},
                3);
    }

    private void moments(GraphicsContext g, Palette palette) {
        double most = Math.max(1e-9, governing.designMomentAt(spanMm() / 2));
        double[] drop = new double[STEPS + 1];
        for (int i = 0; i <= STEPS; i++) {
            drop[i] = TALL * governing.designMomentAt(spanMm() * i / STEPS) / most;
        }
        area(g, palette.choice(), MOMENT_AT, drop);
        caption(g, palette, MOMENT_AT + TALL + 12, "moment " + moment());
    }

    private void deflections(GraphicsContext g, Palette palette) {
        double middle = governing.deflectionAt(spanMm() / 2);
        double scale = TALL / Math.max(limitMm(), middle);
        double[] drop = new double[STEPS + 1];
        for (int i = 0; i <= STEPS; i++) {
            drop[i] = scale * governing.deflectionAt(spanMm() * i / STEPS);
        }
        Color colour = middle > limitMm() ? palette.stops() : palette.holds();
        area(g, colour, SAG_AT, drop);
        g.setLineDashes(4, 3);
        g.setStroke(palette.quiet());
        g.strokeLine(EDGE, SAG_AT + scale * limitMm(), WIDE - EDGE, SAG_AT + scale * limitMm());
        g.setLineDashes();
        caption(
                g,
                palette,
                SAG_AT + TALL + 14,
                "deflection " + deflection() + ", limit " + limit());
    }

    private void area(GraphicsContext g, Color colour, double top, double[] drop) {
        double[] x = new double[STEPS + 1];
        double[] y = new double[STEPS + 1];
        for (int i = 0; i <= STEPS; i++) {
            x[i] = x(i);
            y[i] = top + drop[i];
        }
        g.setFill(colour.deriveColor(0, 1, 1, 0.25));
        g.fillPolygon(x, y, STEPS + 1);
        g.setStroke(colour);
        g.setLineWidth(1.5);
        g.strokePolyline(x, y, STEPS + 1);
        g.strokeLine(EDGE, top, WIDE - EDGE, top);
    }

    private static void caption(GraphicsContext g, Palette palette, double y, String words) {
        g.setFill(palette.ink());
        g.fillText(words, EDGE, y);
    }
}
