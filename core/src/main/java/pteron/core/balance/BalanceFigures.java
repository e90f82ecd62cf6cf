package pteron.core.balance;

import java.util.ArrayList;
import java.util.List;
import pteron.core.carrier.Carrier;
import pteron.core.carrier.Support;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.quantity.Named;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.stage.Part;
import pteron.core.vehicle.Trailer;

/** Masses, centre of gravity, loads and margins. */
final class BalanceFigures {

    private final Balance balance;
    private final Support front;
    private final Support rear;

    private BalanceFigures(Balance balance, Carrier carrier) {
        this.balance = balance;
        this.front = carrier.front();
        this.rear = carrier.rear();
    }

    static List<Figure> of(Balance balance, Carrier carrier) {
        BalanceFigures all = new BalanceFigures(balance, carrier);
        List<Figure> figures = new ArrayList<>();
        figures.add(
                all.mass(
                        BalanceStation.BALANCE.figure("total-mass"),
                        "Everything, empty inside",
                        balance.massKg()));
        figures.add(
                all.mass(BalanceStation.BALANCE.figure("box-mass"), "The box", balance.boxKg()));
        figures.add(all.centre("x", "behind the front face", balance.centre().x()));
        figures.add(all.centre("y", "right of the middle", balance.centre().y()));
        figures.add(all.centre("z", "above the deck", balance.centre().z()));
        figures.add(all.frontLoad());
        figures.add(all.share());
        figures.add(all.rearLoad());
        boolean trailer = carrier.vehicle() instanceof Trailer;
        int first = trailer ? 1 : 2;
        for (int i = 0; i < balance.axleCount(); i++) {
            figures.add(all.axle(first + i));
        }
        double gross = carrier.vehicle().gear().grossKg();
        figures.add(margin("gross", "gross rating", balance.massKg(), gross));
        figures.addAll(all.supportMargins(trailer));
        return figures;
    }

    private List<Figure> supportMargins(boolean trailer) {
        return List.of(
                margin(
                        rear.key(),
                        trailer ? "axle rating" : "rating of the rear axles",
                        balance.load().rearKg(),
                        rear.ratingKg()),
                margin(
                        front.key(),
                        front.name() + " rating",
                        balance.load().frontKg(),
                        front.ratingKg()));
    }

    private Figure mass(String key, String name, double kg) {
        return Figure.of(
                key,
                name,
                Quantity.kg(kg),
                () -> {
                    Working.Builder working =
                            Working.of("m = sum of volume × density of every part");
                    for (Part.Group group : Part.Group.values()) {
                        boolean counts = group != Part.Group.CARRIER || key.endsWith("total-mass");
                        if (counts && balance.massKg(group) > 0) {
                            working.worked(
                                    "m", Named.small(group), Quantity.kg(balance.massKg(group)));
                        }
                    }
                    return working.source(
                            "densities from the material library; screws, glue and paint are left out");
                });
    }

    private Figure centre(String axis, String words, double mm) {
        return Figure.of(
                BalanceStation.BALANCE.figure("centre-" + axis),
                "Weight sits " + words,
                Quantity.mm(mm),
                () -> centreWorking(axis));
    }

    /** Mass and place of every group: what pulls where. */
    private Working centreWorking(String axis) {
        Working.Builder working =
                Working.of(
                        "%s = (m1 · %s1 + m2 · %s2 + …) / (m1 + m2 + …)"
                                .formatted(axis, axis, axis));
        int number = 1;
        for (WeightGroup group : WeightGroup.of(balance.parts())) {
            double place =
                    switch (axis) {
                        case "x" -> group.place().x();
                        case "y" -> group.place().y();
                        default -> group.place().z();
                    };
            working.worked("m" + number, group.name() + ", mass", Quantity.kg(group.massKg()));
            working.worked(axis + number, group.name() + ", place", Quantity.mm(place));
            number++;
        }
        return working.worked("sum of m", "mass of all", Quantity.kg(balance.massKg()))
                .source("centre of gravity: mass times place, by group");
    }

    private Working.Builder equilibrium(String formula) {
        return Working.of(formula)
                .worked("m", "mass of all", Quantity.kg(balance.massKg()))
                .worked(
                        "xg",
                        "centre of gravity behind the " + front.name(),
                        Quantity.mm(balance.load().centreMm()))
                .plan(
                        "xa",
                        "middle of " + rear.name() + " behind the " + front.name(),
                        Quantity.mm(balance.load().rearMm()));
    }

    private Quantity frontKg() {
        return Quantity.kg(balance.load().frontKg());
    }

    private Figure frontLoad() {
        return Figure.of(
                BalanceStation.BALANCE.figure(front.key() + "-load"),
                "Load on the " + front.name(),
                frontKg(),
                () -> equilibrium("R = m · (xa − xg) / xa").source("equilibrium on level ground"));
    }

    private Figure share() {
        boolean coupler = front.key().equals("coupler");
        return Figure.of(
                BalanceStation.BALANCE.figure(front.key() + "-share"),
                "Share on the " + front.name(),
                new Quantity(balance.load().frontPercent(), Unit.PERCENT),
                () ->
                        equilibrium("share = 100 · R / m")
                                .worked("R", "load on the " + front.name(), frontKg())
                                .source(
                                        coupler
                                                ? "band 10 to 15 %: SAE J2807 and common practice"
                                                : "equilibrium on level ground"));
    }

    private Figure rearLoad() {
        return Figure.of(
                BalanceStation.BALANCE.figure(rear.key() + "-load"),
                "Load on " + rear.name(),
                Quantity.kg(balance.load().rearKg()),
                () ->
                        equilibrium("A = m − R")
                                .worked("R", "load on the " + front.name(), frontKg())
                                .source("equilibrium"));
    }

    private Figure axle(int number) {
        return Figure.of(
                BalanceStation.BALANCE.figure("axle-" + number),
                "Load on axle " + number,
                Quantity.kg(balance.eachAxleKg()),
                () ->
                        Working.of("a = A / n")
                                .worked(
                                        "A",
                                        "load on " + rear.name(),
                                        Quantity.kg(balance.load().rearKg()))
                                .plan("n", "axles", Quantity.count(balance.axleCount()))
                                .source(
                                        "axles of one group share alike through their equaliser; common practice"));
    }

    private static Figure margin(String key, String name, double has, double may) {
        return Figure.of(
                BalanceStation.BALANCE.figure("margin-" + key),
                "Left to the " + name,
                Quantity.kg(may - has),
                () ->
                        Working.of("left = rating − load")
                                .plan("rating", name, Quantity.kg(may))
                                .worked("load", "load", Quantity.kg(has))
                                .source("the carrier's plate"));
    }
}
