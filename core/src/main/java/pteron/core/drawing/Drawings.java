package pteron.core.drawing;

import java.util.EnumSet;
import java.util.List;
import pteron.core.drawing.Dimension.Side;
import pteron.core.geometry.Point2;
import pteron.core.model.BoxModel;
import pteron.core.shell.PanelKind;
import pteron.core.station.Station;

/** Draws the views of a box. */
public final class Drawings {

    /** Room under a cut for its title (mm). */
    private static final double SECTION_TITLE_MM = 14;

    /** Room over the first cut for figures that stand above short dimensions (mm). */
    private static final double SECTION_TOP_MM = 16;

    private Drawings() {}

    /**
     * {@return a view of the box}
     *
     * @param model the box
     * @param view how it is looked at
     * @param station key of the station whose matter is laid over it
     * @param selected part that is chosen, or empty
     */
    public static Drawing of(BoxModel model, View view, Station station, String selected) {
        return switch (view) {
            case LEFT, RIGHT -> side(model, view, station, selected);
            case FRONT, REAR -> new EndShapes(model, view, station).drawing();
            case PLAN -> plan(model, station);
            case ROOF -> roof(model, station);
            case UNFOLDED -> new UnfoldedShapes(model).drawing();
            case SECTION -> section(model);
            case ALL -> all(model, station);
        };
    }

    private static Drawing side(BoxModel model, View view, Station station, String selected) {
        Canvas canvas = new Canvas(view, model);
        BoxShapes box = new BoxShapes(canvas, station);
        new CarrierShapes(canvas).side();
        PanelKind wall = view == View.LEFT ? PanelKind.LEFT : PanelKind.RIGHT;
        box.skin(wall);
        box.stripFromTheSide();
        box.panels(EnumSet.of(wall));
        box.outline();
        if (station == Station.CARRIER) {
            new SolidShapes(canvas).draw();
        }
        if (station == Station.OUTLINE) {
            new OutlineShapes(canvas).draw();
        }
        box.extras();
        new SideDimensions(canvas).of(station, selected);
        return canvas.drawing();
    }

    private static Drawing plan(BoxModel model, Station station) {
        Canvas canvas = new Canvas(View.PLAN, model);
        BoxShapes box = new BoxShapes(canvas, station);
        new CarrierShapes(canvas).above();
        if (station == Station.CARRIER) {
            // the floor would hide the steel that is looked for there
            new SolidShapes(canvas).draw();
        } else {
            box.panels(EnumSet.of(PanelKind.FLOOR));
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

    private static Drawing roof(BoxModel model, Station station) {
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
    private static Drawing all(BoxModel model, Station station) {
        Drawing left = side(model, View.LEFT, station, "").withOverallDimensions();
        Drawing rear = new EndShapes(model, View.REAR, station).drawing().withOverallDimensions();
        Drawing front = new EndShapes(model, View.FRONT, station).drawing().withOverallDimensions();
        Drawing plan = plan(model, station).withOverallDimensions();
        double row = Sheet.rowMm(List.of(left, rear), List.of(left, plan));
        Sheet sheet = new Sheet(View.ALL, row);
        int beside = left.rows(Side.RIGHT) + rear.rows(Side.LEFT) + 1;
        double right = left.bounds().toU() + row * beside;
        int rows = left.rows(Side.BOTTOM) + plan.rows(Side.TOP) + 2;
        double below = left.bounds().fromV() - row * rows;
        sheet.put(left, new Point2(0, 0));
        sheet.put(rear, new Point2(right - rear.bounds().fromU(), 0));
        sheet.put(plan, new Point2(0, below - plan.bounds().toV()));
        sheet.put(front, new Point2(right - front.bounds().fromU(), below - front.bounds().toV()));
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
        sheet.roomAbove(SECTION_TOP_MM);
        return sheet.drawing();
    }
}
