package pteron.core.reckon;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import pteron.core.carrier.Steps;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.glue.Glue;
import pteron.core.quantity.Named;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Require;
import pteron.core.quantity.Unit;
import pteron.core.warmth.HumidAir;
import pteron.core.warmth.Surfaces;
import pteron.core.warmth.WarmLayer;
import pteron.core.warmth.WarmLayer.Stuff;
import pteron.core.warmth.WarmWall;

/** R and U of layers, dew point, glue, steps. */
final class WarmthCalculators {

    private WarmthCalculators() {}

    static Calculator layers() {
        Input thickness =
                Input.lengths(
                                "layers",
                                "thickness of each layer, inside first (lengths)",
                                "5,60,1.5")
                        .from(0, 10_000);
        Input conductivity =
                Input.numbers(
                        "lambda",
                        "conductivity of each (W/(m·K), comma between)",
                        "0.12,0.034,160");
        Input share =
                Input.number("share", "framing fraction in the second layer (percent)", "0")
                        .from(0, 100);
        Input member = Input.number("member", "conductivity of the members (W/(m·K))", "0.13");
        return new Calculator(
                "u-value",
                "R and U of a wall of layers, with members in the second one",
                List.of(thickness, conductivity, share, member),
                in -> {
                    double members =
                            Require.within(
                                            "share",
                                            in.number(share),
                                            new Require.Range(0, 100, "%"))
                                    / 100;
                    WarmWall wall =
                            wall(
                                    in.lengths(thickness),
                                    in.numbers(conductivity),
                                    members,
                                    in.number(member));
                    return figures(wall);
                });
    }

    private static WarmWall wall(
            List<Double> thickness, List<Double> conductivity, double share, double member) {
        if (thickness.size() != conductivity.size()) {
            throw new IllegalArgumentException(
                    "layers has [%d] thicknesses and lambda has [%d] conductivities; give as many of both"
                            .formatted(thickness.size(), conductivity.size()));
        }
        List<WarmLayer> layers = new ArrayList<>();
        for (int i = 0; i < thickness.size(); i++) {
            Stuff bay = new Stuff(conductivity.get(i), 1);
            Stuff bar = i == 1 ? new Stuff(member, 1) : bay;
            double mm = Require.positive("layers", thickness.get(i), "mm");
            layers.add(new WarmLayer("", "layer " + (i + 1), mm, bay, bar, bay));
        }
        return new WarmWall("walls", layers, share, 0, Surfaces.WALL, Optional.empty());
    }

    private static List<Figure> figures(WarmWall wall) {
        Supplier<Working> working = () -> working(wall);
        return new Answers(working)
                .add("r", "R, air to air", resistance(wall.resistance()))
                .add(
                        "u",
                        "U",
                        new Quantity(wall.transmittance(), Unit.WATT_PER_SQUARE_METRE_KELVIN))
                .list();
    }

    private static Working working(WarmWall wall) {
        Working.Builder steps = Working.of("R = (R' + R'') / 2, U = 1 / R");
        for (WarmLayer layer : wall.layers()) {
            steps.plan("R", layer.name(), resistance(layer.resistance(WarmLayer.Path.BAY)));
        }
        return steps.standard("Rsi", "inside", resistance(wall.surfaces().inside()))
                .standard("Rse", "outside", resistance(wall.surfaces().outside()))
                .worked(
                        "R'",
                        "upper limit",
                        resistance(wall.upperLimit()),
                        () -> paths(wall, "1 / R' = f1 / R1 + f2 / R2"))
                .worked(
                        "R''",
                        "lower limit",
                        resistance(wall.lowerLimit()),
                        () ->
                                paths(
                                        wall,
                                        "R'' = Rsi + sum of 1 / (f1 / R1 + f2 / R2) + Rse, layer by layer"))
                .source("ISO 6946:2017, combined method; heat flowing level");
    }

    private static Quantity resistance(double value) {
        return new Quantity(value, Unit.SQUARE_METRE_KELVIN_PER_WATT);
    }

    static Calculator dewPoint() {
        Input celsius = Input.number("celsius", "air (°C)", "20").from(-40, 60);
        Input humidity = Input.number("humidity", "relative humidity (percent)", "60").from(1, 100);
        return new Calculator(
                "dew-point",
                "Dew point of air",
                List.of(celsius, humidity),
                in -> {
                    double t = in.number(celsius);
                    double h = in.number(humidity);
                    double pressure = HumidAir.pressure(t, h);
                    Supplier<Working> working =
                            () ->
                                    Working.of(
                                                    "p = h · 610.5 · exp(17.269 t / (237.3 + t)), solved for t")
                                            .plan("t", "air", new Quantity(t, Unit.CELSIUS))
                                            .plan("h", "humidity", new Quantity(h, Unit.PERCENT))
                                            .source("ISO 13788, annex E; over ice below 0 °C");
                    return new Answers(working)
                            .add(
                                    "dew-point",
                                    "Dew point",
                                    new Quantity(HumidAir.condensesAt(pressure), Unit.CELSIUS))
                            .add("pressure", "Vapour pressure", new Quantity(pressure, Unit.PASCAL))
                            .list();
                });
    }

    static Calculator glue() {
        Input area = Input.number("area", "area to be glued (m²)", "9.2");
        Input coats = Input.number("coats", "coats, both faces counted", "2").from(1, 20);
        Input coverage =
                Input.number("coverage", "what a litre covers in one coat (m²)", "6")
                        .from(0.01, 1000);
        return new Calculator(
                "glue",
                "Litres of glue for an area",
                List.of(area, coats, coverage),
                in -> {
                    int n = in.whole(coats);
                    double litres = Glue.litres(in.number(area), n, in.number(coverage));
                    Supplier<Working> working =
                            () ->
                                    Working.of("V = A · n / c · 1.1")
                                            .plan("A", "area", squareMetres(in.number(area)))
                                            .plan("n", "coats", Quantity.count(n))
                                            .plan(
                                                    "c",
                                                    "m² from a litre",
                                                    Quantity.ratio(in.number(coverage)))
                                            .source("common practice; a tenth is lost");
                    Quantity answer = new Quantity(litres, Unit.LITRE);
                    return new Answers(working).add("litres", "Glue", answer).list();
                });
    }

    private static Quantity squareMetres(double value) {
        return new Quantity(value, Unit.SQUARE_METRE);
    }

    static Calculator steps() {
        Input height = Input.length("height", "floor over the ground (length)", "760");
        Input most = Input.length("most", "highest step (length)", "230").from(20, 1000);
        return new Calculator(
                "steps",
                "Steps up to a floor",
                List.of(height, most),
                in -> {
                    Steps steps = Steps.to(in.mm(height), in.mm(most));
                    Supplier<Working> working =
                            () ->
                                    Working.of("n = ceil(h / most), step = h / n")
                                            .plan("h", "floor", Quantity.mm(in.mm(height)))
                                            .plan("most", "highest step", Quantity.mm(in.mm(most)))
                                            .source("common practice");
                    return new Answers(working)
                            .add("count", "Steps", Quantity.count(steps.count()))
                            .mm("height", "Height of each", steps.riserMm())
                            .list();
                });
    }

    private static Working paths(WarmWall wall, String formula) {
        Working.Builder steps = Working.of(formula);
        for (WarmLayer layer : wall.layers()) {
            for (WarmLayer.Path path : WarmLayer.Path.values()) {
                steps.plan(
                        "R",
                        layer.name() + ", " + Named.small(path),
                        resistance(layer.resistance(path)));
            }
        }
        return steps.plan(
                        "f",
                        "framing fraction",
                        new Quantity(100 * wall.memberShare(), Unit.PERCENT))
                .source("ISO 6946:2017");
    }
}
