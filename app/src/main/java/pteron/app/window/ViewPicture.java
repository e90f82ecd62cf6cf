package pteron.app.window;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.Scene;
import javax.imageio.ImageIO;
import pteron.app.document.PlanDocument;
import pteron.app.drawing.DrawingView;
import pteron.app.keep.Stamp;
import pteron.app.style.Theme;
import pteron.core.drawing.Drawing;
import pteron.core.model.BoxModel;

/** A view as a picture in pixels, dimensions and all. */
final class ViewPicture {

    private static final int WIDE = 1600;
    private static final int HIGH = 1000;

    private ViewPicture() {}

    /** {@return the picture as a PNG file} */
    static byte[] png(Drawing drawing, Theme theme, BoxModel model) {
        DrawingView view = new DrawingView(new PlanDocument(model, null, Stamp.NONE));
        view.themeProperty().set(theme);
        view.unitsProperty().set(model.plan().units());
        view.drawingProperty().set(drawing);
        Scene scene = new Scene(view, WIDE, HIGH);
        theme.dress(scene);
        scene.getRoot().applyCss();
        scene.getRoot().layout();
        try {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            ImageIO.write(SwingFXUtils.fromFXImage(scene.snapshot(null), null), "png", bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
