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
                counted ? "share of the members, counted" : "share of the members",
                new Quantity(100 * wall.memberShare(), Unit.PERCENT));
        steps.worked(
                "g",
                "share of the gaps round the foam",
                new Quantity(100 * wall.gapShare(), Unit.PERCENT));
        steps.worked("R'", "upper limit", resistance(wall.upperLimit()));
        steps.worked("R''", "lower limit", resistance(wall.lowerLimit()));
        return steps.source(
                wall.metalFrame()
                        ? "the two-dimensional section by finite volumes, as ISO 10211 asks; R' and R'' are shown beside it and not used"
                        : "ISO 6946:2017, combined method");
    }

    private void frameShare() {
        if (wall.memberShare() > 0) {
            add(
                    "frame-share",
                    "Share of the members",
                    new Quantity(100 * wall.memberShare(), Unit.PERCENT),
                    () ->
                            Working.of(
                                            counted
                                                    ? "f = area of the members / area of the panels"
                                                    : "f = thickness / spacing + 0.06")
                                    .worked(
                                            "f",
                                            "share of the members",
                                            new Quantity(100 * wall.memberShare(), Unit.PERCENT))
                                    .source(
                                            counted
                                                    ? "the frame of this plan, plates, posts and blocks counted"
                                                    : "spacing; 0.06 for plates and blocks is common practice"));
        }
    }

    private void temperatures() {
        double inside = climate.inside().celsius();
        double outside = climate.outside().celsius();
        add(
                "coldest",
                "Coldest place on the inner surface",
                new Quantity(wall.coldest(climate), Unit.CELSIUS),
                () -> {
                    Working.Builder steps =
                            Working.of("T = Ti − (Ti − Te) · Rsi / R on the coldest path")
                                    .plan("Ti", "inside", new Quantity(inside, Unit.CELSIUS))
                                    .plan("Te", "outside", new Quantity(outside, Unit.CELSIUS));
                    for (Path path : Path.values()) {
                        steps.worked("R", Named.small(path), resistance(wall.resistance(path)));
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
                    "Warm face of the metal",
                    new Quantity(line.get(member), Unit.CELSIUS),
                    () ->
                            Working.of("temperature where the lining meets the metal")
                                    .worked(
                                            "R",
                                            "on the path of a member",
                                            resistance(wall.resistance(Path.MEMBER)))
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
                    () ->
                            Working.of("T = Ti − (Ti − Te) · Rx / R")
                                    .plan("Ti", "inside", new Quantity(inside, Unit.CELSIUS))
                                    .plan("Te", "outside", new Quantity(outside, Unit.CELSIUS))
                                    .worked("Rx", "air inside to there, in the bay", passed)
                                    .worked(
                                            "R",
                                            "air to air",
                                            resistance(wall.resistance(Path.BAY)))
                                    .worked("Td", "its vapour condenses at", dew)
                                    .source("ISO 13788; heat that runs sideways left out"));
        }
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
                "Water between the layers in a winter month",
                new Quantity(vapour.gramsPerMonth(), Unit.GRAM_PER_SQUARE_METRE),
                () -> {
                    Working.Builder steps =
                            Working.of("g = 2e-10 · ((pi − pc) / si − (pc − pe) / se) · 30 days")
                                    .plan(
                                            "inside",
                                            "humidity",
                                            new Quantity(
                                                    climate.inside().humidityPercent(),
                                                    Unit.PERCENT))
                                    .plan(
                                            "outside",
                                            "humidity",
                                            new Quantity(
                                                    climate.outside().humidityPercent(),
                                                    Unit.PERCENT));
                    for (Vapour.Place place : vapour.places()) {
                        steps.worked(
                                "g",
                                "behind " + wall.layers().get(place.interfaceIndex() - 1).name(),
                                new Quantity(place.gramsPerMonth(), Unit.GRAM_PER_SQUARE_METRE));
                    }
                    return steps.source(
                            "ISO 13788 (Glaser), steady month, in the bay; air that leaks in brings far more");
                });
    }
}
