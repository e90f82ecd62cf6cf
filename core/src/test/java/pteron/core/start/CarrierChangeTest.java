package pteron.core.start;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlineStart;
import pteron.core.quantity.UnitSystem;
import pteron.core.vehicle.Deck;
import pteron.core.vehicle.Vehicle;

/** What stays and what goes when a box gets another carrier. */
class CarrierChangeTest {

    private static Vehicle vehicle(CarrierStart kind) {
        CarrierSize size = kind.sizes(UnitSystem.METRIC).getFirst();
        Deck odd = new Deck(3333, 1777, size.deck().heightMm());
        return kind.vehicle(new CarrierSize(odd, size.grossKg()));
    }

    @Test
    void offered_allKinds_butItsOwn() {
        assertThat(CarrierChange.offered(vehicle(CarrierStart.TRAILER)))
                .containsExactly(
                        CarrierStart.PICKUP, CarrierStart.FLATBED, CarrierStart.CAB_CHASSIS);
        assertThat(CarrierChange.offered(vehicle(CarrierStart.PICKUP)))
                .containsExactly(
                        CarrierStart.TRAILER, CarrierStart.FLATBED, CarrierStart.CAB_CHASSIS);
        assertThat(CarrierChange.offered(vehicle(CarrierStart.CAB_CHASSIS)))
                .containsExactly(CarrierStart.TRAILER, CarrierStart.PICKUP);
    }

    /** Each change between all kinds, in both units: the deck's sizes, steel and obstructions stay. */
    @Test
    void whatBothHave_stays() {
        for (CarrierStart from : CarrierStart.values()) {
            Vehicle now = vehicle(from);
            for (CarrierStart to : CarrierChange.offered(now)) {
                for (UnitSystem units : UnitSystem.values()) {
                    Vehicle other = CarrierChange.changed(now, to, units);
                    assertThat(other.kind()).isNotEqualTo(now.kind());
                    assertThat(other.deck().lengthMm()).isEqualTo(3333);
                    assertThat(other.deck().widthMm()).isEqualTo(1777);
                    assertThat(other.steel()).isEqualTo(now.steel());
                    assertThat(other.measuredSolids()).isEqualTo(now.measuredSolids());
                }
            }
        }
    }

    @Test
    void betweenTrucks_cabAxlesAndRatings_stay() {
        Vehicle pickup = vehicle(CarrierStart.PICKUP);
        Vehicle flatbed = CarrierChange.changed(pickup, CarrierStart.FLATBED, UnitSystem.METRIC);
        assertThat(flatbed.gear()).isEqualTo(pickup.gear());
        assertThat(flatbed.cab()).isEqualTo(pickup.cab());
        assertThat(flatbed.deck()).isEqualTo(pickup.deck());
        assertThat(CarrierChange.lost(pickup, CarrierStart.FLATBED))
                .isEqualTo(List.of("bed walls, wheel wells, tailgate and payload"));
        assertThat(CarrierChange.lost(flatbed, CarrierStart.PICKUP)).isEmpty();
        Vehicle back = CarrierChange.changed(flatbed, CarrierStart.PICKUP, UnitSystem.METRIC);
        assertThat(back.gear()).isEqualTo(pickup.gear());
    }

    @Test
    void fromTruckToTrailer_whatGoes_isSaid() {
        assertThat(CarrierChange.lost(vehicle(CarrierStart.FLATBED), CarrierStart.TRAILER))
                .containsExactly("cab", "axles, wheels and ratings", "deck height");
        assertThat(CarrierChange.lost(vehicle(CarrierStart.TRAILER), CarrierStart.PICKUP))
                .containsExactly("drawbar and coupler", "axles, wheels and ratings", "deck height");
    }

    /** A plan takes every change: it is set out or says what stands in the way, and nothing throws. */
    @Test
    void aPlan_takesEveryChange() {
        for (CarrierStart from : CarrierStart.values()) {
            if (NewPlan.refusal(from, OutlineStart.RAKED_NOSE).isPresent()) {
                continue;
            }
            for (CarrierSize size : from.sizes(UnitSystem.METRIC)) {
                BoxPlan plan = NewPlan.of(from, size, OutlineStart.RAKED_NOSE, UnitSystem.METRIC);
                for (CarrierStart to : CarrierChange.offered(plan.vehicle())) {
                    BoxPlan other =
                            plan.withVehicle(
                                    CarrierChange.changed(plan.vehicle(), to, UnitSystem.METRIC));
                    assertThat(BoxModel.of(other, MaterialLibrary.starting()).figures())
                            .isNotEmpty();
                }
            }
        }
    }
}
