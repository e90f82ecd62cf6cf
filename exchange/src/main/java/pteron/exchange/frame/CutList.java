package pteron.exchange.frame;

import pteron.core.frame.Bend;
import pteron.core.frame.EndCut;
import pteron.core.frame.Member;
import pteron.core.mechanics.LaminatedBend;
import pteron.core.model.BoxModel;
import pteron.exchange.csv.Csv;

/** Writes the cut list. */
final class CutList {

    private static final String[] HEADER = {
        "name",
        "role",
        "panel",
        "timber",
        "thickness mm",
        "depth mm",
        "length mm",
        "start cut °",
        "end cut °",
        "rip °",
        "mass kg",
        "least radius mm",
        "strips"
    };

    private CutList() {}

    /** {@return one row for each member: what to cut, how long, at which angles} */
    static String text(BoxModel model) {
        return Csv.text(
                HEADER,
                rows -> {
                    for (Member member : model.members()) {
                        rows.print(
                                member.name(),
                                member.role().label(),
                                member.panel().id(),
                                member.timber(),
                                Csv.number(member.section().thicknessMm(), 1),
                                Csv.number(member.section().depthMm(), 1),
                                Csv.number(member.lengthMm(), 1),
                                angles(member.startCut()),
                                angles(member.endCut()),
                                Csv.number(member.ripDegrees(), 1),
                                Csv.number(member.massKg(), 3),
                                member.bend()
                                        .map(bend -> Csv.number(bend.leastRadiusMm(), 1))
                                        .orElse(""),
                                member.bend()
                                        .flatMap(Bend::way)
                                        .filter(LaminatedBend.class::isInstance)
                                        .map(LaminatedBend.class::cast)
                                        .map(glued -> String.valueOf(glued.strips()))
                                        .orElse(""));
                    }
                });
    }

    private static String angles(EndCut cut) {
        return String.join(
                " / ", cut.degrees().stream().map(angle -> Csv.number(angle, 1)).toList());
    }
}
