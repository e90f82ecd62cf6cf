package pteron.core.tally;

import static pteron.core.tally.TallyStation.TALLY;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import pteron.core.figure.Cure;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.figure.Working;
import pteron.core.frame.Frame;
import pteron.core.quantity.Quantity;
import pteron.core.stage.Stage;

/** Counts members. */
public final class TallyStage {

    /** Members of a panel that are counted in the head. */
    private static final int MOST = 20;

    /**
     * What the tally reads.
     *
     * @param frame the frame
     */
    public record Input(Frame frame) {}

    /** The stage. */
    public static final Stage<Input, Tally> STAGE =
            new Stage<>(
                    Tally.class, given -> given.find(Frame.class).map(Input::new), TallyStage::of);

    private TallyStage() {}

    private static Tally of(Input input) {
        Map<String, Integer> members =
                input.frame.panels().stream()
                        .collect(
                                Collectors.toMap(
                                        one -> one.panel().id(), one -> one.members().size()));
        int all = members.values().stream().mapToInt(Integer::intValue).sum();
        Figure figure =
                Figure.of(
                        TALLY.figure("members"),
                        "Members counted",
                        Quantity.count(all),
                        () ->
                                Working.of("n = Σ n of a panel")
                                        .plan("n", "members of all panels", Quantity.count(all))
                                        .source("counted"));
        return new Tally(members, List.of(figure), findings(members));
    }

    private static List<Finding> findings(Map<String, Integer> members) {
        return members.entrySet().stream()
                .filter(one -> one.getValue() > MOST)
                .sorted(Map.Entry.comparingByKey())
                .map(
                        one ->
                                new Finding(
                                        "MANY_MEMBERS",
                                        Severity.NOTE,
                                        Place.of(TALLY, one.getKey()),
                                        Quantity.count(one.getValue()),
                                        Limit.atMost(Quantity.count(MOST)),
                                        Cure.advice("COUNT_TWICE", Quantity.count(2))))
                .toList();
    }
}
