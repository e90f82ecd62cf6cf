package pteron.core.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import pteron.core.balance.BalanceStation;
import pteron.core.edit.Cures;
import pteron.core.frame.FrameStation;
import pteron.core.outline.OutlineStation;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.Quantity;

class FigureTest {

    private static Finding finding(String code, Severity severity, double demand, Limit limit) {
        return new Finding(
                code,
                severity,
                Place.of(FrameStation.FRAME, code),
                Quantity.kg(demand),
                limit,
                Cure.advice("KEEP_MARGIN", Quantity.kg(1)));
    }

    @Test
    void working_isWrittenOnlyWhenAskedFor() {
        AtomicInteger asked = new AtomicInteger();
        Figure figure =
                Figure.of(
                        "a.b",
                        "A",
                        Quantity.mm(3),
                        () -> {
                            asked.incrementAndGet();
                            return Working.of("a").source("b");
                        });
        assertThat(figure.value()).isEqualTo(3);
        assertThat(asked).hasValue(0);
        assertThat(figure.working().source()).isEqualTo("b");
        assertThat(asked).hasValue(1);
        assertThat(figure).hasToString("a.b = 3.0 mm");
    }

    @Test
    void working_keepsTermsInOrderWithTheirOrigin() {
        Working working =
                Working.of("a + b + c + d")
                        .plan("a", "one", Quantity.mm(1))
                        .material("b", "two", Quantity.mm(2))
                        .standard("c", "three", Quantity.mm(3))
                        .worked("d", "four", Quantity.mm(4), "outline.four")
                        .source("sums");
        assertThat(working.terms())
                .extracting(Working.Term::origin)
                .containsExactly(Origin.PLAN, Origin.MATERIAL, Origin.STANDARD, Origin.WORKED_OUT);
        assertThat(working.terms())
                .extracting(Working.Term::symbol)
                .containsExactly("a", "b", "c", "d");
    }

    @Test
    void limit_marginIsDemandOverCapacity_onBothSides() {
        Limit most = Limit.atMost(Quantity.kg(200));
        assertThat(most.margin(Quantity.kg(250))).isCloseTo(1.25, within(1e-12));
        Limit least = Limit.atLeast(Quantity.kg(10));
        assertThat(least.margin(Quantity.kg(8))).isCloseTo(1.25, within(1e-12));
        assertThat(least.margin(Quantity.kg(20))).isCloseTo(0.5, within(1e-12));
        assertThat(Limit.atMost(Quantity.kg(0)).margin(Quantity.kg(5))).isZero();
    }

    @Test
    void findings_mostSeriousFirst_thenTheHardestWorked() {
        List<Finding> findings =
                new ArrayList<>(
                        List.of(
                                finding("D", Severity.NOTE, 9, Limit.atMost(Quantity.kg(1))),
                                finding("C", Severity.WATCH, 1, Limit.atMost(Quantity.kg(1))),
                                finding("B", Severity.WATCH, 2, Limit.atMost(Quantity.kg(1))),
                                finding("A", Severity.STOPS, 1, Limit.atMost(Quantity.kg(9)))));
        findings.sort(Finding.MOST_SERIOUS_FIRST);
        assertThat(findings).extracting(Finding::code).containsExactly("A", "B", "C", "D");
        assertThat(findings.getFirst().id()).isEqualTo("A@frame/A");
    }

    @Test
    void cure_adviceCannotBeApplied() {
        assertThat(Cure.advice("X", Quantity.kg(1)).canBeApplied()).isFalse();
        Cure cure = Cure.press("SET_BOX_WIDTH", Quantity.mm(2000), "box");
        assertThat(cure.canBeApplied()).isTrue();
        assertThat(cure).isEqualTo(Cure.press("SET_BOX_WIDTH", Quantity.mm(2000), "box"));
        assertThat(Cures.apply(StartingPlans.square(), cure).box().widthMm()).isEqualTo(2000);
        assertThatThrownBy(
                        () -> Cures.apply(StartingPlans.square(), Cure.advice("X", Quantity.kg(1))))
                .hasMessageContaining("for the builder");
    }

    @Test
    void place_at() {
        Place place = Place.of(OutlineStation.OUTLINE, "corner-2").at(100, 200);
        assertThat(place.xMm()).isEqualTo(100);
        assertThat(place.zMm()).isEqualTo(200);
        assertThat(Place.of(BalanceStation.BALANCE).part()).isEmpty();
    }
}
