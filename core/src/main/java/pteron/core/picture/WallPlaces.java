package pteron.core.picture;

import java.util.List;
import java.util.Optional;
import pteron.core.drawing.Axes;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.View;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.model.BoxModel;
import pteron.core.plan.Wall;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Shell;

/** Finds the wall under a place of a view. */
public final class WallPlaces {

    /** So often the place on a bend is looked for: each time much nearer. */
    private static final int STEPS = 8;

    private WallPlaces() {}

    /** {@return the wall that is seen at a place of a view, the nearest one first, empty beside the box} */
    public static Optional<WallPlace> under(BoxModel model, View view, Point2 at) {
        Canvas canvas = Canvases.of(model, view);
        List<Panel> panels = model.find(Shell.class).map(Shell::panels).orElse(List.of());
        if (view == View.INSIDE) {
            return InsideShapes.under(panels, at);
        }
        for (Panel panel : panels.reversed()) {
            Optional<Wall> wall = Wall.of(panel.id());
            if (wall.isPresent() && PanelKind.seenIn(view).contains(panel.kind())) {
                Optional<Point2> place = on(canvas, panel, at);
                if (place.isPresent()) {
                    return Optional.of(new WallPlace(wall.get(), place.get().minus(panel.zero())));
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<Point2> on(Canvas canvas, Panel panel, Point2 at) {
        Polygon2 frame = panel.frame();
        Point2 place = frame.bounds().middle();
        for (int i = 0; i < STEPS; i++) {
            Axes axes = canvas.axes(panel.surface(), place);
            if (!axes.canBeMoved()) {
                return Optional.empty();
            }
            Point2 seen = canvas.at(panel.surface().at(place, 0));
            place = place.plus(axes.moved(at.minus(seen)));
        }
        Bounds2 point = new Bounds2(place.u(), place.u() + 1, place.v(), place.v() + 1);
        boolean inside = frame.contains(Polygon2.rectangle(point), 0.5);
        return inside ? Optional.of(place) : Optional.empty();
    }
}
