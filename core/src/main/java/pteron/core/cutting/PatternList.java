package pteron.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Lists the patterns that waste no more than so much of their bar. */
final class PatternList {

    /** Steps of the search after which listing is given up. */
    private static final long MOST_STEPS = 20_000_000;

    private final Demand demand;
    private final int most;
    private final long waste;
    private final List<Pattern> found = new ArrayList<>();
    private final Reach reach;
    private long steps;

    private PatternList(Demand demand, long waste, int most) {
        this.demand = demand;
        this.waste = waste;
        this.most = most;
        this.reach = Reach.of(demand);
    }

    /** {@return all patterns that no further part fits into, empty when there are more than most} */
    static Optional<List<Pattern>> full(Demand demand, int most) {
        return new PatternList(demand, demand.longest(), most).list(true);
    }

    /**
     * {@return all patterns that waste at most so much of their bar, empty when there are more than most}
     *
     * @param demand the job
     * @param waste room left over (steps), 0 or above
     * @param most how many there may be
     */
    static Optional<List<Pattern>> tight(Demand demand, long waste, int most) {
        return new PatternList(demand, waste, most).list(false);
    }

    private Optional<List<Pattern>> list(boolean full) {
        for (int stock = 0; stock < demand.capacities().length; stock++) {
            Room room = new Room(stock, demand.capacities()[stock]);
            if (!grow(room, 0, new int[demand.kinds()], full)) {
                return Optional.empty();
            }
        }
        return Optional.of(found);
    }

    private record Room(int stock, long left) {
        Room less(long size) {
            return new Room(stock, left - size);
        }
    }

    private boolean grow(Room room, int kind, int[] count, boolean full) {
        steps++;
        if (!reach.isPossible(kind, room.left - waste, room.left)) {
            return true;
        }
        if (kind == demand.kinds()) {
            Pattern pattern = new Pattern(room.stock, count.clone());
            if (!pattern.isEmpty() && (!full || isFull(room, count))) {
                found.add(pattern);
            }
            return found.size() <= most;
        }
        long size = demand.sizes()[kind];
        int fit = (int) Math.min(demand.wanted(kind), room.left / size);
        for (int n = fit; n >= 0; n--) {
            count[kind] = n;
            if (steps > MOST_STEPS || !grow(room.less(n * size), kind + 1, count, full)) {
                return false;
            }
        }
        count[kind] = 0;
        return true;
    }

    private boolean isFull(Room room, int[] count) {
        for (int kind = 0; kind < demand.kinds(); kind++) {
            if (demand.sizes()[kind] <= room.left && count[kind] < demand.wanted(kind)) {
                return false;
            }
        }
        return true;
    }
}
