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
    int above() {
        double half = canvas.box().plan().box().widthMm() / 2;
        List<PlacedOpening> across =
                openings.stream().filter(one -> one.panel().isAcross()).toList();
        for (int i = 0; i < across.size(); i++) {
            PlacedOpening one = across.get(i);
            Bounds2 cutOut = one.cutOut();
            Point2 begins = on(one, 0, half);
            Point2 from = on(one, cutOut.fromU(), cutOut.toV());
            Point2 to = on(one, cutOut.toU(), cutOut.toV());
            canvas.dimension(key(one) + ".along", begins, from, Side.TOP, i);
            canvas.dimension(key(one) + ".width", from, to, Side.TOP, i);
            Point2 left = on(one, cutOut.fromU(), -half);
            Point2 near = on(one, cutOut.fromU(), cutOut.fromV());
            canvas.dimension(key(one) + ".sill", left, near, Side.LEFT, i);
            canvas.dimension(key(one) + ".height", near, from, Side.LEFT, i);
        }
        return across.size();
    }

    private Point2 on(PlacedOpening one, double u, double v) {
        return canvas.at(one.panel().surface().at(new Point2(u, v), 0));
    }

    /** {@return rows taken above} */
    int end() {
        double half = canvas.box().plan().box().widthMm() / 2;
        for (int i = 0; i < openings.size(); i++) {
            PlacedOpening one = openings.get(i);
            Bounds2 cutOut = one.cutOut();
            boolean across = one.panel().isAcross();
            double least = across ? cutOut.fromV() : cutOut.fromU();
            double most = across ? cutOut.toV() : cutOut.toU();
            double high = on(one, cutOut.toU(), cutOut.toV()).v();
            Point2 left = new Point2(canvas.at(0, -half, 0).u(), high);
            Point2 from = new Point2(canvas.at(0, least, 0).u(), high);
            Point2 to = new Point2(canvas.at(0, most, 0).u(), high);
            canvas.dimension(key(one) + (across ? ".sill" : ".along"), left, from, Side.TOP, i);
            canvas.dimension(key(one) + (across ? ".height" : ".width"), from, to, Side.TOP, i);
        }
        return openings.size();
    }
}
