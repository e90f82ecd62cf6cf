package pteron.core.page;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Shape;
import pteron.core.drawing.View;
import pteron.core.frame.Frame;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.model.BoxModel;
import pteron.core.opening.Openings;
import pteron.core.shell.PanelKind;

/** The pages of a box. Pure functions. */
public final class FramePages {

    /** Room of a view that has nothing to show (mm). */
    private static final double EMPTY_MM = 1000;

    private FramePages() {}

    /** {@return a page for each panel with members, the left wall first; none while the frame is not detailed} */
    public static List<FramePage> of(BoxModel model) {
        if (model.isWeighedByAreas()) {
            return List.of();
        }
        Optional<Frame> frame = model.find(Frame.class);
        Optional<Openings> openings = model.find(Openings.class);
        if (frame.isEmpty() || openings.isEmpty()) {
            return List.of();
        }
        List<FramePage> all = new ArrayList<>(FramePage.all(frame.get(), openings.get()));
        all.sort(Comparator.comparing(page -> !isFirst(page)));
        return all;
    }

    /**
     * {@return the drawing of the page of one panel}
     *
     * @param model the box
     * @param panel id of the panel; the first page where there is none of that name
     */
    public static Drawing drawing(BoxModel model, String panel) {
        List<FramePage> pages = of(model);
        return pages.stream()
                .filter(page -> page.panel().id().equals(panel))
                .findFirst()
                .or(() -> pages.stream().findFirst())
                .map(page -> PageShapes.of(page, model.plan().units()).drawing())
                .orElseGet(FramePages::nothing);
    }

    private static boolean isFirst(FramePage page) {
        return page.panel().kind() == PanelKind.LEFT;
    }

    private static Drawing nothing() {
        Bounds2 bounds = new Bounds2(0, EMPTY_MM, 0, EMPTY_MM);
        Shape.Label none =
                new Shape.Label(
                        new Point2(EMPTY_MM / 2, EMPTY_MM / 2),
                        "No frame yet. See Findings.",
                        Shape.Label.Kind.TITLE,
                        Double.POSITIVE_INFINITY);
        return new Drawing(View.FRAMES, List.of(none), List.of(), List.of(), bounds);
    }
}
