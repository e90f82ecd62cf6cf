package pteron.app.window;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Pane;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;
import pteron.app.station.Workbench;
import pteron.app.style.Letters;
import pteron.app.style.Palette;
import pteron.core.balance.Balance;
import pteron.core.carrier.Carrier;
import pteron.core.carrier.Support;
import pteron.core.model.BoxModel;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Tolerance;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;

/** The carrier as a beam on its axles and coupler, the weight where it really sits. */
final class BeamPane extends Pane {

    /** Nearer to the centre line no tape in inches tells a place (mm). */
    private static final double SIXTEENTH_MM = 1.5875;

    private static final double BEAM_Y = 42;
    private static final double SIDE = 70;

    private final Workbench bench;
    private final Canvas canvas = new Canvas();

    BeamPane(Workbench bench) {
        this.bench = bench;
        setId("beam");
        getChildren().add(canvas);
        setPrefHeight(108);
        setMinWidth(0);
        bench.document().modelProperty().subscribe(model -> requestLayout());
        bench.themeProperty().subscribe(theme -> requestLayout());
        bench.lettersProperty().subscribe(scale -> requestLayout());
        bench.narrowProperty().subscribe(narrow -> requestLayout());
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        if (getWidth() > 2 * SIDE) {
            paint();
        }
    }

    /** A foot of the beam. */
    private record Foot(double x, String name, String load) {}

    private void paint() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, getWidth(), getHeight());
        BoxModel model = bench.document().model();
        Carrier carrier = model.carrier();
        double first = carrier.front().placeMm();
        double last = Math.max(carrier.deckRearMm(), carrier.axlesMm().getLast());
        double scale = (getWidth() - 2 * SIDE) / (last - first);
        Palette palette = Palette.of(bench.themeProperty().get());
        g.setFill(palette.ink());
        g.fillRoundRect(SIDE, BEAM_Y, (last - first) * scale, 7, 4, 4);
        List<Foot> feet = feet(model);
        for (int i = 0; i < feet.size(); i++) {
            Foot support = feet.get(i);
            foot(g, palette, SIDE + (support.x() - first) * scale, support, standing(i, feet));
        }
        weight(g, palette, SIDE + (model.balance().centre().x() - first) * scale, model);
    }

    /** Words of the front stand under their foot, of the last of several axles right of it, of the others left. */
    private Standing standing(int index, List<Foot> feet) {
        if (index == 0) {
            return Standing.UNDER;
        }
        boolean last = index == feet.size() - 1;
        if (bench.narrowProperty().get()) {
            return last ? Standing.AT_THE_EDGE : Standing.NOT_SAID;
        }
        return last && feet.size() > 2 ? Standing.RIGHT : Standing.LEFT;
    }

    private enum Standing {
        UNDER,
        LEFT,
        RIGHT,
        AT_THE_EDGE,
        NOT_SAID
    }

    private List<Foot> feet(BoxModel model) {
        UnitSystem units = bench.units();
        Balance balance = model.balance();
        Support front = model.carrier().front();
        Support rear = model.carrier().rear();
        List<Foot> feet = new ArrayList<>();
        feet.add(
                new Foot(
                        front.placeMm(),
                        front.name(),
                        against(balance.load().frontKg(), front.ratingKg(), units)));
        List<Double> axles = model.carrier().axlesMm();
        int first = axles.size() - rear.count();
        double each = rear.ratingKg() / rear.count();
        for (int i = first; i < axles.size(); i++) {
            feet.add(
                    new Foot(
                            axles.get(i),
                            "axle " + (i + 1),
                            against(balance.eachAxleKg(), each, units)));
        }
        return feet;
    }

    private static String against(double has, double may, UnitSystem units) {
        String unit = Unit.KILOGRAM.symbol(units);
        return whole(has, units) + " of " + whole(may, units) + " " + unit;
    }

    /** {@return a mass in whole kilograms or pounds, without the unit} */
    static String whole(double kg, UnitSystem units) {
        return NumberText.format(Unit.KILOGRAM.shown(kg, units), 0);
    }

    private void foot(
            GraphicsContext g, Palette palette, double x, Foot support, Standing standing) {
        g.setFill(palette.ink());
        g.fillPolygon(
                new double[] {x, x - 11, x + 11},
                new double[] {BEAM_Y + 7, BEAM_Y + 26, BEAM_Y + 26},
                3);
        if (standing == Standing.NOT_SAID) {
            return;
        }
        writeLoad(g, palette, x, support, standing);
    }

    /** What the support carries, where it stands in no other's way. */
    private void writeLoad(
            GraphicsContext g, Palette palette, double x, Foot support, Standing standing) {
        Font figures = letters("Overpass Mono", 13);
        double at =
                switch (standing) {
                    case UNDER -> Math.max(width(support.load(), figures) / 2, x);
                    case LEFT -> x - 16;
                    case RIGHT -> x + 16;
                    default -> getWidth();
                };
        g.setTextAlign(
                switch (standing) {
                    case UNDER -> TextAlignment.CENTER;
                    case RIGHT -> TextAlignment.LEFT;
                    default -> TextAlignment.RIGHT;
                });
        boolean below = standing == Standing.UNDER || standing == Standing.AT_THE_EDGE;
        double y = BEAM_Y + (below ? 30 : 13);
        g.setTextBaseline(VPos.TOP);
        g.setFill(palette.quiet());
        g.setFont(letters("Overpass", 12.5));
        g.fillText(standing == Standing.AT_THE_EDGE ? "each axle" : support.name(), at, y);
        g.setFill(palette.ink());
        g.setFont(figures);
        g.fillText(support.load(), at, y + 17 * enlarged());
    }

    private static double width(String text, Font font) {
        Text measure = new Text(text);
        measure.setFont(font);
        return measure.getLayoutBounds().getWidth();
    }

    private double enlarged() {
        return bench.narrowProperty().get()
                ? 1.1
                : Letters.widthOf(1, bench.lettersProperty().get());
    }

    private Font letters(String family, double usual) {
        return Font.font(family, usual * enlarged());
    }

    private void weight(GraphicsContext g, Palette palette, double x, BoxModel model) {
        g.setFill(palette.choice());
        g.fillPolygon(
                new double[] {x, x - 11, x + 11},
                new double[] {BEAM_Y - 1, BEAM_Y - 20, BEAM_Y - 20},
                3);
        String text = where(model);
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(TextAlignment.LEFT);
        Font font = letters("Overpass", 13);
        g.setFont(font);
        double wide = width(text, font);
        boolean left = x > getWidth() * 0.55;
        double from = left ? x - 16 - wide : x + 16;
        boolean beside = from >= 0 && from + wide <= getWidth();
        g.fillText(
                text,
                Math.clamp(from, 0, Math.max(0, getWidth() - wide)),
                beside ? BEAM_Y - 13 : BEAM_Y - 31);
    }

    /** {@return where the centre of gravity lies, in words} */
    private String where(BoxModel model) {
        double y = model.balance().centre().y();
        UnitSystem units = bench.units();
        String side =
                Math.abs(y)
                                < (units == UnitSystem.METRIC
                                        ? Tolerance.PENCIL.lengthMm()
                                        : SIXTEENTH_MM)
                        ? "on centre line"
                        : Quantity.mm(Math.rint(Math.abs(y))).text(units)
                                + (y < 0 ? " left" : " right")
                                + (bench.narrowProperty().get() ? "" : " of centre line");
        return "%s %s %s front of box, %s"
                .formatted(
                        bench.narrowProperty().get() ? "CG" : "centre of gravity",
                        Quantity.mm(Math.rint(Math.abs(model.balance().centre().x()))).text(units),
                        model.balance().centre().x() < 0 ? "ahead of" : "behind",
                        side);
    }
}
