package pteron.exchange.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.frame.FrameStation;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.outline.OutlineStation;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.PlanArbitraries;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.demo.Demos;

class WordsTest {

    private static Finding finding(String code, String cure) {
        return new Finding(
                code,
                Severity.WATCH,
                Place.of(FrameStation.FRAME, "left"),
                Quantity.mm(12),
                Limit.atMost(Quantity.mm(10)),
                Cure.advice(cure, Quantity.mm(2)));
    }

    @Test
    void everyEntry_rendersWithoutPlaceholder() {
        for (String code : FindingWords.codes()) {
            for (String kind : CureWords.kinds()) {
                for (UnitSystem units : UnitSystem.values()) {
                    BoxPlan plan = StartingPlans.square().withUnits(units);
                    assertThat(FindingWords.sentence(finding(code, kind), plan))
                            .doesNotContain("#", "{", "%s", "%d", "null")
                            .doesNotContain("_");
                }
            }
        }
    }

    @Test
    void sentence_namesPlaceMeasureLimitAndCure() {
        Finding finding = finding("STEEL_BEHIND_DECK", "MEASURE_AGAIN");
        assertThat(FindingWords.sentence(finding, StartingPlans.square()))
                .isEqualTo(
                        "Axle or cross-member lies behind the deck · left wall · 12 mm, limit 10 mm · Measure again: it lies 2 mm behind the deck");
        assertThat(FindingWords.margin(finding)).isEqualTo("120 %");
    }

    /** What is found is not too much of anything. */
    @Test
    void whatIsFound_tellsNoLimit() {
        assertThat(FindingWords.measure(finding("DAMAGE_DENT", "MEND_DENT"), UnitSystem.METRIC))
                .isEqualTo("12 mm long");
        assertThat(FindingWords.measure(finding("SKIN_IS_PAINTED", "X"), UnitSystem.METRIC))
                .isEqualTo("as found");
    }

    @Test
    void unknownCode_isOurFault() {
        assertThatThrownBy(() -> FindingWords.headline(finding("NO_SUCH", "MOVE_OPENING")))
                .hasMessageContaining("no words");
        assertThatThrownBy(
                        () ->
                                CureWords.of(
                                        Cure.advice("NO_SUCH", Quantity.mm(1)),
                                        StartingPlans.square()))
                .hasMessageContaining("no words");
    }

    @Test
    void working_lineByLine() {
        BoxModel model = BoxModel.of(StartingPlans.square(), MaterialLibrary.starting());
        List<String> lines =
                WorkingWords.lines(
                        model.figure("balance.coupler-load").orElseThrow(), UnitSystem.METRIC);
        assertThat(lines.get(0)).startsWith("Coupler load = ");
        assertThat(lines)
                .contains("R = m · (xa − xg) / xa")
                .anyMatch(line -> line.contains("(plan)"));
        assertThat(lines.getLast()).startsWith("Source: ");
    }

    /** A name with a number behind a hyphen, or with a dot within. */
    private static final String KEY = "[a-z]-\\d|[a-z]\\.[a-z]";

    @Provide
    Arbitrary<BoxPlan> plans() {
        return PlanArbitraries.plans();
    }

    @Property(tries = 80, seed = "20261126")
    void whateverIsFound_hasWords(@ForAll("plans") BoxPlan plan) {
        for (Finding finding : BoxModel.of(plan, MaterialLibrary.starting()).findings()) {
            assertThat(FindingWords.sentence(finding, plan)).isNotBlank();
            boolean named =
                    plan.openings().stream().anyMatch(o -> o.id().equals(finding.place().part()));
            if (!named) {
                assertThat(FindingWords.place(finding, plan)).doesNotContainPattern(KEY);
            }
        }
    }

    /** What stands as a key among findings is told as it is on the screen, where the first corner is number 1. */
    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '"',
            value = {
                "corner-2, corner 3",
                "drop-floor, dropped floor",
                "walls.outerSkin, \"walls, outer skin\"",
                "nose-2, nose part 2",
                "left, left wall"
            })
    void place_isToldInWords(String part, String words) {
        Finding finding =
                new Finding(
                        "CORNER_WANTS_PACKING",
                        Severity.NOTE,
                        Place.of(OutlineStation.OUTLINE, part),
                        Quantity.mm(3),
                        Limit.atMost(Quantity.mm(20)),
                        Cure.advice("PACK_THE_WEDGE", Quantity.mm(3)));
        assertThat(FindingWords.place(finding, StartingPlans.square())).isEqualTo(words);
        assertThat(FindingWords.measure(finding, UnitSystem.METRIC)).isEqualTo("3 mm wide");
    }

    /** A place is told to be found: to the millimetre. */
    @Test
    void place_toTheMillimetre() {
        Finding finding =
                new Finding(
                        "OVERLOADED_STUD_BENDING",
                        Severity.STOPS,
                        Place.of(FrameStation.FRAME, "left stud 1").at(2918.7, 900),
                        Quantity.mm(1),
                        Limit.atMost(Quantity.mm(0.5)),
                        Cure.advice("LEAVE_OR_STRENGTHEN", Quantity.mm(1)));
        assertThat(FindingWords.place(finding, StartingPlans.square()))
                .isEqualTo("left stud 1, 2\u2009919 mm behind front of box");
    }

    /** What lies over a cab is told as it is measured, without a minus. */
    @Test
    void place_aheadOfTheFrontFace() {
        BoxPlan plan = Demos.wagtail();
        Finding finding =
                new Finding(
                        "OVERLOADED_STUD_BENDING",
                        Severity.STOPS,
                        Place.of(FrameStation.FRAME, "left stud 1").at(-670, 1800),
                        Quantity.mm(1),
                        Limit.atMost(Quantity.mm(0.5)),
                        Cure.advice("LEAVE_OR_STRENGTHEN", Quantity.mm(1)));
        assertThat(FindingWords.place(finding, plan))
                .isEqualTo("left stud 1, 670 mm ahead of front of box");
    }
}
