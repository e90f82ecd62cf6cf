package pteron.core.carrier;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.edit.Cures;
import pteron.core.figure.Finding;
import pteron.core.outline.OutlineStage;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;
import pteron.core.vehicle.Deck;
import pteron.core.vehicle.Trailer;

class CarrierStageTest {

    private static final double EXACT = 1e-9;
    private static final BoxPlan PLAN = StartingPlans.square();
    private static final Trailer TRAILER = (Trailer) PLAN.vehicle();

    private static Carrier carrier(BoxPlan plan) {
        return CarrierStage.of(CarrierInput.of(plan, OutlineStage.of(plan.box())));
    }

    private static List<String> codes(BoxPlan plan) {
        return carrier(plan).findings().stream().map(Finding::code).toList();
    }

    private static double figure(String key) {
        return carrier(PLAN).figures().stream()
                .filter(f -> f.key().equals(key))
                .findFirst()
                .orElseThrow()
                .value();
    }

    /** Places run from the box's front face: with the box 100 mm back, the deck begins at −100. */
    @Test
    void places_fromTheBox() {
        Carrier carrier = carrier(PLAN.withBox(PLAN.box().withOffset(100)));
        assertThat(carrier.deckFrontMm()).isEqualTo(-100);
        assertThat(carrier.deckRearMm()).isEqualTo(4200);
        assertThat(carrier.front().placeMm()).isEqualTo(-1450);
        assertThat(carrier.axlesMm()).containsExactly(2200.0, 3020.0);
        assertThat(carrier.rear().placeMm()).isEqualTo(2610);
        assertThat(carrier.crossMembersMm().getFirst()).isEqualTo(-40);
    }

    /** By hand: 75 · (−1350) + 565 · 2710 over 640. */
    @Test
    void emptyCentre_byHand() {
        assertThat(carrier(PLAN).emptyCentreMm())
                .isCloseTo((75 * -1350.0 + 565 * 2710.0) / 640, within(EXACT));
        assertThat(carrier(PLAN).rear().emptyKg()).isEqualTo(565);
    }

    @Test
    void figures_byHand() {
        assertThat(figure("carrier.payload")).isEqualTo(2700 - 640);
        assertThat(figure("carrier.overall-height")).isEqualTo(580 + 2160);
        assertThat(figure("carrier.floor-height")).isCloseTo(580 + 108.5, within(EXACT));
    }

    /** 80 in, 2032 mm: 49 CFR 571.108. 2.55 m and 4.00 m: Directive 96/53/EC. */
    @Test
    void roadLimits_published() {
        assertThat(CarrierCheck.MARKER_LAMPS_FROM_MM).isCloseTo(80 * 25.4, within(EXACT));
        assertThat(PLAN.limits().widthMm()).isEqualTo(2550);
        assertThat(PLAN.limits().heightMm()).isEqualTo(4000);
        Trailer narrow = TRAILER.withDeck(new Deck(4300, 2000, 580)).withOverWheels(true);
        BoxPlan small = PLAN.withVehicle(narrow).withBox(PLAN.box().withWidth(1990));
        assertThat(codes(small)).doesNotContain("MARKER_LAMPS_NEEDED");
    }

    @Test
    void overhang_curedByMoving_orOnlyAdvised() {
        BoxPlan back = PLAN.withBox(PLAN.box().withOffset(60));
        Finding rear =
                carrier(back).findings().stream()
                        .filter(f -> f.code().equals("BOX_OVERHANGS_DECK_REAR"))
                        .findFirst()
                        .orElseThrow();
        assertThat(rear.demand().value()).isCloseTo(60, within(EXACT));
        assertThat(rear.cure().kind()).isEqualTo("MOVE_BOX_FORWARD");
        assertThat(codes(Cures.apply(back, rear.cure())))
                .doesNotContain("BOX_OVERHANGS_DECK_REAR", "BOX_OVERHANGS_DECK_FRONT");
        Trailer shorter = TRAILER.withDeck(new Deck(4250, 2100, 580));
        Finding advised =
                carrier(PLAN.withVehicle(shorter)).findings().stream()
                        .filter(f -> f.code().equals("BOX_OVERHANGS_DECK_REAR"))
                        .findFirst()
                        .orElseThrow();
        assertThat(advised.cure().kind()).isEqualTo("SHORTEN_BOX");
    }

    @Test
    void tooWide_isCured() {
        BoxPlan wide = PLAN.withBox(PLAN.box().withWidth(2600));
        Finding width =
                carrier(wide).findings().stream()
                        .filter(f -> f.code().equals("WIDTH_OVER_ROAD_LIMIT"))
                        .findFirst()
                        .orElseThrow();
        assertThat(codes(Cures.apply(wide, width.cure()))).doesNotContain("WIDTH_OVER_ROAD_LIMIT");
    }

    @Test
    void weights_thatCannotBe() {
        Trailer heavyNose = TRAILER.withDrawbar(TRAILER.drawbar().withEmpty(570));
        assertThat(codes(PLAN.withVehicle(heavyNose))).contains("EMPTY_COUPLER_OVER_EMPTY_MASS");
        Trailer weak = TRAILER.withGear(TRAILER.gear().withGross(600));
        assertThat(codes(PLAN.withVehicle(weak))).contains("EMPTY_OVER_GROSS_RATING");
        Trailer odd = TRAILER.withGear(TRAILER.gear().withAxle(1, axle -> axle.withPlace(5000)));
        assertThat(codes(PLAN.withVehicle(odd))).contains("STEEL_BEHIND_DECK");
    }
}
