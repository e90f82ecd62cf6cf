package pteron.app.drawing;

import java.util.List;
import javafx.scene.canvas.Canvas;
import pteron.app.style.Palette;
import pteron.app.style.Theme;
import pteron.core.drawing.Drawing;
import pteron.core.geometry.Bounds2;

/** A small picture of a drawing, without dimensions, that only tells. */
public final class DrawingPicture extends Canvas {

    private static final double EDGE = 4;

    /** A picture of a size (pixels). */
    public DrawingPicture(double width, double height) {
        super(width, height);
        setMouseTransparent(true);
    }

    /**
     * Shows a drawing.
     *
     * @param drawing what is shown
     * @param theme light or dark
     * @param scale pixels for a mm; 0 for as large as it goes
     */
    public void show(Drawing drawing, Theme theme, double scale) {
        Bounds2 bounds = drawing.bounds();
        double wide = getWidth() - 2 * EDGE;
        double high = getHeight() - 2 * EDGE;
        double fits = Math.min(wide / bounds.width(), high / bounds.height());
        double chosen = scale > 0 ? Math.min(scale, fits) : fits;
        double left = (getWidth() - chosen * bounds.width()) / 2 - chosen * bounds.fromU();
        double ground = getHeight() - EDGE + chosen * bounds.fromV();
        Palette palette = Palette.of(theme);
        getGraphicsContext2D().clearRect(0, 0, getWidth(), getHeight());
        Drawing bare = new Drawing(drawing.view(), drawing.shapes(), List.of(), List.of(), bounds);
        new Painter(
                        getGraphicsContext2D(),
                        new ViewTransform(chosen, left, ground),
                        palette,
                        List.of())
                .withoutPaper()
                .paint(bare, null);
    }
}
