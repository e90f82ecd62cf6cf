package pteron.core.picture;

import java.util.List;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Dimension.Side;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Layer;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.View;
import pteron.core.geometry.Point2;
import pteron.core.model.BoxModel;
import pteron.core.outline.EdgeKind;
import pteron.core.outline.Element;
import pteron.core.outline.Outline;
import pteron.core.shell.PanelKind;

/** Draws a long side of the box on its carrier. */
final class SideShapes {

    private final BoxModel model;
    private final List<Layer> layers;
    private final Canvas canvas;

    SideShapes(BoxModel model, View view, List<Layer> layers, String aspect) {
        this.model = model;
        this.layers = layers;
        this.canvas = Canvases.of(model, view, aspect);
    }

    Drawing drawing(String selected) {
        BoxShapes box = new BoxShapes(canvas, layers);
        new CarrierShapes(canvas).side();
        box.skin(canvas.view() == View.LEFT ? PanelKind.LEFT : PanelKind.RIGHT);
        box.stripFromTheSide();
        box.panels();
        box.outline();
        layers.forEach(layer -> layer.overBox(canvas));
        overall(LayerRows.rows(layers, canvas, selected));
        return canvas.drawing();
    }

    private Point2 at(double x, double z) {
        return canvas.at(x, 0, z);
    }

    private void overall(int row) {
        Outline outline = model.outline();
        double top = outline.heightMm();
        double rear = outline.rearmostMm();
        canvas.dimension("box.length", at(outline.foremostMm(), top), at(rear, top), Side.TOP, row);
        canvas.dimension("box.height", at(rear, 0), at(rear, top), canvas.rearSide(), 0);
        double ground = model.carrier().groundMm();
        double rise = outline.hasStraightRoof() ? model.plan().box().details().crownMm() : 0;
        canvas.tells(at(rear, ground), at(rear, top + rise), canvas.rearSide(), 1);
        if (rise > 0) {
            outline.elements().stream()
                    .filter(one -> one.kind() == EdgeKind.ROOF && one.isStraight())
                    .forEach(one -> crown(one, rise));
        }
    }

    /** The middle of a roof that rises across the width. */
    private void crown(Element roof, double riseMm) {
        Point2 from = roof.curve().from();
        Point2 to = roof.curve().to();
        canvas.line(
                LineKind.HELP,
                at(from.u(), from.v()),
                at(from.u(), from.v() + riseMm),
                at(to.u(), to.v() + riseMm),
                at(to.u(), to.v()));
    }
}
