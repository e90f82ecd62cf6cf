package pteron.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import pteron.core.carrier.Carrier;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.geometry.Point3;
import pteron.core.plan.Trailer.Ratings;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;

/** Weighs everything and finds the loads. */
public final class BalanceStage {

    private BalanceStage() {}

    /**
     * {@return weight and balance}
     *
     * @param carrier the carrier
     * @param box parts of the box, empty while there is none
     */
    public static Balance of(Carrier carrier, List<Part> box) {
        List<Part> parts = new ArrayList<>();
        parts.add(PartList.carrier(carrier));
        parts.addAll(box);
        double mass = parts.stream().mapToDouble(Part::massKg).sum();
        Point3 centre = centre(parts, mass);
        TrailerLoad load =
                new TrailerLoad(
                        mass,
                        centre.x() - carrier.couplerMm(),
                        carrier.axleMiddleMm() - carrier.couplerMm());
        int axles = carrier.trailer().axlesMm().size();
        Balance bare = new Balance(parts, mass, centre, load, axles, List.of(), List.of());
        return new Balance(
                parts,
                mass,
                centre,
                load,
                axles,
                figures(bare, carrier),
                BalanceCheck.findings(bare, carrier));
    }

    private static Point3 centre(List<Part> parts, double mass) {
        Point3 moment = new Point3(0, 0, 0);
        for (Part part : parts) {
            moment = moment.plus(part.place().times(part.massKg()));
        }
        return moment.times(1 / mass);
    }

    private static List<Figure> figures(Balance balance, Carrier carrier) {
        List<Figure> figures = new ArrayList<>();
        figures.add(
                mass("balance.total-mass", "Everything, empty inside", balance.massKg(), balance));
        figures.add(mass("balance.box-mass", "The box", balance.boxKg(), balance));
        figures.add(centre("x", "behind the front face", balance.centre().x(), balance));
        figures.add(centre("y", "right of the middle", balance.centre().y(), balance));
        figures.add(centre("z", "above the deck", balance.centre().z(), balance));
        figures.add(coupler(balance));
        figures.add(share(balance));
        figures.add(axles(balance));
        for (int i = 1; i <= balance.axleCount(); i++) {
            figures.add(axle(i, balance));
        }
        Ratings ratings = carrier.trailer().ratings();
        figures.add(margin("gross", "gross rating", balance.massKg(), ratings.grossKg()));
        figures.add(margin("axles", "axle rating", balance.load().axlesKg(), ratings.axlesKg()));
        figures.add(
                margin(
                        "coupler",
                        "coupler rating",
                        balance.load().couplerKg(),
                        ratings.couplerKg()));
        return figures;
    }

    private static Figure mass(String key, String name, double kg, Balance balance) {
        return Figure.of(
                key,
                name,
                Quantity.kg(kg),
                () -> {
                    Working.Builder working =
                            Working.of("m = sum of volume × density of every part");
                    for (Part.Group group : Part.Group.values()) {
                        boolean counts = group != Part.Group.CARRIER || key.endsWith("total-mass");
                        if (counts) {
                            working.worked(
                                    "m",
                                    group.name().toLowerCase(Locale.ROOT),
                                    Quantity.kg(balance.massKg(group)));
                        }
                    }
                    return working.source(
                            "densities from the material library; foam is taken to fill its bays; screws, glue and paint are left out");
                });
    }

    private static Figure centre(String axis, String words, double mm, Balance balance) {
        return Figure.of(
                "balance.centre-" + axis,
                "Weight sits " + words,
                Quantity.mm(mm),
                () ->
                        Working.of(axis + " = sum of m · " + axis + " / sum of m")
                                .worked(
                                        "n",
                                        "parts, the carrier among them",
                                        Quantity.count(balance.parts().size()))
                                .worked("sum of m", "mass of all", Quantity.kg(balance.massKg()))
                                .source("centre of gravity"));
    }

    private static Working.Builder equilibrium(String formula, Balance balance) {
        return Working.of(formula)
                .worked("m", "mass of all", Quantity.kg(balance.massKg()))
                .worked(
                        "xg",
                        "centre of gravity behind the coupler",
                        Quantity.mm(balance.load().centreMm()))
                .plan(
                        "xa",
                        "middle of the axles behind the coupler",
                        Quantity.mm(balance.load().axlesMm()));
    }

    private static Figure coupler(Balance balance) {
        return Figure.of(
                "balance.coupler-load",
                "Load on the coupler",
                Quantity.kg(balance.load().couplerKg()),
                () ->
                        equilibrium("R = m · (xa − xg) / xa", balance)
                                .source("equilibrium on level ground"));
    }

    private static Figure share(Balance balance) {
        return Figure.of(
                "balance.coupler-share",
                "Share on the coupler",
                new Quantity(balance.load().couplerPercent(), Unit.PERCENT),
                () ->
                        equilibrium("share = 100 · R / m", balance)
                                .worked(
                                        "R",
                                        "load on the coupler",
                                        Quantity.kg(balance.load().couplerKg()))
                                .source("band 10 to 15 %: SAE J2807 and common practice"));
    }

    private static Figure axles(Balance balance) {
        return Figure.of(
                "balance.axles-load",
                "Load on all axles",
                Quantity.kg(balance.load().axlesKg()),
                () ->
                        equilibrium("A = m − R", balance)
                                .worked(
                                        "R",
                                        "load on the coupler",
                                        Quantity.kg(balance.load().couplerKg()))
                                .source("equilibrium"));
    }

    private static Figure axle(int number, Balance balance) {
        return Figure.of(
                "balance.axle-" + number,
                "Load on axle " + number,
                Quantity.kg(balance.eachAxleKg()),
                () ->
                        Working.of("a = A / n")
                                .worked(
                                        "A",
                                        "load on all axles",
                                        Quantity.kg(balance.load().axlesKg()))
                                .plan("n", "axles", Quantity.count(balance.axleCount()))
                                .source(
                                        "axles of one group share alike through their equaliser; common practice"));
    }

    private static Figure margin(String key, String name, double has, double may) {
        return Figure.of(
                "balance.margin-" + key,
                "Left to the " + name,
                Quantity.kg(may - has),
                () ->
                        Working.of("left = rating − load")
                                .plan("rating", name, Quantity.kg(may))
                                .worked("load", "load", Quantity.kg(has))
                                .source("the carrier's plate"));
    }
}
