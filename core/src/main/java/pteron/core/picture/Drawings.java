package pteron.core.picture;

import java.util.List;
import pteron.core.drawing.Dimension.Side;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Layer;
import pteron.core.drawing.View;
import pteron.core.geometry.Point2;
import pteron.core.model.BoxModel;
import pteron.core.model.Route;
import pteron.core.page.FramePages;
import pteron.core.quantity.Quantity;
import pteron.core.solid.Eye;
import pteron.core.solid.Peel;
import pteron.core.solid.SolidDrawing;
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
     * @param station the station whose matter is laid over it
     * @param selected part that is chosen, or empty
     */
    public static Drawing of(BoxModel model, View view, Station station, String selected) {
        return of(model, view, station, selected, "");
    }

    /**
     * {@return a view of the box, its station looked at in one of its ways}
     *
     * @param aspect which way, such as the inner sheets; empty for the first
     */
    public static Drawing of(
            BoxModel model, View view, Station station, String selected, String aspect) {
        List<Layer> layers = Route.stop(station).layers();
        return switch (view) {
            case LEFT, RIGHT -> new SideShapes(model, view, layers, aspect).drawing(selected);
            case FRONT, REAR -> new EndShapes(model, view, layers, aspect).drawing(selected);
            case PLAN -> new AboveShapes(model, view, layers, aspect).plan(selected);
            case ROOF -> new AboveShapes(model, view, layers, aspect).roof(selected);
            case UNFOLDED -> new UnfoldedShapes(model).drawing();
            case SOLID -> SolidDrawing.of(model, Peel.WHOLE).seen(Eye.USUAL);
            case SECTION -> section(model);
            case ALL -> all(model, station);
            case INSIDE -> new InsideShapes(model).drawing();
            case FRAMES -> FramePages.drawing(model, aspect);
        };
    }

    /** Puts the views on one sheet as they join: plan under the side, ends beside it. */
    private static Drawing all(BoxModel model, Station station) {
        return joined(
                model,
                station,
                overall(model, View.LEFT, station),
                overall(model, View.REAR, station),
                View.REAR.title());
    }

    /**
     * {@return all views of a box that is only begun, a person in it and the shop's door round it}
     *
     * @param model the box
     * @param station the station whose matter is laid over it
     */
    public static Drawing beginning(BoxModel model, Station station) {
        return joined(
                model,
                station,
                Yardsticks.withPerson(model, overall(model, View.LEFT, station)),
                Yardsticks.withShopDoor(
                        model, Yardsticks.withPerson(model, overall(model, View.REAR, station))),
                "From behind, in a shop door of "
                        + Quantity.mm(model.plan().limits().shopDoorMm())
                                .text(model.plan().units()));
    }

    private static Drawing joined(
            BoxModel model, Station station, Drawing left, Drawing rear, String rearTitle) {
        Drawing front = overall(model, View.FRONT, station);
        Drawing plan = overall(model, View.PLAN, station);
        double row = Sheet.rowMm(List.of(left, rear), List.of(left, plan));
        Sheet sheet = new Sheet(View.ALL, row);
        int beside = left.rows(Side.RIGHT) + rear.rows(Side.LEFT) + 1;
        double right = left.bounds().toU() + row * beside;
        int rows = left.rows(Side.BOTTOM) + plan.rows(Side.TOP) + 2;
        double below = left.bounds().fromV() - row * rows;
        sheet.put(left, new Point2(0, 0));
        double ends = right - Math.min(rear.bounds().fromU(), front.bounds().fromU());
        sheet.put(rear, new Point2(ends, 0), rearTitle);
        sheet.put(plan, new Point2(0, below - plan.bounds().toV()));
        sheet.put(front, new Point2(ends, below - front.bounds().toV()));
        return sheet.drawing();
    }

    private static Drawing overall(BoxModel model, View view, Station station) {
        return of(model, view, station, "").withOverallDimensions();
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
