package pteron.core.opening;

import java.util.List;
import java.util.Set;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Dimension.Side;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.outline.Outline;
import pteron.core.plan.PlanKeys;
import pteron.core.shell.PanelKind;

/** Dimensions of the openings that a view shows. */
final class OpeningDimensions {

    private final Canvas canvas;
    private final List<PlacedOpening> openings;
    private final double top;

    OpeningDimensions(Canvas canvas) {
        this.canvas = canvas;
        this.top = canvas.box().get(Outline.class).heightMm();
        Set<PanelKind> seen = PanelKind.seenIn(canvas.view());
        this.openings =
                canvas.box().find(Openings.class).map(Openings::placed).orElse(List.of()).stream()
                        .filter(one -> seen.contains(one.panel().kind()))
                        .toList();
    }

    private Point2 at(double x, double z) {
        return canvas.at(x, 0, z);
    }

    private static String key(PlacedOpening one) {
        return PlanKeys.opening(one.opening().id());
    }

    private static boolean isChosen(PlacedOpening one, String selected) {
        return one.opening().id().equals(selected);
    }

    /** {@return rows taken above} */
    int side(String selected) {
        boolean nobodyChosen = openings.stream().noneMatch(one -> isChosen(one, selected));
        for (int i = 0; i < openings.size(); i++) {
            PlacedOpening one = openings.get(i);
            String key = key(one);
            double from = one.cutOut().fromU();
            double to = one.cutOut().toU();
            canvas.dimension(key + ".along", at(0, top), at(from, one.cutOut().toV()), Side.TOP, i);
            canvas.dimension(
                    key + ".width",
                    at(from, one.cutOut().toV()),
                    at(to, one.cutOut().toV()),
                    Side.TOP,
                    i);
            if (isChosen(one, selected) || (nobodyChosen && i == 0)) {
                heights(one);
            }
        }
        return openings.size();
    }

    private void heights(PlacedOpening one) {
        double floor = canvas.box().plan().makeUp().floor().structureMm();
        Bounds2 cutOut = one.cutOut();
        Point2 low = at(cutOut.fromU(), cutOut.fromV());
        Point2 high = at(cutOut.fromU(), cutOut.toV());
        Side front = canvas.frontSide();
        canvas.dimension(key(one) + ".sill", at(cutOut.fromU(), floor), low, front, 0);
        canvas.dimension(key(one) + ".height", low, high, front, 0);
    }

    /** {@return rows taken above} */
    int end() {
        double half = canvas.box().plan().box().widthMm() / 2;
        for (int i = 0; i < openings.size(); i++) {
            Bounds2 cutOut = openings.get(i).cutOut();
            String key = key(openings.get(i));
            Point2 from = canvas.at(0, cutOut.fromU(), cutOut.toV());
            canvas.dimension(key + ".along", canvas.at(0, -half, cutOut.toV()), from, Side.TOP, i);
            canvas.dimension(
                    key + ".width", from, canvas.at(0, cutOut.toU(), cutOut.toV()), Side.TOP, i);
        }
        return openings.size();
    }
}
