package pteron.core.drawing;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import pteron.core.drawing.Dimension.Side;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.model.BoxModel;
import pteron.core.opening.PlacedOpening;
import pteron.core.shell.PanelKind;
import pteron.core.vehicle.Pickup;

/** Draws the views of a box. */
public final class Drawings {

    /** Room between two views on one sheet, for their dimensions (mm). */
    private static final double GAP_MM = 1100;

    /** Room under a cut for its title (mm). */
    private static final double SECTION_TITLE_MM = 34;

    private Drawings() {}

    /**
     * {@return a view of the box}
     *
     * @param model the box
     * @param view how it is looked at
     * @param station key of the station whose matter is laid over it
     * @param selected part that is chosen, or empty
     */
    public static Drawing of(BoxModel model, View view, String station, String selected) {
        return switch (view) {
            case LEFT, RIGHT -> side(model, view, station, selected);
            case FRONT, REAR -> end(model, view, station);
            case PLAN -> plan(model, station);
            case ROOF -> roof(model, station);
            case UNFOLDED -> new UnfoldedShapes(model).drawing();
            case SECTION -> section(model);
            case ALL -> all(model, station);
        };
    }

    private static Drawing side(BoxModel model, View view, String station, String selected) {
        Canvas canvas = new Canvas(view, model);
        BoxShapes box = new BoxShapes(canvas, station);
        new CarrierShapes(canvas).side();
        PanelKind wall = view == View.LEFT ? PanelKind.LEFT : PanelKind.RIGHT;
        box.skin(wall);
        box.stripFromTheSide();
        box.panels(EnumSet.of(wall));
        box.outline();
        if (station.equals("carrier")) {
            new CarrierShapes(canvas).solids();
        }
        if (station.equals("outline")) {
            new OutlineShapes(canvas).draw();
        }
        box.extras();
        new SideDimensions(canvas).of(station, selected);
        return canvas.drawing();
    }

    private static Drawing end(BoxModel model, View view, String station) {
        Canvas canvas = new Canvas(view, model);
        BoxShapes box = new BoxShapes(canvas, station);
        new CarrierShapes(canvas).end();
        double half = model.plan().box().widthMm() / 2;
        double top = model.outline().heightMm();
        canvas.rectangle(Matter.SKIN, canvas.at(0, -half, 0), canvas.at(0, half, top));
        Set<PanelKind> kinds =
                view == View.FRONT
                        ? EnumSet.of(PanelKind.FRONT, PanelKind.NOSE)
                        : EnumSet.of(PanelKind.REAR, PanelKind.TAIL);
        box.panels(kinds);
        if (station.equals("carrier")) {
            new CarrierShapes(canvas).solids();
        }
        canvas.line(
                LineKind.OUTLINE,
                canvas.at(0, -half, 0),
                canvas.at(0, -half, top),
                canvas.at(0, half, top),
                canvas.at(0, half, 0));
        box.extras();
        Point2 left = canvas.at(0, -half, top);
        Point2 right = canvas.at(0, half, top);
        int row = station.equals("openings") ? endOpenings(canvas, kinds) : 0;
        canvas.dimension("box.width", left, right, Side.TOP, row);
        Point2 outermost = left.u() > right.u() ? left : right;
        canvas.dimension(
                "box.height",
                new Point2(outermost.u(), outermost.v() - top),
                outermost,
                Side.RIGHT,
                0);
        canvas.tells(new Point2(outermost.u(), 0), outermost, Side.RIGHT, 1);
        if (station.equals("carrier")) {
            double deck = model.plan().vehicle().deck().widthMm() / 2;
            double ground = model.carrier().groundMm();
            if (model.carrier().vehicle() instanceof Pickup pickup) {
                double wells = pickup.bed().wells().betweenMm() / 2;
                double rails = pickup.bed().railWidthMm() / 2;
                canvas.dimension(
                        "wells.between",
                        canvas.at(0, -wells, ground),
                        canvas.at(0, wells, ground),
                        Side.BOTTOM,
                        1);
                canvas.dimension(
                        "bed.rail-width",
                        canvas.at(0, -rails, ground),
                        canvas.at(0, rails, ground),
                        Side.BOTTOM,
                        2);
            }
            canvas.dimension(
                    "deck.width",
                    canvas.at(0, -deck, ground),
                    canvas.at(0, deck, ground),
                    Side.BOTTOM,
                    0);
        }
        return canvas.drawing();
    }

    private static int endOpenings(Canvas canvas, Set<PanelKind> kinds) {
        List<PlacedOpening> openings =
                canvas
                        .model()
                        .built()
                        .map(built -> built.openings().placed())
                        .orElse(List.of())
                        .stream()
                        .filter(one -> kinds.contains(one.panel().kind()))
                        .toList();
        double half = canvas.model().plan().box().widthMm() / 2;
        for (int i = 0; i < openings.size(); i++) {
            Bounds2 cutOut = openings.get(i).cutOut();
            String key = "opening." + openings.get(i).opening().id();
            double z = cutOut.toV();
            canvas.dimension(
                    key + ".along",
                    canvas.at(0, -half, z),
                    canvas.at(0, cutOut.fromU(), z),
                    Side.TOP,
                    i);
            canvas.dimension(
                    key + ".width",
                    canvas.at(0, cutOut.fromU(), z),
                    canvas.at(0, cutOut.toU(), z),
                    Side.TOP,
                    i);
        }
        return openings.size();
    }

    private static Drawing plan(BoxModel model, String station) {
        Canvas canvas = new Canvas(View.PLAN, model);
        BoxShapes box = new BoxShapes(canvas, station);
        new CarrierShapes(canvas).above();
        box.panels(EnumSet.of(PanelKind.FLOOR));
        if (station.equals("carrier")) {
            new CarrierShapes(canvas).solids();
        }
        fromAbove(canvas);
        box.extras();
        double half = model.plan().vehicle().deck().widthMm() / 2;
        double front = model.carrier().deckFrontMm();
        canvas.dimension(
                "deck.length",
                canvas.at(front, -half, 0),
                canvas.at(model.carrier().deckRearMm(), -half, 0),
                Side.BOTTOM,
                0);
        canvas.dimension(
                "deck.width", canvas.at(front, -half, 0), canvas.at(front, half, 0), Side.LEFT, 0);
        if (Math.abs(front) > 1) {
            canvas.dimension(
                    "box.offset", canvas.at(front, half, 0), canvas.at(0, half, 0), Side.TOP, 1);
        }
        return canvas.drawing();
    }

    private static Drawing roof(BoxModel model, String station) {
        Canvas canvas = new Canvas(View.ROOF, model);
        BoxShapes box = new BoxShapes(canvas, station);
        box.panels(EnumSet.of(PanelKind.NOSE, PanelKind.ROOF, PanelKind.TAIL));
        fromAbove(canvas);
        box.extras();
        return canvas.drawing();
    }

    private static void fromAbove(Canvas canvas) {
        BoxModel model = canvas.model();
        double half = model.plan().box().widthMm() / 2;
        double front = model.outline().foremostMm();
        double rear = model.outline().rearmostMm();
        canvas.line(
                LineKind.OUTLINE,
                canvas.at(front, -half, 0),
                canvas.at(front, half, 0),
                canvas.at(rear, half, 0),
                canvas.at(rear, -half, 0),
                canvas.at(front, -half, 0));
        canvas.dimension(
                "box.length", canvas.at(front, half, 0), canvas.at(rear, half, 0), Side.TOP, 0);
        canvas.dimension(
                "box.width", canvas.at(rear, -half, 0), canvas.at(rear, half, 0), Side.RIGHT, 0);
    }

    /** Puts the views on one sheet as they join: plan under the side, ends beside it. */
    private static Drawing all(BoxModel model, String station) {
        Drawing left = side(model, View.LEFT, station, "");
        Drawing rear = end(model, View.REAR, station);
        Drawing front = end(model, View.FRONT, station);
        Drawing plan = plan(model, station);
        double right = left.bounds().toU() + GAP_MM;
        double below = left.bounds().fromV() - GAP_MM;
        Sheet sheet = new Sheet(View.ALL, GAP_MM);
        sheet.put(left, new Point2(0, 0));
        sheet.put(rear, new Point2(right - rear.bounds().fromU(), 0));
        double planAt = below - plan.bounds().toV();
        sheet.put(plan, new Point2(0, planAt));
        double frontAt = below - front.bounds().toV() - 0.05 * GAP_MM;
        sheet.put(front, new Point2(right - front.bounds().fromU(), frontAt));
        return sheet.drawing();
    }

    /** Roof, walls and floor over each other, all to one scale. */
    private static Drawing section(BoxModel model) {
        Sheet sheet = new Sheet(View.SECTION, SECTION_TITLE_MM);
        double below = 0;
        for (String part : List.of("roof", "walls", "floor")) {
            SectionShapes cut = new SectionShapes(model, part);
            Drawing drawing = cut.drawing();
            below -= drawing.bounds().toV();
            sheet.put(drawing, new Point2(0, below), cut.title());
            below -= SectionShapes.GAP_MM;
        }
        return sheet.drawing();
    }

    /** Several views on one sheet. */
    private static final class Sheet {
        private final View view;
        private final double titleMm;
        private final List<Shape> shapes = new ArrayList<>();
        private final List<Dimension> dimensions = new ArrayList<>();
        private final List<Grip> grips = new ArrayList<>();
        private Bounds2 bounds;

        Sheet(View view, double titleMm) {
            this.view = view;
            this.titleMm = titleMm;
        }

        void put(Drawing drawing, Point2 by) {
            put(drawing, by, drawing.view().title());
        }

        void put(Drawing drawing, Point2 by, String title) {
            drawing.shapes().forEach(shape -> shapes.add(shape.moved(by)));
            drawing.dimensions().forEach(dimension -> dimensions.add(dimension.moved(by)));
            for (Grip grip : drawing.grips()) {
                grips.add(grip.at(moved(grip.area(), by)));
            }
            Bounds2 here = moved(drawing.bounds(), by);
            double below = (0.22 + 0.3 * drawing.rows(Side.BOTTOM)) * titleMm;
            shapes.add(
                    new Shape.Label(
                            new Point2(here.middle().u(), here.fromV() - below),
                            title,
                            Shape.Label.Kind.TITLE,
                            Double.POSITIVE_INFINITY));
            bounds = bounds == null ? here : joined(bounds, here);
        }

        private static Bounds2 moved(Bounds2 b, Point2 by) {
            return new Bounds2(
                    b.fromU() + by.u(), b.toU() + by.u(), b.fromV() + by.v(), b.toV() + by.v());
        }

        private static Bounds2 joined(Bounds2 a, Bounds2 b) {
            return new Bounds2(
                    Math.min(a.fromU(), b.fromU()),
                    Math.max(a.toU(), b.toU()),
                    Math.min(a.fromV(), b.fromV()),
                    Math.max(a.toV(), b.toV()));
        }

        Drawing drawing() {
            return new Drawing(view, shapes, dimensions, grips, bounds);
        }
    }
}
