package pteron.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import pteron.core.carrier.Carrier;
import pteron.core.carrier.Support;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.geometry.Point3;
import pteron.core.quantity.Named;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.stage.Part;
import pteron.core.vehicle.Trailer;

/** Masses, centre of gravity, loads and margins. */
final class BalanceFigures {

    private static final String TOTAL_MASS = BalanceStation.BALANCE.figure("total-mass");

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
                        "Total, unladen",
                        balance.massKg()));
        figures.add(
                all.mass(BalanceStation.BALANCE.figure("box-mass"), "The box", balance.boxKg()));
        figures.add(all.centre("x", "behind front of box", balance.centre().x()));
        figures.add(all.centre("y", "right of the centre line", balance.centre().y()));
        figures.add(all.centre("z", "above deck", balance.centre().z()));
        figures.add(all.frontLoad());
        figures.add(all.share());
        figures.add(all.rearLoad());
        boolean trailer = carrier.vehicle() instanceof Trailer;
        int first = trailer ? 1 : 2;
        for (int i = 0; i < balance.axleCount(); i++) {
            figures.add(all.axle(first + i));
        }
        double gross = carrier.vehicle().gear().grossKg();
        figures.add(margin("gross", "gross rating", balance.massKg(), gross, TOTAL_MASS));
        figures.addAll(all.supportMargins(trailer));
        return figures;
    }

    private List<Figure> supportMargins(boolean trailer) {
        return List.of(
                margin(
                        rear.key(),
                        trailer ? "axle rating" : "rating of the rear axles",
                        balance.load().rearKg(),
                        rear.ratingKg(),
                        BalanceStation.BALANCE.figure(rear.key() + "-load")),
                margin(
                        front.key(),
                        front.name() + " rating",
                        balance.load().frontKg(),
                        front.ratingKg(),
                        frontKey()));
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
                                    "m",
                                    Named.small(group),
                                    Quantity.kg(balance.massKg(group)),
                                    () -> Part.massWorking(parts(group)));
                        }
                    }
                    return working.source(
                            "densities from the material library; screws, glue and paint are left out");
                });
    }

    private List<Part> parts(Part.Group group) {
        return balance.parts().stream()
                .filter(part -> part.group() == group && part.massKg() != 0)
                .toList();
    }

    private Figure centre(String axis, String words, double mm) {
        return Figure.of(
                BalanceStation.BALANCE.figure("centre-" + axis),
                "Centre of gravity " + words,
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
            working.worked(
                    "m" + number,
                    group.name() + ", mass",
                    Quantity.kg(group.massKg()),
                    () -> Part.massWorking(group.parts()));
            working.worked(
                    axis + number,
                    group.name() + ", place",
                    Quantity.mm(along(axis, group.place())),
                    () -> placeWorking(axis, group));
            number++;
        }
        return working.worked("sum of m", "mass of all", Quantity.kg(balance.massKg()), TOTAL_MASS)
                .source("centre of gravity: mass times place, by group");
    }

    private static Working placeWorking(String axis, WeightGroup group) {
        Working.Builder working =
                Working.of(
                        "%s = (m1 · %s1 + m2 · %s2 + …) / (m1 + m2 + …)"
                                .formatted(axis, axis, axis));
        int number = 1;
        for (Part part : group.parts()) {
            working.worked(
                    "m" + number,
                    part.name() + ", mass",
                    Quantity.kg(part.massKg()),
                    part::massWorking);
            working.plan(
                    axis + number, "its place as drawn", Quantity.mm(along(axis, part.place())));
            number++;
        }
        return working.source("centre of gravity: mass times place, part by part");
    }

    private static double along(String axis, Point3 place) {
        return switch (axis) {
            case "x" -> place.x();
            case "y" -> place.y();
            default -> place.z();
        };
    }

    private Working.Builder equilibrium(String formula) {
        return Working.of(formula)
                .worked("m", "mass of all", Quantity.kg(balance.massKg()), TOTAL_MASS)
                .worked(
                        "xg",
                        "centre of gravity behind the " + front.name(),
                        Quantity.mm(balance.load().centreMm()),
                        this::behindFront)
                .plan(
                        "xa",
                        "middle of " + rear.name() + " behind the " + front.name(),
                        Quantity.mm(balance.load().rearMm()));
    }

    private Working behindFront() {
        return Working.of("xg = x − xf")
                .worked(
                        "x",
                        "centre of gravity behind the box's front face",
                        Quantity.mm(balance.centre().x()),
                        BalanceStation.BALANCE.figure("centre-x"))
                .plan(
                        "xf",
                        front.name() + " behind the box's front face",
                        Quantity.mm(front.placeMm()))
                .source("geometry");
    }

    private String frontKey() {
        return BalanceStation.BALANCE.figure(front.key() + "-load");
    }

    private Quantity frontKg() {
        return Quantity.kg(balance.load().frontKg());
    }

    private Figure frontLoad() {
        return Figure.of(
                BalanceStation.BALANCE.figure(front.key() + "-load"),
                capital(front.name()) + " load",
                frontKg(),
                () -> equilibrium("R = m · (xa − xg) / xa").source("equilibrium on level ground"));
    }

    private static String capital(String name) {
        return name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
    }

    private Figure share() {
        boolean coupler = front.key().equals("coupler");
        return Figure.of(
                BalanceStation.BALANCE.figure(front.key() + "-share"),
                capital(front.name()) + " load share",
                new Quantity(balance.load().frontPercent(), Unit.PERCENT),
                () ->
                        equilibrium("share = 100 · R / m")
                                .worked("R", "load on the " + front.name(), frontKg(), frontKey())
                                .source(
                                        coupler
                                                ? "band 10 to 15 %: SAE J2807 and common practice"
                                                : "equilibrium on level ground"));
    }

    private Figure rearLoad() {
        return Figure.of(
                BalanceStation.BALANCE.figure(rear.key() + "-load"),
                capital(rear.name()) + " load",
                Quantity.kg(balance.load().rearKg()),
                () ->
                        equilibrium("A = m − R")
                                .worked("R", "load on the " + front.name(), frontKg(), frontKey())
                                .source("equilibrium"));
    }

    private Figure axle(int number) {
        return Figure.of(
                BalanceStation.BALANCE.figure("axle-" + number),
                "Axle " + number + " load",
                Quantity.kg(balance.eachAxleKg()),
                () ->
                        Working.of("a = A / n")
                                .worked(
                                        "A",
                                        "load on " + rear.name(),
                                        Quantity.kg(balance.load().rearKg()),
                                        BalanceStation.BALANCE.figure(rear.key() + "-load"))
                                .plan("n", "axles", Quantity.count(balance.axleCount()))
                                .source(
                                        "axles of one group share alike through their equaliser; common practice"));
    }

    private static Figure margin(String key, String name, double has, double may, String load) {
        return Figure.of(
                        BalanceStation.BALANCE.figure("margin-" + key),
                        "Margin to the " + name,
                        Quantity.kg(may - has),
                        () ->
                                Working.of("margin = rating − load")
                                        .plan("rating", name, Quantity.kg(may))
                                        .worked("load", "load", Quantity.kg(has), load)
                                        .source("the carrier's plate"))
                .atMost();
    }
}
