package pteron.core.picture;

import java.util.ArrayList;
import java.util.List;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Shape;
import pteron.core.geometry.Point2;
import pteron.core.plan.Climate;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.warmth.HumidAir;
import pteron.core.warmth.Vapour;
import pteron.core.warmth.WarmLayer.Path;
import pteron.core.warmth.WarmWall;
import pteron.core.warmth.Warmth;

/** Draws temperature and dew point through the layers of a cut, and where water settles. */
final class WarmLines {

    /** Distance of a temperature from the face that it is told of (mm). */
    private static final double TOLD_MM = 8;

    private final Canvas canvas;
    private final String part;
    private final double wideMm;
    private final double top;

    /**
     * Lines over a cut.
     *
     * @param canvas where they are drawn
     * @param part the part of the build-up
     * @param wideMm width of the cut (mm)
     * @param top thickness of the cut (mm)
     */
    WarmLines(Canvas canvas, String part, double wideMm, double top) {
        this.canvas = canvas;
        this.part = part;
        this.wideMm = wideMm;
        this.top = top;
    }

    /** Temperature and dew point in the bay: cold on the left, warm on the right. */
    void draw() {
        canvas.box().find(Warmth.class).ifPresent(this::draw);
    }

    private void draw(Warmth warmth) {
        for (int i = 0; i < warmth.walls().size(); i++) {
            if (warmth.walls().get(i).part().equals(part)) {
                draw(warmth.walls().get(i), warmth.vapours().get(i));
            }
        }
    }

    private void draw(WarmWall wall, Vapour vapour) {
        Climate climate = canvas.box().plan().climate();
        double inside = climate.inside().celsius();
        double outside = climate.outside().celsius();
        List<Double> temperatures = wall.temperatures(Path.BAY, inside, outside);
        boolean floor = part.equals("floor");
        List<Point2> warm = new ArrayList<>();
        List<Point2> dew = new ArrayList<>();
        double v = floor ? top : 0;
        for (int i = 0; i < temperatures.size(); i++) {
            if (i > 0) {
                double thick = wall.layers().get(i - 1).thicknessMm();
                v += floor ? -thick : thick;
            }
            warm.add(new Point2(across(temperatures.get(i), climate), v));
            double point = HumidAir.condensesAt(vapour.pressures().get(i));
            dew.add(new Point2(across(point, climate), v));
        }
        canvas.line(LineKind.TEMPERATURE, warm);
        canvas.line(LineKind.DEW, dew);
        told(warm.getFirst(), temperatures.getFirst(), floor ? 1 : -1);
        told(warm.getLast(), temperatures.getLast(), floor ? -1 : 1);
        for (Vapour.Place place : vapour.places()) {
            canvas.add(new Shape.Mark(dew.get(place.interfaceIndex()), Shape.Mark.Kind.WATER));
        }
    }

    /** Writes a temperature beside the end of its line. */
    private void told(Point2 at, double celsius, int way) {
        String text = new Quantity(celsius, Unit.CELSIUS).text(canvas.box().plan().units());
        canvas.add(
                new Shape.Label(
                        at.plus(new Point2(0, way * TOLD_MM)),
                        text,
                        Shape.Label.Kind.NAME,
                        wideMm));
    }

    /** {@return where a temperature lies across the cut: coldest and warmest air at its edges} */
    private double across(double celsius, Climate climate) {
        double least = Math.min(climate.inside().celsius(), climate.outside().celsius()) - 8;
        double most = Math.max(climate.inside().celsius(), climate.outside().celsius());
        double share = (celsius - least) / Math.max(1, most - least);
        return wideMm * Math.clamp(share, 0, 1);
    }
}
