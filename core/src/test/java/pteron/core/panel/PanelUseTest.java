package pteron.core.panel;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.figure.Working;
import pteron.core.mechanics.Check;
import pteron.core.mechanics.Duration;
import pteron.core.quantity.Quantity;

/** What a panel near or over its limit says, and what it proposes. */
class PanelUseTest {

    private static PanelUse use(
            PanelPart part, PanelLoad load, PanelMode mode, double utilisation) {
        Check check =
                new Check(
                        part.key() + "-" + mode.key(),
                        part.title(),
                        part.key(),
                        Quantity.ratio(utilisation),
                        Quantity.ratio(1),
                        () -> Working.of("u = u").source("made up"));
        return new PanelUse(part, load, mode, check);
    }

    private static PanelUse use(PanelPart part, PanelMode mode, double utilisation) {
        return use(part, PanelLoad.heel(1000, 500), mode, utilisation);
    }

    @ParameterizedTest
    @CsvSource({"0.5, false", "0.95, true", "1.0, true", "1.2, true"})
    void isWorthTelling_fromNearItsLimit(double utilisation, boolean told) {
        assertThat(use(PanelPart.FLOOR, PanelMode.FACE, utilisation).isWorthTelling())
                .isEqualTo(told);
    }

    @ParameterizedTest
    @CsvSource({
        "FLOOR,      FACE,         1.2,  PANEL_FAILS_FACE,         STOPS, THICKER_PANEL_FACE, floor",
        "FLOOR,      FAR_FACE,     1.2,  PANEL_FAILS_FAR_FACE,     STOPS, THICKER_PANEL_CORE, floor",
        "FLOOR,      CRUSHING,     1.2,  PANEL_FAILS_CRUSHING,     STOPS, THICKER_PANEL_FACE, floor",
        "FLOOR,      OVER_SUPPORT, 1.2,  PANEL_FAILS_OVER_SUPPORT, STOPS, THICKER_PANEL_FACE, floor",
        "FLOOR,      CORE_SHEAR,   1.2,  PANEL_FAILS_CORE_SHEAR,   STOPS, THICKER_PANEL_CORE, floor",
        "FLOOR,      WRINKLING,    1.2,  PANEL_FAILS_WRINKLING,    STOPS, THICKER_PANEL_CORE, floor",
        "FLOOR,      SAG,          1.2,  PANEL_FAILS_SAG,          WATCH, THICKER_PANEL_CORE, floor",
        "ROOF,       FACE,         1.2,  PANEL_FAILS_FACE,         WATCH, THICKER_PANEL_FACE, roof",
        "OVER_CAB_FLOOR, CRUSHING, 1.2,  PANEL_FAILS_CRUSHING,     STOPS, THICKER_LINING, walls",
        "OVER_CAB_FLOOR, SAG,      1.2,  PANEL_FAILS_SAG,          WATCH, THICKER_PANEL_CORE, walls",
        "BENT_WALLS, CORE_SHEAR,   1.2,  PANEL_FAILS_CORE_SHEAR,   STOPS, THICKER_PANEL_CORE, walls",
        "FLOOR,      FACE,         0.97, PANEL_CLOSE_FACE,         WATCH, LEAVE_OR_STRENGTHEN, ''"
    })
    void finding(
            PanelPart part,
            PanelMode mode,
            double utilisation,
            String code,
            Severity severity,
            String cure,
            String buildUp) {
        Finding finding = use(part, mode, utilisation).finding();
        assertThat(finding.code()).isEqualTo(code);
        assertThat(finding.severity()).isEqualTo(severity);
        assertThat(finding.cure().kind()).isEqualTo(cure);
        assertThat(finding.cure().press().map(Cure.Press::part).orElse("")).isEqualTo(buildUp);
        assertThat(finding.place().part()).endsWith(", one person on a heel");
    }

    /** A roof torn at by wind is no roof that need not be walked on. */
    @Test
    void finding_roofInWind_stops() {
        PanelLoad wind = PanelLoad.spread("wind", "wind", 0.001, 1000, Duration.SHORT);
        assertThat(use(PanelPart.ROOF, wind, PanelMode.FACE, 1.2).finding().severity())
                .isEqualTo(Severity.STOPS);
    }

    @ParameterizedTest
    @CsvSource({"0.8, TURN_SHEETS", "1.0, TURN_SHEETS", "1.1, THICKER_PANEL_FACE"})
    void cure_turnsTheSheets_whereThatHelps(double turned, String cure) {
        PanelUse use = use(PanelPart.FLOOR, PanelMode.FACE, 1.2).turnedTo(turned);
        assertThat(use.finding().cure().kind()).isEqualTo(cure);
        assertThat(use.finding().cure().press().orElseThrow().part()).isEqualTo("floor");
    }
}
