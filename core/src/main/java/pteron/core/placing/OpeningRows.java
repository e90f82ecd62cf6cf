package pteron.core.placing;

import java.util.Comparator;
import java.util.List;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.Opening.Place;

/** Several openings set out together. Pure functions. */
public final class OpeningRows {

    private OpeningRows() {}

    /**
     * {@return the plan with the heads of some openings in line with that of the first; a door among them gives
     * the line, as it stands on the floor}
     *
     * @throws IllegalArgumentException if fewer than two are given
     */
    public static BoxPlan headsInLine(BoxPlan plan, List<String> ids) {
        require(ids.size() >= 2, "Select two or more openings to align their heads");
        List<Opening> chosen = ids.stream().map(plan::opening).toList();
        double head =
                head(
                        chosen.stream()
                                .filter(one -> one.kind() == Opening.Kind.DOOR)
                                .findFirst()
                                .orElse(chosen.getFirst()));
        return OpeningEdits.changed(
                plan,
                ids,
                one ->
                        one.kind() == Opening.Kind.DOOR
                                ? one
                                : one.withPlace(
                                        new Place(
                                                one.place().alongMm(),
                                                head - one.size().heightMm())));
    }

    private static double head(Opening one) {
        return one.place().sillMm() + one.size().heightMm();
    }

    /**
     * {@return the plan with the gaps between some openings of one wall alike; the outermost two stay}
     *
     * @throws IllegalArgumentException if fewer than three are given, they lie in different walls or do not
     *     fit between the outermost
     */
    public static BoxPlan spacedEvenly(BoxPlan plan, List<String> ids) {
        require(ids.size() >= 3, "Select three or more openings to space them evenly");
        List<Opening> row =
                ids.stream()
                        .map(plan::opening)
                        .sorted(Comparator.comparingDouble(one -> one.place().alongMm()))
                        .toList();
        require(
                row.stream().map(Opening::wall).distinct().count() == 1,
                "These openings are in different walls: select those of one wall");
        double from = row.getFirst().place().alongMm();
        double to = row.getLast().place().alongMm() + row.getLast().size().widthMm();
        double wide = row.stream().mapToDouble(one -> one.size().widthMm()).sum();
        double gap = (to - from - wide) / (row.size() - 1);
        require(gap >= 0, "These openings are wider than the space between the outermost two");
        BoxPlan spaced = plan;
        double at = from;
        for (Opening one : row) {
            double along = at;
            spaced =
                    spaced.withOpening(
                            one.id(), old -> old.withPlace(new Place(along, old.place().sillMm())));
            at += one.size().widthMm() + gap;
        }
        return spaced;
    }

    private static void require(boolean holds, String sentence) {
        if (!holds) {
            throw new IllegalArgumentException(sentence);
        }
    }
}
