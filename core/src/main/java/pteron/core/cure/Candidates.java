package pteron.core.cure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pteron.core.edit.ShopSizes;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.placing.WallRoom;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.quantity.Quantity;

/** Cures that may be tried for a finding. */
final class Candidates {

    private Candidates() {}

    /** {@return the finding's own cure if it can be pressed, and for an opening the nearest free places} */
    static List<Cure> of(BoxPlan plan, Finding finding) {
        List<Cure> all = new ArrayList<>();
        all.addAll(Sizes.of(plan, finding));
        if (finding.cure().canBeApplied()) {
            all.add(finding.cure());
        }
        all.addAll(Sizes.further(plan, finding));
        if (finding.cure().kind().equals("BOLT_TUBES")) {
            all.addAll(otherThanBolts(plan, finding));
        }
        Optional<Opening> found =
                plan.openings().stream()
                        .filter(one -> one.id().equals(finding.place().part()))
                        .findFirst();
        found.ifPresent(opening -> all.addAll(places(plan, opening)));
        return all.stream().map(cure -> ShopSizes.sold(cure, plan.units())).toList();
    }

    /** A weld that is too soft where it stands: a sleeve glued in, another place for it, then deeper members. */
    private static List<Cure> otherThanBolts(BoxPlan plan, Finding finding) {
        String part = finding.cure().press().orElseThrow().part();
        List<Cure> others = new ArrayList<>();
        others.add(Cure.press("SLEEVE_TUBES", finding.cure().amount(), part));
        others.addAll(WeldPlaces.of(plan, finding));
        others.add(Cure.press("DEEPER_SECTION", Quantity.ratio(Math.sqrt(finding.margin())), part));
        return others;
    }

    /** The opening itself, then those beside it, each to the nearest place clear of all others. */
    private static List<Cure> places(BoxPlan plan, Opening opening) {
        List<Opening> wall =
                plan.openings().stream().filter(one -> one.wall().equals(opening.wall())).toList();
        List<Cure> places = new ArrayList<>();
        for (Opening one : wall) {
            List<Opening> others = wall.stream().filter(other -> other != one).toList();
            boolean door = one.standsOnFloor();
            WallRoom.of(plan, one.wall())
                    .free(one.size(), one.place(), door, others)
                    .flatMap(to -> OpeningMove.of(one, to))
                    .ifPresent(places::add);
        }
        places.sort(Comparator.comparingDouble(cure -> cure.amount().value()));
        return places;
    }
}
