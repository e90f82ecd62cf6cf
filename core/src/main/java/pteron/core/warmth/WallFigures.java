package pteron.core.warmth;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.makeup.MakeUpStation;
import pteron.core.plan.Climate;
import pteron.core.quantity.Named;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.warmth.WarmLayer.Path;

/** Figures of one wall: R, U, coldest place, water. */
final class WallFigures {

    private final WarmWall wall;
    private final Vapour vapour;
    private final Climate climate;
    private final boolean counted;
    private final List<Figure> figures = new ArrayList<>();

    private WallFigures(WarmWall wall, Vapour vapour, Climate climate, boolean counted) {
        this.wall = wall;
        this.vapour = vapour;
        this.climate = climate;
        this.counted = counted;
    }

    static List<Figure> of(WarmWall wall, Vapour vapour, Climate climate, boolean counted) {
        WallFigures all = new WallFigures(wall, vapour, climate, counted);
        all.resistance();
        all.temperatures();
        all.water();
        return all.figures;
    }

    private void add(String key, String name, Quantity value, Supplier<Working> working) {
        figures.add(
                Figure.of(
                        MakeUpStation.MAKE_UP.figure(wall.part() + "-" + key),
                        name + " of the " + wall.part(),
                        value,
                        working));
    }

    private static Quantity resistance(double value) {
        return new Quantity(value, Unit.SQUARE_METRE_KELVIN_PER_WATT);
    }

    private void resistance() {
        add("r", "R, air to air,", resistance(wall.resistance()), this::resistanceWorking);
        add(
                "u",
                "U",
                new Quantity(wall.transmittance(), Unit.WATT_PER_SQUARE_METRE_KELVIN),
                this::resistanceWorking);
        frameShare();
    }

    private Working resistanceWorking() {
        Working.Builder steps =
                Working.of(
                        wall.metalFrame()
                                ? "R = ΔT / q of the section in two dimensions, U = 1 / R"
                                : "R = (R' + R'') / 2, U = 1 / R");
        steps.standard("Rsi", "inside", resistance(wall.surfaces().inside()));
        for (WarmLayer layer : wall.layers()) {
            steps.material("R", layer.name() + ", bay", resistance(layer.resistance(Path.BAY)));
        }
        steps.standard("Rse", "outside", resistance(wall.surfaces().outside()));
        steps.worked(
                "f",
                counted ? "framing fraction, counted" : "framing fraction",
                new Quantity(100 * wall.memberShare(), Unit.PERCENT),
                this::shareWorking);
        steps.plan(
                "g",
                "share of the gaps round the foam, from gap and spacing",
                new Quantity(100 * wall.gapShare(), Unit.PERCENT));
        steps.worked("R'", "upper limit", resistance(wall.upperLimit()), this::upperWorking);
        steps.worked("R''", "lower limit", resistance(wall.lowerLimit()), this::lowerWorking);
        return steps.source(
                wall.metalFrame()
                        ? "the two-dimensional section by finite volumes, as ISO 10211 asks; R' and R'' are shown beside it and not used"
                        : "ISO 6946:2017, combined method");
    }

    private Working shareWorking() {
        return Working.of(
                        counted
                                ? "f = area of the members / area of the panels"
                                : "f = thickness / spacing + 0.06")
                .plan(
                        "f",
                        counted ? "counted from the members" : "from the spacing in the plan",
                        new Quantity(100 * wall.memberShare(), Unit.PERCENT))
                .source(
                        counted
                                ? "the frame of this plan, plates, posts and blocks counted"
                                : "spacing; 0.06 for plates and blocks is common practice");
    }

    /** {@return share of a path: what is neither member nor gap is bay} */
    private double share(Path path) {
        return switch (path) {
            case MEMBER -> wall.memberShare();
            case GAP -> wall.gapShare();
            case BAY -> 1 - wall.memberShare() - wall.gapShare();
        };
    }

    private Working upperWorking() {
        Working.Builder steps = Working.of("1 / R' = f1 / R1 + f2 / R2 + …, paths side by side");
        for (Path path : Path.values()) {
            steps.worked(
                    "f",
                    "share, " + Named.small(path),
                    new Quantity(100 * share(path), Unit.PERCENT),
                    this::shareWorking);
            steps.worked(
                    "R",
                    Named.small(path),
                    resistance(wall.resistance(path)),
                    () -> pathWorking(path));
        }
        return steps.source("ISO 6946:2017, 6.7.2.3");
    }

    private Working lowerWorking() {
        Working.Builder steps =
                Working.of("R'' = Rsi + sum of 1 / (f1 / R1 + f2 / R2 + …) + Rse, layer by layer");
        steps.standard("Rsi", "inside", resistance(wall.surfaces().inside()));
        for (WarmLayer layer : wall.layers()) {
            for (Path path : Path.values()) {
                steps.material(
                        "R",
                        layer.name() + ", " + Named.small(path),
                        resistance(layer.resistance(path)));
            }
        }
        steps.standard("Rse", "outside", resistance(wall.surfaces().outside()));
        return steps.source("ISO 6946:2017, 6.7.2.4");
    }

    private Working pathWorking(Path path) {
        Working.Builder steps = Working.of("R = Rsi + sum of thickness / conductivity + Rse");
        steps.standard("Rsi", "inside", resistance(wall.surfaces().inside()));
        for (WarmLayer layer : wall.layers()) {
            steps.material("R", layer.name(), resistance(layer.resistance(path)));
        }
        steps.standard("Rse", "outside", resistance(wall.surfaces().outside()));
        return steps.source("ISO 6946:2017");
    }

    private void frameShare() {
        if (wall.memberShare() > 0) {
            add(
                    "frame-share",
                    "Framing fraction",
                    new Quantity(100 * wall.memberShare(), Unit.PERCENT),
                    this::shareWorking);
        }
    }

    private void temperatures() {
        double inside = climate.inside().celsius();
        double outside = climate.outside().celsius();
        add(
                "coldest",
                "Lowest inner surface temperature",
                new Quantity(wall.coldest(climate), Unit.CELSIUS),
                () -> {
                    Working.Builder steps =
                            Working.of("T = Ti − (Ti − Te) · Rsi / R on the coldest path")
                                    .plan("Ti", "inside", new Quantity(inside, Unit.CELSIUS))
                                    .plan("Te", "outside", new Quantity(outside, Unit.CELSIUS));
                    for (Path path : Path.values()) {
                        steps.worked(
                                "R",
                                Named.small(path),
                                resistance(wall.resistance(path)),
                                () -> pathWorking(path));
                    }
                    return steps.source("ISO 6946:2017; heat that runs sideways left out");
                });
        between(inside, outside);
        metalFace(inside, outside);
    }

    private void metalFace(double inside, double outside) {
        if (wall.metalFrame()) {
            List<Double> line = wall.temperatures(Path.MEMBER, inside, outside);
            int member = metal();
            add(
                    "metal",
                    "Temperature of the metal, warm face",
                    new Quantity(line.get(member), Unit.CELSIUS),
                    () ->
                            Working.of("temperature where the lining meets the metal")
                                    .worked(
                                            "R",
                                            "on the path of a member",
                                            resistance(wall.resistance(Path.MEMBER)),
                                            () -> pathWorking(Path.MEMBER))
                                    .source(
                                            "parallel paths; where room air reaches it, it is wet below the dew point"));
        }
    }

    /** Temperatures between the layers in the bay, each beside the one at which its vapour condenses. */
    private void between(double inside, double outside) {
        List<Double> line = wall.temperatures(Path.BAY, inside, outside);
        for (int i = 1; i < wall.layers().size(); i++) {
            double before = wall.surfaces().inside();
            for (WarmLayer layer : wall.layers().subList(0, i)) {
                before += layer.resistance(Path.BAY);
            }
            Quantity passed = resistance(before);
            Quantity dew =
                    new Quantity(HumidAir.condensesAt(vapour.pressures().get(i)), Unit.CELSIUS);
            add(
                    "between." + i,
                    "Behind %s,".formatted(wall.layers().get(i - 1).name()),
                    new Quantity(line.get(i), Unit.CELSIUS),
                    () -> betweenWorking(inside, outside, passed, dew));
        }
    }

    private Working betweenWorking(double inside, double outside, Quantity passed, Quantity dew) {
        return Working.of("T = Ti − (Ti − Te) · Rx / R")
                .plan("Ti", "inside", new Quantity(inside, Unit.CELSIUS))
                .plan("Te", "outside", new Quantity(outside, Unit.CELSIUS))
                .worked(
                        "Rx",
                        "air inside to there, in the bay",
                        passed,
                        () -> pathWorking(Path.BAY))
                .worked(
                        "R",
                        "air to air",
                        resistance(wall.resistance(Path.BAY)),
                        () -> pathWorking(Path.BAY))
                .worked("Td", "its vapour condenses at", dew, this::vapourWorking)
                .source("ISO 13788; heat that runs sideways left out");
    }

    private Working vapourWorking() {
        Working.Builder steps =
                Working.of(
                                "vapour pressure falls from inside to outside by s of each layer; it condenses where that pressure saturates air")
                        .plan(
                                "Ti",
                                "inside",
                                new Quantity(climate.inside().celsius(), Unit.CELSIUS))
                        .plan(
                                "inside",
                                "humidity",
                                new Quantity(climate.inside().humidityPercent(), Unit.PERCENT))
                        .plan(
                                "Te",
                                "outside",
                                new Quantity(climate.outside().celsius(), Unit.CELSIUS))
                        .plan(
                                "outside",
                                "humidity",
                                new Quantity(climate.outside().humidityPercent(), Unit.PERCENT));
        for (WarmLayer layer : wall.layers()) {
            steps.material(
                    "s",
                    layer.name() + ", thickness times vapour factor",
                    new Quantity(
                            layer.thicknessMm() / 1000 * layer.bay().vapourFactor(), Unit.METRE));
        }
        return steps.source("ISO 13788 (Glaser)");
    }

    /** {@return index of the interface before the metal: the layer that leads best on the member's path} */
    private int metal() {
        int best = 0;
        for (int i = 1; i < wall.layers().size(); i++) {
            WarmLayer one = wall.layers().get(i);
            boolean differs = !one.member().equals(one.bay());
            boolean leads =
                    one.member().conductivity() > wall.layers().get(best).member().conductivity();
            best =
                    differs
                                    && (leads
                                            || wall.layers()
                                                    .get(best)
                                                    .member()
                                                    .equals(wall.layers().get(best).bay()))
                            ? i
                            : best;
        }
        return best;
    }

    private void water() {
        add(
                "water",
                "Condensate in a winter month",
                new Quantity(vapour.gramsPerMonth(), Unit.GRAM_PER_SQUARE_METRE),
                this::waterWorking);
    }

    private Working waterWorking() {
        Working.Builder steps =
                Working.of("g = 2e-10 · ((pi − pc) / si − (pc − pe) / se) · 30 days")
                        .plan(
                                "inside",
                                "humidity",
                                new Quantity(climate.inside().humidityPercent(), Unit.PERCENT))
                        .plan(
                                "outside",
                                "humidity",
                                new Quantity(climate.outside().humidityPercent(), Unit.PERCENT));
        for (Vapour.Place place : vapour.places()) {
            steps.worked(
                    "g",
                    "behind " + wall.layers().get(place.interfaceIndex() - 1).name(),
                    new Quantity(place.gramsPerMonth(), Unit.GRAM_PER_SQUARE_METRE),
                    this::vapourWorking);
        }
        return steps.source(
                "ISO 13788 (Glaser), steady month, in the bay; air that leaks in brings far more");
    }
}
