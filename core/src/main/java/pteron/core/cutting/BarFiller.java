package pteron.core.cutting;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import pteron.core.cutting.CuttingJob.CutPart;

/** Puts the parts of a job into chosen patterns. */
final class BarFiller {

    private BarFiller() {}

    /** {@return bars with their parts; places that are not needed stay empty} */
    static List<Bar> bars(CuttingJob job, Demand demand, List<Pattern> patterns) {
        List<Deque<CutPart>> waiting = new ArrayList<>();
        demand.parts().forEach(parts -> waiting.add(new ArrayDeque<>(parts)));
        List<Bar> bars = new ArrayList<>();
        for (Pattern pattern : patterns) {
            List<CutPart> pieces = new ArrayList<>();
            for (int kind = 0; kind < demand.kinds(); kind++) {
                for (int n = pattern.count()[kind]; n > 0 && !waiting.get(kind).isEmpty(); n--) {
                    pieces.add(waiting.get(kind).remove());
                }
            }
            if (!pieces.isEmpty()) {
                bars.add(new Bar(job.stockLengthsMm().get(pattern.stock()), job.saw(), pieces));
            }
        }
        return FirstCut.sorted(bars);
    }
}
