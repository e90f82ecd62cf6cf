package pteron.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class QuantityTest {

    @Test
    void text_metric() {
        assertThat(Quantity.mm(4300).text(UnitSystem.METRIC)).isEqualTo("4\u2009300 mm");
        assertThat(Quantity.kg(1232.08).text(UnitSystem.METRIC)).isEqualTo("1\u2009232 kg");
        assertThat(Quantity.degrees(22.5).text(UnitSystem.METRIC)).isEqualTo("22.5°");
        assertThat(Quantity.ratio(0.8594).text(UnitSystem.METRIC)).isEqualTo("0.86");
        assertThat(new Quantity(0.000123, Unit.RATIO).text(UnitSystem.METRIC))
                .isEqualTo("0.000123");
    }

    /** 1 kg = 2.20462 lb, 1 N/mm² = 145.038 psi, 1 m² = 10.7639 ft²: NIST SP 811. */
    @Test
    void text_inches_unitsOfTheTrade() {
        assertThat(Quantity.kg(100).text(UnitSystem.INCHES)).isEqualTo("220 lb");
        assertThat(Quantity.stress(10).text(UnitSystem.INCHES)).isEqualTo("1\u2009450 psi");
        assertThat(new Quantity(2, Unit.SQUARE_METRE).text(UnitSystem.INCHES))
                .isEqualTo("21.5 ft²");
        assertThat(new Quantity(28, Unit.METRE_PER_SECOND).text(UnitSystem.INCHES))
                .isEqualTo("63 mph");
    }

    @ParameterizedTest
    @EnumSource(Unit.class)
    void unit_shownAndBack(Unit unit) {
        double shown = unit.shown(12.5, UnitSystem.INCHES);
        assertThat(unit.fromShown(shown, UnitSystem.INCHES)).isCloseTo(12.5, within(1e-9));
    }

    @Test
    void quantity_illegalArguments() {
        assertThatThrownBy(() -> Quantity.mm(Double.NaN)).hasMessageContaining("mm");
    }

    @Test
    void require_namesValueLimitAndCure() {
        assertThatThrownBy(
                        () ->
                                Require.within(
                                        "deck length", 12, new Require.Range(1000, 15000, "mm")))
                .hasMessageContaining("deck length")
                .hasMessageContaining("12 mm")
                .hasMessageContaining("1000 to 15000 mm");
        assertThatThrownBy(() -> Require.positive("span", 0, "mm"))
                .hasMessageContaining("more than 0");
        assertThatThrownBy(() -> Require.notNegative("load", -1, "N"))
                .hasMessageContaining("0 or more");
    }
}
