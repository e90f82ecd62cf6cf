package pteron.app.drawing;

import pteron.core.drawing.Drawing;
import pteron.core.drawing.View;

/** How a drawing lies on the screen: fitted into its room, or where a hand has moved it. */
final class Lens {

    private ViewTransform transform = new ViewTransform(0.1, 0, 0);
    private View fittedView;
    private double fittedWidth;
    private double fittedHeight;

    ViewTransform transform() {
        return transform;
    }

    void move(ViewTransform to) {
        transform = to;
    }

    /** Fits the next drawing anew, whether all of it is in sight or not. */
    void forget() {
        fittedView = null;
    }

    /** The view stands still while it shows all of the drawing, so that what is worked at stays in its place. */
    void fit(Drawing drawing, double width, double height) {
        boolean same =
                drawing.view() == fittedView && width == fittedWidth && height == fittedHeight;
        if (same && transform.shows(drawing, width, height)) {
            return;
        }
        transform = ViewTransform.fitting(drawing, width, height);
        fittedView = drawing.view();
        fittedWidth = width;
        fittedHeight = height;
    }
}
