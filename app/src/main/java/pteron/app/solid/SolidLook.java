package pteron.app.solid;

import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import pteron.core.drawing.Drawing;
import pteron.core.model.BoxModel;
import pteron.core.solid.Eye;
import pteron.core.solid.Peel;
import pteron.core.solid.SolidDrawing;

/** How the solid box is looked at. */
public final class SolidLook {

    /** A turn for a pixel of the mouse (degrees). */
    private static final double DEGREES_PER_PIXEL = 0.4;

    private final ObjectProperty<Eye> eye = new SimpleObjectProperty<>(Eye.USUAL);
    private final ObjectProperty<Peel> peel = new SimpleObjectProperty<>(Peel.WHOLE);
    private BoxModel builtOf;
    private Peel builtWith;
    private SolidDrawing built;

    /** {@return where it is looked at from} */
    public ObjectProperty<Eye> eyeProperty() {
        return eye;
    }

    /** {@return what of it is on} */
    public ObjectProperty<Peel> peelProperty() {
        return peel;
    }

    /** Turns it by a way of the mouse (pixels): what is under the pointer follows it. */
    public void turn(double rightPixels, double downPixels) {
        eye.set(eye.get().turned(rightPixels * DEGREES_PER_PIXEL, downPixels * DEGREES_PER_PIXEL));
    }

    /** {@return the box as it is seen now} */
    public Drawing drawing(BoxModel model) {
        if (model != builtOf || !peel.get().equals(builtWith)) {
            built = SolidDrawing.of(model, peel.get());
            builtOf = model;
            builtWith = peel.get();
        }
        return built.seen(eye.get());
    }
}
