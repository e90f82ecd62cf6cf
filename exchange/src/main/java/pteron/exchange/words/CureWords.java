package pteron.exchange.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pteron.core.figure.Cure;
import pteron.core.placing.WallRoom;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.Wall;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.station.StationWords;

/** Cures in words, short enough for a button. In the words of a station # stands for the amount, @ for the opening, ~ for which way and how far it goes. */
public final class CureWords {

    private static final Map<String, String> WORDS = Catalogue.of(StationWords::cures);

    private CureWords() {}

    /** {@return all kinds that have words} */
    public static Set<String> kinds() {
        return WORDS.keySet();
    }

    /**
     * {@return what would mend a finding}
     *
     * @throws IllegalArgumentException if the kind has no words, which is our fault
     */
    public static String of(Cure cure, BoxPlan plan) {
        return of(cure, plan.units()).replace("@", name(cure, plan)).replace("~", way(cure, plan));
    }

    private static String name(Cure cure, BoxPlan plan) {
        return opening(cure, plan).map(Opening::name).orElse("it");
    }

    private static Optional<Opening> opening(Cure cure, BoxPlan plan) {
        return cure.press()
                .flatMap(
                        press ->
                                plan.openings().stream()
                                        .filter(one -> one.id().equals(press.part()))
                                        .findFirst());
    }

    /** Which way and how far an opening goes: 85 mm to the rear and 20 mm up. */
    private static String way(Cure cure, BoxPlan plan) {
        Optional<Opening> opening = opening(cure, plan);
        if (opening.isEmpty() || cure.press().orElseThrow().numbers().size() < 2) {
            return cure.amount().text(plan.units());
        }
        List<Double> by = cure.press().orElseThrow().numbers();
        Ways names = Ways.of(plan, opening.get().wall());
        List<String> ways = new ArrayList<>();
        if (by.get(0) != 0) {
            ways.add(length(by.get(0), plan) + (by.get(0) > 0 ? names.along : names.back));
        }
        if (by.get(1) != 0) {
            ways.add(length(by.get(1), plan) + (by.get(1) > 0 ? names.up : names.down));
        }
        return String.join(" and ", ways);
    }

    /** What a builder calls the ways in which an opening can go in its wall. */
    private record Ways(String along, String back, String up, String down) {
        static Ways of(BoxPlan plan, Wall wall) {
            String rear = " towards the rear";
            String front = " towards the front";
            String right = " to the right";
            String left = " to the left";
            if (wall.isSide()) {
                return new Ways(rear, front, " up", " down");
            }
            if (!WallRoom.isAcross(plan, wall)) {
                return new Ways(right, left, " up", " down");
            }
            return switch (wall.part()) {
                case ROOF -> new Ways(rear, front, right, left);
                case UNDER -> new Ways(front, rear, right, left);
                default -> new Ways(" up", " down", right, left);
            };
        }
    }

    private static String length(double mm, BoxPlan plan) {
        return Quantity.mm(Math.abs(mm)).text(plan.units());
    }

    private static String of(Cure cure, UnitSystem units) {
        String words = WORDS.get(cure.kind());
        if (words == null) {
            throw new IllegalArgumentException(
                    "cure [%s] has no words in the catalogue".formatted(cure.kind()));
        }
        return words.replace("#", cure.amount().text(units));
    }
}
