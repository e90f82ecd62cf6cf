package pteron.core.picture;

import java.util.ArrayList;
import java.util.List;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Dimension.Side;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Grip;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.drawing.Shape;
import pteron.core.drawing.View;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.makeup.MakeUpStation;
import pteron.core.material.Material;
import pteron.core.model.BoxModel;
import pteron.core.quantity.Tolerance;
import pteron.core.quantity.UnitSystem;

/**
 * Draws floor, walls or roof cut through, to scale: layers lie over each other, the outside of walls and roof
 * on top, that of the floor below; a member stands in the middle.
 */
final class SectionShapes {

    /** Width of the cut (mm). */
    private static final double WIDE_MM = 150;

    /** Room for names at the right (mm). */
    private static final double NAMES_MM = 100;

    /** Room between two parts (mm). */
    static final double GAP_MM = 38;

    /** Least distance of two names (mm). */
    private static final double NAME_STEP_MM = 11;

    private static final double GRIP_MM = 2.5;

    private final BoxModel model;
    private final String part;
    private final Canvas canvas;
    private final List<Strip> strips = new ArrayList<>();
    private double top;

    /** A layer that was drawn. */
    private record Strip(String key, String name, double from, double to) {
        double middle() {
            return (from + to) / 2;
        }
    }

    SectionShapes(BoxModel model, String part) {
        this.model = model;
        this.part = part;
        this.canvas = Canvases.of(model, View.SECTION);
    }

    Drawing drawing() {
        if (part.equals("floor")) {
            floor(model.plan().makeUp().floor());
        } else {
            framed(
                    part.equals("walls")
                            ? model.plan().makeUp().walls()
                            : model.plan().makeUp().roof());
        }
        names();
        dimensions();
        new WarmLines(canvas, part, WIDE_MM, top).draw();
        canvas.room(new Point2(WIDE_MM + NAMES_MM, 0));
        return canvas.drawing();
    }

    /** {@return name of the part, how warm it is, and which way it lies} */
    String title() {
        UnitSystem units = model.plan().units();
        String figure = units == UnitSystem.METRIC ? "-u" : "-r";
        String warm =
                model.figure(MakeUpStation.MAKE_UP.figure(part + figure))
                        .map(f -> (figure.equals("-u") ? ", U " : ", R ") + f.text(units))
                        .orElse("");
        return part + warm + (part.equals("floor") ? ", inside above" : ", inside below");
    }

    private void layer(String key, Layer layer) {
        if (!model.library().contains(layer.material())) {
            strip(key, layer.material(), layer.thicknessMm(), Matter.AIR);
            return;
        }
        Material material = model.library().get(layer.material());
        strip(key, material.name(), layer.thicknessMm(), matter(material));
    }

    private void strip(String key, String name, double thickness, Matter matter) {
        double from = top;
        top += thickness;
        canvas.rectangle(matter, new Point2(0, from), new Point2(WIDE_MM, top));
        strips.add(new Strip(key, name, from, top));
    }

    private static Matter matter(Material material) {
        return switch (material.kind()) {
            case TIMBER -> Matter.TIMBER;
            case BOARD -> Matter.BOARD;
            case FOAM -> Matter.FOAM;
            case SHEET, METAL -> Matter.METAL;
            default -> Matter.ROLL;
        };
    }

    private void floor(Floor floor) {
        if (floor.onBearers()) {
            double depth = floor.bearers().section().depthMm();
            member(floor.bearers(), 0, depth);
            top = depth;
            strips.add(new Strip("floor.bearers.depth", "Bearers", 0, depth));
        }
        layer("floor.bottomFace.thickness", floor.bottomFace());
        double from = top;
        layer("floor.core.thickness", floor.core());
        if (floor.school() == Floor.School.BETWEEN_JOISTS) {
            double between = floor.betweenFacesMm();
            double air = between - floor.core().thicknessMm();
            if (air > Tolerance.TOUCH.lengthMm()) {
                strip("", "Still air", air, Matter.AIR);
            }
            member(floor.bearers(), from, between);
        }
        layer("floor.topFace.thickness", floor.topFace());
        for (int i = 0; i < floor.finish().size(); i++) {
            layer("floor.finish." + i + ".thickness", floor.finish().get(i));
        }
    }

    /** From the lining at the bottom up to the outer skin. */
    private void framed(Framed framed) {
        layer(part + ".innerSkin.thickness", framed.innerSkin());
        for (int i = framed.inside().size() - 1; i >= 0; i--) {
            layer(part + ".inside." + i + ".thickness", framed.inside().get(i));
        }
        double from = top;
        double over = framed.overFrameMm();
        double depth = framed.frameMm();
        double foam = Math.min(framed.insulation().thicknessMm(), depth + over);
        double air = depth + over - foam;
        if (air > Tolerance.TOUCH.lengthMm()) {
            strip("", "Still air", air, Matter.AIR);
        }
        layer(part + ".insulation.thickness", framed.insulation().withThickness(foam));
        if (framed.scheme() != Scheme.FRAMELESS) {
            member(framed.framing(), from + over, from + over + depth);
            packing(framed, from, over);
        }
        for (int i = framed.outside().size() - 1; i >= 0; i--) {
            layer(part + ".outside." + i + ".thickness", framed.outside().get(i));
        }
        layer(part + ".outerSkin.thickness", framed.outerSkin());
    }

    private void packing(Framed framed, double from, double over) {
        if (over > 0 && framed.fit().over() == Framed.Fit.Over.PACKED) {
            double half = framed.framing().section().thicknessMm() / 2;
            canvas.rectangle(
                    Matter.ROLL,
                    new Point2(WIDE_MM / 2 - half, from),
                    new Point2(WIDE_MM / 2 + half, from + over));
        }
    }

    private void member(Members members, double from, double to) {
        double half = Math.min(members.section().thicknessMm(), WIDE_MM) / 2;
        double middle = WIDE_MM / 2;
        boolean tube = members.section().isTube();
        canvas.rectangle(
                Matter.ofMember(tube),
                new Point2(middle - half, from),
                new Point2(middle + half, to));
        if (tube) {
            double wall = members.section().wallMm();
            canvas.rectangle(
                    Matter.AIR,
                    new Point2(middle - half + wall, from + wall),
                    new Point2(middle + half - wall, to - wall));
        }
    }

    private void names() {
        double lowest = Double.NEGATIVE_INFINITY;
        for (Strip strip : strips) {
            double at = Math.max(strip.middle(), lowest + NAME_STEP_MM);
            lowest = at;
            Point2 knee = new Point2(WIDE_MM + 8, at);
            canvas.line(LineKind.HELP, new Point2(WIDE_MM, strip.middle()), knee);
            canvas.add(
                    new Shape.Label(
                            new Point2(WIDE_MM + 9, at),
                            strip.name(),
                            Shape.Label.Kind.NOTE,
                            NAMES_MM));
        }
    }

    private void dimensions() {
        double before = Double.NEGATIVE_INFINITY;
        int row = 0;
        for (Strip strip : strips) {
            if (!strip.key().isEmpty()) {
                // thin layers stand beside each other, thick ones in the first row
                row = strip.middle() - before < NAME_STEP_MM * 2 ? (row + 1) % 3 : 0;
                before = strip.middle();
                canvas.dimension(
                        strip.key(),
                        new Point2(0, strip.from()),
                        new Point2(0, strip.to()),
                        Side.LEFT,
                        row);
                canvas.grip(
                        new Grip(
                                strip.key(),
                                new Bounds2(0, WIDE_MM, strip.to() - GRIP_MM, strip.to() + GRIP_MM),
                                canvas.axes(),
                                Grip.Kind.LAYER));
            }
        }
    }
}
