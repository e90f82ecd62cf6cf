package pteron.app.reckon;

import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.shape.ArcType;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import pteron.app.reckon.SketchText.Stroke;
import pteron.app.style.Palette;
import pteron.app.style.Theme;

/** A pencil sketch of what a small sum asks for, or of what a finding means. */
public final class Sketch extends Canvas {

    private static final double WIDE = 240;
    private static final double HIGH = 124;
    private static final double LARGER = 1.25;

    /** In a card of the side panel there is less room. */
    private static final double CARD_WIDE = 200;

    Sketch(String calculator, Theme theme) {
        this(calculator, theme, WIDE, LARGER);
    }

    private Sketch(String key, Theme theme, double wide, double larger) {
        super(wide * larger, HIGH * larger);
        GraphicsContext g = getGraphicsContext2D();
        g.scale(larger, larger);
        g.setFont(Font.font("Overpass", 12 / larger + 1));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        Palette palette = Palette.of(theme);
        for (Stroke stroke : SketchText.of(key)) {
            draw(g, palette, stroke);
        }
    }

    /** {@return the sketch of what a finding means, by its code; empty where words are enough} */
    public static Optional<Sketch> ofFinding(String code, Theme theme) {
        return SketchText.of(code).isEmpty()
                ? Optional.empty()
                : Optional.of(new Sketch(code, theme, CARD_WIDE, 1));
    }

    private static void draw(GraphicsContext g, Palette palette, Stroke stroke) {
        List<Double> n = stroke.numbers();
        g.setLineDashes();
        g.setStroke(palette.ink());
        g.setLineWidth(1.6);
        switch (stroke.kind()) {
            case "line" -> path(g, n);
            case "dash" -> {
                g.setStroke(palette.quiet());
                g.setLineWidth(1);
                g.setLineDashes(4, 3);
                path(g, n);
            }
            case "fill" -> {
                path(g, n);
                g.setFill(palette.timber());
                g.fill();
                g.closePath();
                g.stroke();
            }
            case "arc" -> arc(g, n);
            default -> {
                g.setFill(palette.choice());
                g.fillText(stroke.words(), n.get(0), n.get(1));
            }
        }
    }

    private static void arc(GraphicsContext g, List<Double> n) {
        double radius = n.get(2);
        g.strokeArc(
                n.get(0) - radius,
                n.get(1) - radius,
                2 * radius,
                2 * radius,
                n.get(3),
                n.get(4),
                ArcType.OPEN);
    }

    private static void path(GraphicsContext g, List<Double> n) {
        g.beginPath();
        g.moveTo(n.get(0), n.get(1));
        for (int i = 2; i + 1 < n.size(); i += 2) {
            g.lineTo(n.get(i), n.get(i + 1));
        }
        g.stroke();
    }
}
