package pteron.core.start;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.buildup.Framed;
import pteron.core.carrier.CarrierStation;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.outline.OutlineStation;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.quantity.UnitSystem;

/** Box and deck agree from the first picture, for every carrier, size and outline. */
class NewPlanTest {

    private static BoxPlan plan(CarrierStart carrier, CarrierSize size, OutlineStart outline) {
        return NewPlan.of(carrier, size, outline, UnitSystem.METRIC);
    }

    @Property(tries = 80, seed = "20261127")
    void boxAndDeck_agree(
            @ForAll CarrierStart carrier,
            @ForAll OutlineStart outline,
            @ForAll @IntRange(min = 85, max = 115) int length,
            @ForAll @IntRange(min = 92, max = 106) int width) {
        if (NewPlan.refusal(carrier, outline).isPresent()) {
            return;
        }
        for (CarrierSize typical : carrier.sizes(UnitSystem.METRIC)) {
            CarrierSize size =
                    typical.withLength(Math.rint(typical.deck().lengthMm() * length / 100))
                            .withWidth(Math.rint(typical.deck().widthMm() * width / 100));
            BoxPlan plan = plan(carrier, size, outline);
            BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
            assertThat(model.findings(CarrierStation.CARRIER))
                    .as("%s, %s, %s", carrier, size, outline)
                    .noneMatch(finding -> finding.severity() == Severity.STOPS);
            assertThat(model.findings(OutlineStation.OUTLINE))
                    .as("%s, %s, %s", carrier, size, outline)
                    .noneMatch(finding -> finding.severity() == Severity.STOPS);
            double rear = plan.box().offsetMm() + plan.box().outline().getLast().xMm();
            assertThat(rear).isCloseTo(size.deck().lengthMm(), within(1.0));
        }
    }

    /** A box of bonded panels begins with panels that bear wind, snow and a heel. */
    @ParameterizedTest
    @EnumSource(UnitSystem.class)
    void bondedPanels_bearWhatTheyMust(UnitSystem units) {
        int boxes = 0;
        for (CarrierStart carrier : CarrierStart.values()) {
            for (OutlineStart outline : OutlineStart.values()) {
                if (carrier.isBought() || NewPlan.refusal(carrier, outline).isPresent()) {
                    continue;
                }
                CarrierSize size = carrier.sizes(units).getFirst();
                BoxPlan begun = NewPlan.of(carrier, size, outline, units);
                BoxPlan plan = NewPlan.built(begun, Framed.Scheme.FRAMELESS);
                assertThat(BoxModel.of(plan, MaterialLibrary.starting()).findings())
                        .as("%s %s %s", carrier, outline, units)
                        .extracting(Finding::code)
                        .noneMatch(code -> code.startsWith("PANEL_FAILS"));
                boxes++;
            }
        }
        assertThat(boxes).isGreaterThan(20);
    }

    @Test
    void trailer_hasNoCabToReachOver() {
        assertThatThrownBy(
                        () ->
                                plan(
                                        CarrierStart.TRAILER,
                                        CarrierStart.TRAILER.sizes(UnitSystem.METRIC).getFirst(),
                                        OutlineStart.OVER_CAB))
                .hasMessageContaining("needs a cab");
    }

    /** Bars of 8 to 16 ft, not of 9' 10 1/8". */
    @Test
    void inInches_theShopSellsByTheFoot() {
        CarrierSize size = CarrierStart.TRAILER.sizes(UnitSystem.METRIC).getFirst();
        for (UnitSystem units : UnitSystem.values()) {
            BoxPlan plan = NewPlan.of(CarrierStart.TRAILER, size, OutlineStart.RAKED_NOSE, units);
            double step = units == UnitSystem.INCHES ? 304.8 : 100;
            assertThat(plan.supplies().lengthsMm(false))
                    .hasSizeGreaterThan(2)
                    .allMatch(mm -> Math.abs(mm / step - Math.rint(mm / step)) < 1e-9);
            assertThat(plan.supplies().lengthsMm(true)).isNotEmpty();
        }
    }

    @Test
    void everyKind_hasSeveralSizes() {
        for (CarrierStart carrier : CarrierStart.values()) {
            assertThat(carrier.sizes(UnitSystem.METRIC)).hasSizeGreaterThanOrEqualTo(3);
            for (CarrierSize size : carrier.sizes(UnitSystem.METRIC)) {
                assertThat(carrier.vehicle(size).emptyKg()).isLessThan(size.grossKg());
            }
        }
    }
}
