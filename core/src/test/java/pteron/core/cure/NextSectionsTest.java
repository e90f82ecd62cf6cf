package pteron.core.cure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.LongStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import pteron.core.cure.NextSections.Other;
import pteron.core.edit.Cures;
import pteron.core.frame.Member;
import pteron.core.material.MaterialLibrary;
import pteron.core.mechanics.LoadCase;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;
import pteron.core.strength.Governing;
import pteron.core.strength.Strength;

/** The next sizes of the shop against the plan worked out anew, and what governs against sums by hand. */
class NextSectionsTest {

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    private static Governing governing(BoxModel model, String member) {
        return model.find(Strength.class).orElseThrow().governing().get(member);
    }

    private static Member member(BoxModel model, String name) {
        return model.members().stream()
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** Plans as builders begin them, of every scheme. */
    static List<BoxPlan> plans() {
        return LongStream.range(100, 112)
                .mapToObj(UsualPlans::of)
                .flatMap(Optional::stream)
                .toList();
    }

    private static int compared;

    @AfterAll
    static void generatorReachesMembers() {
        assertThat(compared).isGreaterThan(60);
    }

    /** Two members of each kind in plans of every scheme: the change, pressed on the plan alone, gives what was told. */
    @ParameterizedTest
    @MethodSource("plans")
    void others_areWhatThePlanGives(BoxPlan plan) {
        BoxModel model = model(plan);
        if (model.find(Strength.class).isEmpty()) {
            return;
        }
        TreeMap<String, Integer> tried = new TreeMap<>();
        for (String name :
                new TreeMap<>(model.find(Strength.class).orElseThrow().governing()).keySet()) {
            String kind = name.replaceAll("\\d+$", "");
            if (tried.merge(kind, 1, Integer::sum) > 2) {
                continue;
            }
            for (Other other : NextSections.of(model, member(model, name))) {
                BoxModel after = model(Cures.apply(plan, other.change()));
                assertThat(governing(after, name).utilisation())
                        .isCloseTo(other.governing().utilisation(), within(1e-9));
                assertThat(member(after, name).section().depthMm()).isEqualTo(other.depthMm());
                compared++;
                assertThat(after.balance().boxKg() - model.balance().boxKg())
                        .isCloseTo(other.moreKg(), within(1e-9));
            }
        }
    }

    /** 38 × 63 goes down to 58 and up to 70; deeper is heavier and works less. */
    @Test
    void others_downAndUp() {
        BoxModel model = model(StartingPlans.square());
        Member stud = member(model, "left stud 3");
        List<Other> others = NextSections.of(model, stud);
        assertThat(others).extracting(Other::depthMm).containsExactly(58.0, 70.0);
        double now = governing(model, stud.name()).utilisation();
        assertThat(others.getFirst().moreKg()).isNegative();
        assertThat(others.getFirst().governing().utilisation()).isGreaterThan(now);
        assertThat(others.getLast().moreKg()).isPositive();
        assertThat(others.getLast().governing().utilisation()).isLessThan(now);
    }

    /** By hand: moments of a bow under its weight g and one person, 1.35 g x (L − x) / 2 + 1.5 P x / 2. */
    @Test
    void governing_momentsByHand() {
        BoxModel model = model(StartingPlans.square());
        Governing bow = governing(model, "roof bow 3");
        double span = bow.beam().spanMm();
        LoadCase loads = bow.loads();
        for (double x : List.of(0.0, span / 7, span / 3, span / 2, 0.8 * span, span)) {
            double near = Math.min(x, span - x);
            double hand =
                    1.35 * loads.permanent() * x * (span - x) / 2
                            + 1.5 * loads.spread() * x * (span - x) / 2
                            + 1.5 * loads.middle() * near / 2;
            assertThat(bow.designMomentAt(x)).isCloseTo(hand, within(1e-6));
        }
        assertThat(bow.designMomentAt(0)).isZero();
        assertThat(bow.deflectionAt(span)).isCloseTo(0, within(1e-9));
    }
}
