package pteron.core.picture;

import java.util.List;
import java.util.Optional;
import pteron.core.drawing.Axes;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Dimension.Side;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.drawing.Shape;
import pteron.core.drawing.View;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.model.BoxModel;
import pteron.core.opening.Openings;
import pteron.core.opening.PlacedOpening;
import pteron.core.plan.Wall;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;

/** Draws the walls inside, side by side, each as one stands before its first face. */
final class InsideShapes {

    /** Room between two (mm). */
    private static final double GAP_MM = 500;

    /** Width of what is drawn where there is none (mm). */
    private static final double EMPTY_MM = 2000;

    private final BoxModel model;
    private final Canvas canvas;

    InsideShapes(BoxModel model) {
        this.model = model;
        this.canvas = Canvases.of(model, View.INSIDE);
    }

    Drawing drawing() {
        List<PanelFrame> inside =
                model.find(Frame.class).stream()
                        .flatMap(frame -> frame.panels().stream())
                        .filter(frame -> frame.panel().kind() == PanelKind.PARTITION)
                        .toList();
        double at = 0;
        for (PanelFrame frame : inside) {
            draw(frame, byMm(frame.panel(), at));
            at += stepMm(frame.panel());
        }
        if (inside.isEmpty()) {
            none();
        }
        return canvas.drawing();
    }

    private static double byMm(Panel panel, double at) {
        return at - panel.frame().bounds().fromU();
    }

    private static double stepMm(Panel panel) {
        return panel.frame().bounds().width() + GAP_MM;
    }

    /** {@return the wall inside that is drawn at a place, and the place in it; empty beside them} */
    static Optional<WallPlace> under(List<Panel> panels, Point2 at) {
        double from = 0;
        for (Panel panel : panels) {
            Optional<Wall> wall = Wall.of(panel.id());
            if (panel.kind() == PanelKind.PARTITION && wall.isPresent()) {
                Point2 place = at.minus(new Point2(byMm(panel, from), 0));
                if (panel.frame()
                        .bounds()
                        .surrounds(new Bounds2(place.u(), place.u(), place.v(), place.v()))) {
                    return Optional.of(new WallPlace(wall.get(), place.minus(panel.zero())));
                }
                from += stepMm(panel);
            }
        }
        return Optional.empty();
    }

    private void none() {
        canvas.line(LineKind.HELP, new Point2(0, 0), new Point2(EMPTY_MM, 0));
        Point2 middle = new Point2(EMPTY_MM / 2, EMPTY_MM / 10);
        canvas.add(
                new Shape.Label(
                        middle,
                        "No partitions yet: add one at Frame, Partitions",
                        Shape.Label.Kind.TITLE,
                        EMPTY_MM));
    }

    private void draw(PanelFrame frame, double byMm) {
        Panel panel = frame.panel();
        canvas.area(Matter.FOAM, moved(panel.frame(), byMm));
        for (Member member : frame.members()) {
            List<Point2> corners = moved(member.profile(), byMm);
            Matter matter = Matter.ofMember(member.section().isTube());
            canvas.add(new Shape.Area(corners, matter, member.name(), 0));
        }
        model.find(Openings.class).stream()
                .flatMap(openings -> openings.in(panel).stream())
                .forEach(one -> opening(one, byMm));
        Bounds2 bounds = panel.frame().bounds();
        Point2 low = new Point2(bounds.fromU() + byMm, bounds.fromV());
        Point2 lowTo = new Point2(bounds.toU() + byMm, bounds.fromV());
        canvas.tells(low, lowTo, Side.BOTTOM, 0);
        canvas.tells(low, new Point2(low.u(), bounds.toV()), Side.LEFT, 0);
        Point2 title = new Point2(bounds.middle().u() + byMm, bounds.toV() + GAP_MM / 5);
        canvas.add(new Shape.Label(title, name(panel), Shape.Label.Kind.TITLE, bounds.width()));
    }

    private String name(Panel panel) {
        int number = Wall.of(panel.id()).map(Wall::number).orElse(1);
        return model.plan().partitions().get(number - 1).name();
    }

    private void opening(PlacedOpening one, double byMm) {
        List<Point2> corners = moved(Polygon2.rectangle(one.cutOut()), byMm);
        new PanelShapes(canvas).opening(one.opening(), corners, Axes.square(1));
    }

    private static List<Point2> moved(Polygon2 shape, double byMm) {
        Point2 by = new Point2(byMm, 0);
        return shape.corners().stream().map(corner -> corner.plus(by)).toList();
    }
}
