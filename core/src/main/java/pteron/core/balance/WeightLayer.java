package pteron.core.balance;

import java.util.ArrayList;
import java.util.List;
import pteron.core.carrier.Carrier;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Layer;
import pteron.core.drawing.Matter;
import pteron.core.drawing.Shape;
import pteron.core.geometry.Point2;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;

/** The weights of the box where they sit, each as large as it is heavy, the carrier's place, and what they rest on. */
public final class WeightLayer implements Layer {

    /** Area of a kilogram in the drawing (mm²). */
    private static final double MM2_PER_KG = 2600;

    /** How near two weights lie to be drawn as one (mm). */
    private static final double TOGETHER_MM = 180;

    /** Letters of the longest names that are told whole. */
    private static final int LONGEST = 28;

    @Override
    public boolean hidesFrame() {
        return true;
    }

    @Override
    public void overBox(Canvas canvas) {
        Balance balance = canvas.box().get(Balance.class);
        UnitSystem units = canvas.box().plan().units();
        List<WeightGroup> groups = WeightGroup.of(balance.parts());
        for (Sack sack : sacks(canvas, groups.stream().filter(one -> !one.isCarrier()).toList())) {
            double radius = Math.sqrt(sack.massKg() * MM2_PER_KG / Math.PI);
            canvas.add(new Shape.Disc(sack.at(), radius, Matter.WEIGHT));
            canvas.add(label(sack, units, radius));
        }
        groups.stream()
                .filter(WeightGroup::isCarrier)
                .forEach(
                        one -> {
                            Sack carrier = Sack.of(canvas, one);
                            canvas.add(new Shape.Mark(carrier.at(), Shape.Mark.Kind.WEIGHT));
                            canvas.add(label(carrier, units, 0));
                        });
        canvas.add(new Shape.Mark(canvas.at(balance.centre()), Shape.Mark.Kind.CENTRE_OF_GRAVITY));
        supports(canvas, balance, units);
    }

    private static Shape.Label label(Sack sack, UnitSystem units, double radius) {
        return new Shape.Label(
                sack.at(),
                sack.words() + "  " + Quantity.kg(sack.massKg()).text(units),
                Shape.Label.Kind.WEIGHT,
                radius * 2);
    }

    private static void supports(Canvas canvas, Balance balance, UnitSystem units) {
        if (!canvas.view().isSide()) {
            return;
        }
        Carrier carrier = canvas.box().get(Carrier.class);
        support(canvas, carrier.front().placeMm(), balance.load().frontKg(), units);
        int last = carrier.axlesMm().size();
        for (int i = last - balance.axleCount(); i < last; i++) {
            support(canvas, carrier.axlesMm().get(i), balance.eachAxleKg(), units);
        }
    }

    private static void support(Canvas canvas, double xMm, double loadKg, UnitSystem units) {
        double ground = canvas.box().get(Carrier.class).groundMm();
        Point2 at = canvas.at(xMm, 0, ground - 2 * TOGETHER_MM);
        canvas.add(new Shape.Label(at, Quantity.kg(loadKg).text(units), Shape.Label.Kind.TITLE, 0));
        canvas.room(at.minus(new Point2(0, TOGETHER_MM)));
    }

    /** Weights that lie together in a view. */
    private record Sack(List<String> names, double massKg, Point2 at) {
        static Sack of(Canvas canvas, WeightGroup group) {
            return new Sack(List.of(group.name()), group.massKg(), canvas.at(group.place()));
        }

        /** {@return its names; when they are too long the first and how many more the list of masses has} */
        String words() {
            String all = String.join(" and ", names);
            return all.length() > LONGEST
                    ? names.getFirst() + " and " + (names.size() - 1) + " more"
                    : all;
        }

        Sack and(Sack other) {
            List<String> both = new ArrayList<>(names);
            both.addAll(other.names);
            double mass = massKg + other.massKg;
            Point2 middle = at.times(massKg / mass).plus(other.at.times(other.massKg / mass));
            return new Sack(both, mass, middle);
        }
    }

    private static List<Sack> sacks(Canvas canvas, List<WeightGroup> groups) {
        List<Sack> sacks = new ArrayList<>();
        for (WeightGroup group : groups) {
            Sack sack = Sack.of(canvas, group);
            int near = -1;
            for (int i = 0; i < sacks.size(); i++) {
                near = sacks.get(i).at().distance(sack.at()) < TOGETHER_MM ? i : near;
            }
            if (near >= 0) {
                sacks.set(near, sacks.get(near).and(sack));
            } else {
                sacks.add(sack);
            }
        }
        return sacks;
    }
}
