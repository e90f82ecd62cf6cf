package pteron.core.warmth;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import pteron.core.extent.Areas;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.makeup.MakeUpStation;
import pteron.core.plan.Climate;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Require;
import pteron.core.quantity.Unit;

/**
 * Heat that a box loses in a steady night. Immutable.
 *
 * @param throughWatt through floor, walls, roof, windows and doors (W)
 * @param airWatt with the air that is changed (W)
 * @param difference between inside and outside (K)
 */
public record HeatLoss(double throughWatt, double airWatt, double difference) {

    /** U of a double plastic window (W/(m²·K)); common practice. */
    public static final double WINDOW_U = 3.0;

    /** U of a thin insulated door (W/(m²·K)); common practice. */
    public static final double DOOR_U = 1.6;

    /** Heat that a cubic metre of air takes for a degree (Wh/(m³·K)): ISO 13789. */
    public static final double AIR_HEAT = 0.34;

    static HeatLoss of(List<WarmWall> walls, Areas areas, Climate climate, double roomM3) {
        double difference = climate.inside().celsius() - climate.outside().celsius();
        double through = areas.windowsM2() * WINDOW_U + areas.doorsM2() * DOOR_U;
        for (WarmWall wall : walls) {
            through += area(wall, areas) * wall.transmittance();
        }
        return new HeatLoss(
                through * difference,
                withAir(roomM3, climate.airChangesPerHour(), difference),
                difference);
    }

    /**
     * Heat that changed air takes.
     *
     * <pre>  Q = 0.34 · n · V · dT  </pre>
     *
     * <p>Source: ISO 13789. Example: V 12 m³, n 1, dT 25 K gives 102 W.
     *
     * @param roomM3 V (m³), 0 or above
     * @param changes n (1/h), 0 or above
     * @param difference dT (K)
     * @return Q (W)
     */
    public static double withAir(double roomM3, double changes, double difference) {
        Require.notNegative("room", roomM3, "m³");
        Require.notNegative("air changes", changes, "1/h");
        return AIR_HEAT * changes * roomM3 * difference;
    }

    static double area(WarmWall wall, Areas areas) {
        return switch (wall.part()) {
            case "floor" -> areas.floorM2();
            case "roof" -> areas.roofM2();
            default -> areas.wallsM2();
        };
    }

    /** {@return all of it (W)} */
    public double watt() {
        return throughWatt + airWatt;
    }

    List<Figure> figures(List<WarmWall> walls, Areas areas) {
        List<Figure> figures = new ArrayList<>();
        figures.add(
                Figure.of(
                        MakeUpStation.MAKE_UP.figure("heat-loss"),
                        "Heat loss of the box",
                        new Quantity(watt(), Unit.WATT),
                        () -> working(walls, areas)));
        figures.add(
                Figure.of(
                        MakeUpStation.MAKE_UP.figure("heat-loss-air"),
                        "Heat loss, part with the air",
                        new Quantity(airWatt, Unit.WATT),
                        () ->
                                Working.of("Q = 0.34 · n · V · dT")
                                        .plan("dT", "inside less outside", kelvin())
                                        .source("ISO 13789")));
        return figures;
    }

    private Quantity kelvin() {
        return new Quantity(difference, Unit.KELVIN);
    }

    private Working working(List<WarmWall> walls, Areas areas) {
        Working.Builder working =
                Working.of("Q = (sum of A · U) · dT + 0.34 · n · V · dT")
                        .plan("dT", "inside less outside", kelvin());
        for (WarmWall wall : walls) {
            String part = wall.part().toLowerCase(Locale.ROOT);
            working.plan(
                    "A", part + ", as drawn", new Quantity(area(wall, areas), Unit.SQUARE_METRE));
            working.worked(
                    "U",
                    part,
                    new Quantity(wall.transmittance(), Unit.WATT_PER_SQUARE_METRE_KELVIN),
                    MakeUpStation.MAKE_UP.figure(wall.part() + "-u"));
        }
        return working.plan("A", "windows", new Quantity(areas.windowsM2(), Unit.SQUARE_METRE))
                .standard("U", "windows", new Quantity(WINDOW_U, Unit.WATT_PER_SQUARE_METRE_KELVIN))
                .plan("A", "doors", new Quantity(areas.doorsM2(), Unit.SQUARE_METRE))
                .standard("U", "doors", new Quantity(DOOR_U, Unit.WATT_PER_SQUARE_METRE_KELVIN))
                .worked(
                        "air",
                        "with the air",
                        new Quantity(airWatt, Unit.WATT),
                        MakeUpStation.MAKE_UP.figure("heat-loss-air"))
                .source(
                        "ISO 13789:2017 and ISO 6946:2017 with outside areas, on the safe side; U of windows and doors is common practice");
    }
}
