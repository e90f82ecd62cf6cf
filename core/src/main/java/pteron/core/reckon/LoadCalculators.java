package pteron.core.reckon;

import java.util.List;
import pteron.core.balance.TwoSupports;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;

/** Load on the coupler. */
final class LoadCalculators {

    private LoadCalculators() {}

    static Calculator coupler() {
        Input mass = Input.number("mass", "trailer and load (kg)", "1800");
        Input centre =
                Input.length("centre", "centre of gravity behind the coupler (length)", "3520");
        Input axles =
                Input.length("axles", "middle of the axles behind the coupler (length)", "4000");
        return new Calculator(
                "coupler",
                "Load on the coupler of a trailer, and its share",
                List.of(mass, centre, axles),
                in -> {
                    TwoSupports load =
                            new TwoSupports(in.number(mass), in.mm(centre), in.mm(axles));
                    return List.of(
                            figure(
                                    "coupler",
                                    "Load on the coupler",
                                    Quantity.kg(load.frontKg()),
                                    load),
                            figure("axles", "Load on all axles", Quantity.kg(load.rearKg()), load),
                            figure(
                                    "share",
                                    "Share on the coupler",
                                    new Quantity(load.frontPercent(), Unit.PERCENT),
                                    load));
                });
    }

    private static Figure figure(String key, String name, Quantity value, TwoSupports load) {
        return Figure.of(
                key,
                name,
                value,
                () ->
                        Working.of("R = m · (xa − xg) / xa; A = m − R; share = 100 · R / m")
                                .plan("m", "trailer and load", Quantity.kg(load.massKg()))
                                .plan(
                                        "xg",
                                        "centre of gravity behind the coupler",
                                        Quantity.mm(load.centreMm()))
                                .plan(
                                        "xa",
                                        "middle of the axles behind the coupler",
                                        Quantity.mm(load.rearMm()))
                                .source(
                                        "equilibrium; good is 10 to 15 %: SAE J2807 and common practice"));
    }
}
