package pteron.core.cutting;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;

/**
 * Picks patterns without waste that cut every part just as often as it is wanted: the part that fewest patterns hold comes
 * next, its patterns by chance, and the search begins anew when it has gone astray. Where there are many patterns there are
 * many such cuttings, and a linear program is of no help in finding one.
 */
final class ExactCover {

    /** Patterns looked at in one search before it begins anew. */
    private static final long WORK = 3_000_000;

    /** Patterns looked at in a search of the largest lists, times their size. */
    private static final int TIMES_SIZE = 60;

    private final BooleanSupplier stopped;
    private final Random random;
    private final int[] left;
    private final List<Pattern> chosen = new ArrayList<>();
    private long work;

    /** A pattern with the kinds that it holds: few of many. */
    private record Sparse(Pattern pattern, int[] kinds) {

        static Sparse of(Pattern pattern) {
            int[] count = pattern.count();
            return new Sparse(
                    pattern,
                    IntStream.range(0, count.length).filter(kind -> count[kind] > 0).toArray());
        }
    }

    private ExactCover(Demand demand, long seed, BooleanSupplier stopped) {
        this.left = demand.wanted();
        this.random = new Random(seed);
        this.stopped = stopped;
    }

    /**
     * {@return a pattern for each bar, empty when none was found within the effort}
     *
     * @param demand the job
     * @param patterns patterns to pick from
     * @param turns how often to begin anew
     * @param stopped asked between steps whether to stop
     */
    static Optional<List<Pattern>> of(
            Demand demand, List<Pattern> patterns, int turns, BooleanSupplier stopped) {
        List<Sparse> sparse = patterns.stream().map(Sparse::of).toList();
        for (int turn = 0; turn < turns && !stopped.getAsBoolean(); turn++) {
            ExactCover cover = new ExactCover(demand, turn, stopped);
            cover.work = Math.max(WORK, (long) TIMES_SIZE * patterns.size());
            if (cover.search(sparse)) {
                return Optional.of(cover.chosen);
            }
        }
        return Optional.empty();
    }

    private boolean search(List<Sparse> rest) {
        int next = scarcest(holding(rest));
        if (next < 0) {
            return true;
        }
        for (Pattern pattern : byChance(rest, next)) {
            if (work <= 0 || stopped.getAsBoolean()) {
                return false;
            }
            take(pattern, 1);
            if (search(fitting(rest))) {
                return true;
            }
            take(pattern, -1);
        }
        return false;
    }

    private List<Pattern> byChance(List<Sparse> rest, int kind) {
        List<Pattern> patterns = new ArrayList<>();
        for (Sparse one : rest) {
            if (one.pattern.count()[kind] > 0) {
                patterns.add(one.pattern);
            }
        }
        Collections.shuffle(patterns, random);
        return patterns;
    }

    private void take(Pattern pattern, int times) {
        for (int kind = 0; kind < left.length; kind++) {
            left[kind] -= times * pattern.count()[kind];
        }
        if (times > 0) {
            chosen.add(pattern);
        } else {
            chosen.removeLast();
        }
    }

    /** {@return how many patterns hold each kind} */
    private int[] holding(List<Sparse> rest) {
        int[] holding = new int[left.length];
        for (Sparse one : rest) {
            for (int kind : one.kinds) {
                holding[kind]++;
            }
        }
        return holding;
    }

    /** {@return the kind still wanted that fewest patterns hold, below 0 when nothing is wanted} */
    private int scarcest(int[] holding) {
        int scarcest = -1;
        for (int kind = 0; kind < left.length; kind++) {
            if (left[kind] > 0 && (scarcest < 0 || holding[kind] < holding[scarcest])) {
                scarcest = kind;
            }
        }
        return scarcest;
    }

    private List<Sparse> fitting(List<Sparse> rest) {
        work -= rest.size();
        List<Sparse> fitting = new ArrayList<>();
        for (Sparse one : rest) {
            if (fits(one)) {
                fitting.add(one);
            }
        }
        return fitting;
    }

    private boolean fits(Sparse one) {
        for (int kind : one.kinds) {
            if (one.pattern.count()[kind] > left[kind]) {
                return false;
            }
        }
        return true;
    }
}
