package pteron.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import pteron.core.cure.CureTrial;
import pteron.core.figure.Finding;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;
import pteron.core.plan.StartingVehicles;
import pteron.core.vehicle.Vehicle;

/** A deck of another length carries its steel along; an end of the floor without steel is found. */
class DeckLengthTest {

    /** No cross-member in the air, the last one as far from the rear edge as before, none far from the next. */
    @Property(tries = 300, seed = "20261127")
    void steel_goesWithTheDeck(@ForAll @IntRange(min = 1500, max = 9000) int length) {
        for (Vehicle vehicle : List.of(StartingVehicles.trailer(), StartingVehicles.flatbed())) {
            double behind = vehicle.deck().lengthMm() - vehicle.steel().crossMembersMm().getLast();
            Vehicle other = VehicleEdits.withDeckLength(vehicle, length);
            List<Double> places = other.steel().crossMembersMm();
            assertThat(places).isSorted().hasSizeGreaterThanOrEqualTo(2);
            assertThat(places).allMatch(place -> place >= 0 && place <= length);
            assertThat(length - places.getLast())
                    .isCloseTo(behind, org.assertj.core.api.Assertions.within(1e-9));
            for (int i = 1; i < places.size(); i++) {
                assertThat(places.get(i) - places.get(i - 1)).isLessThan(1100);
            }
        }
    }

    @Test
    void tooShort_isRefused() {
        assertThatThrownBy(() -> VehicleEdits.withDeckLength(StartingVehicles.trailer(), 200))
                .hasMessageContaining("deck length");
    }

    /**
     * The rearmost cross-member lies 300 short of the box's rear: more than a quarter of the 590 between the
     * others (147.5 by hand), so that the end is unsupported; a cross-member cures it.
     */
    @Test
    void freeEnd_isFound_andCured() {
        BoxPlan plan = StartingPlans.square();
        List<Double> places = List.of(60.0, 650.0, 1240.0, 1830.0, 2420.0, 3010.0, 3600.0, 4000.0);
        BoxPlan bare =
                plan.withVehicle(
                        plan.vehicle().withSteel(plan.vehicle().steel().withCrossMembers(places)));
        BoxModel model = BoxModel.of(bare, MaterialLibrary.starting());
        Finding free =
                model.findings().stream()
                        .filter(finding -> finding.code().equals("FLOOR_END_UNSUPPORTED"))
                        .findFirst()
                        .orElseThrow();
        assertThat(free.limit().quantity().value()).isEqualTo(147.5);
        assertThat(free.demand().value()).isBetween(290.0, 300.0);
        Finding tried = CureTrial.of(model, free).finding();
        assertThat(tried.cure().kind()).isEqualTo("ADD_CROSS_MEMBER");
        BoxModel cured = BoxModel.of(Cures.apply(bare, tried.cure()), MaterialLibrary.starting());
        assertThat(cured.findings())
                .extracting(Finding::code)
                .doesNotContain("FLOOR_END_UNSUPPORTED");
    }
}
