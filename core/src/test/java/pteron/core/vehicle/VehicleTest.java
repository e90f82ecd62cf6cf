package pteron.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.plan.StartingVehicles;
import pteron.core.vehicle.Pickup.Tailgate;
import pteron.core.vehicle.RunningGear.Axle;
import pteron.core.vehicle.Solid.Stretch;

/** Vehicles of the three kinds: what stands in the way, what they weigh, what they refuse. */
class VehicleTest {

    private static final Trailer TRAILER = StartingVehicles.trailer();
    private static final Pickup PICKUP = StartingVehicles.pickup();
    private static final Flatbed FLATBED = StartingVehicles.flatbed();

    private static List<Solid> kind(Vehicle vehicle, Solid.Kind kind) {
        return vehicle.solids().stream().filter(solid -> solid.kind() == kind).toList();
    }

    private static Solid only(Vehicle vehicle, Solid.Kind kind) {
        assertThat(kind(vehicle, kind)).hasSize(1);
        return kind(vehicle, kind).getFirst();
    }

    /** By hand: 1270 between them, walls of the bed at 1660 / 2 = 830. */
    @Test
    void pickup_wheelWells_byHand() {
        Solid well = only(PICKUP, Solid.Kind.WHEEL_WELL);
        assertThat(well.mirrored()).isTrue();
        assertThat(well.across()).isEqualTo(new Stretch(635, 830));
        assertThat(well.along()).isEqualTo(new Stretch(1000, 1950));
        assertThat(well.up()).isEqualTo(new Stretch(0, 240));
    }

    /** The bed is narrower between its rails than at the floor: the rail is what the box meets. */
    @Test
    void pickup_bedWall_beginsAtTheNarrowerPlace() {
        Solid wall = only(PICKUP, Solid.Kind.BED_WALL);
        assertThat(wall.across().fromMm()).isEqualTo(1560 / 2.0);
        assertThat(wall.up().toMm()).isEqualTo(510);
    }

    @ParameterizedTest
    @EnumSource(Tailgate.Position.class)
    void tailgate_upBlocks_downReachesOut_offIsGone(Tailgate.Position position) {
        Pickup pickup = PICKUP.withBed(PICKUP.bed().withTailgate(new Tailgate(position, 560)));
        switch (position) {
            case UP -> {
                Solid gate = only(pickup, Solid.Kind.TAILGATE);
                assertThat(gate.up()).isEqualTo(new Stretch(0, 560));
                assertThat(gate.along().fromMm()).isEqualTo(2490);
            }
            case DOWN -> {
                Solid gate = only(pickup, Solid.Kind.TAILGATE);
                assertThat(gate.up().toMm()).isZero();
                assertThat(gate.along()).isEqualTo(new Stretch(2490, 2490 + 560));
            }
            case OFF -> assertThat(kind(pickup, Solid.Kind.TAILGATE)).isEmpty();
        }
    }

    /** By hand: 790 over the ground and 80 up to the stop, less the deck's 880: 10 below the deck. */
    @Test
    void flatbed_rearWheelAtItsStop_byHand() {
        Solid wheel = only(FLATBED, Solid.Kind.WHEEL);
        assertThat(wheel.up().toMm()).isCloseTo(790 + 80 - 880, within(1e-9));
        assertThat(wheel.along().fromMm()).isCloseTo(2500 - 395, within(1e-9));
        assertThat(wheel.across()).isEqualTo(new Stretch(1750 / 2.0 - 220, 1750 / 2.0 + 220));
        assertThat(only(FLATBED, Solid.Kind.HUMP).up().toMm()).isEqualTo(60);
        assertThat(kind(FLATBED, Solid.Kind.TANK)).hasSize(1);
        assertThat(kind(FLATBED, Solid.Kind.MUD_FLAP)).hasSize(1);
    }

    /** Over the wheels there is nothing beside the deck; a box through the deck is measured. */
    @Test
    void trailer_wheelsStandBesideTheDeck_orUnderIt() {
        assertThat(kind(TRAILER, Solid.Kind.WHEEL)).hasSize(2);
        assertThat(kind(TRAILER.withOverWheels(true), Solid.Kind.WHEEL)).isEmpty();
        Solid box =
                new Solid(
                        "wheel box",
                        Solid.Kind.WHEEL_WELL,
                        new Stretch(1900, 3500),
                        new Stretch(760, 1050),
                        new Stretch(0, 180),
                        true);
        Vehicle boxed = TRAILER.withOverWheels(true).withMeasuredSolids(List.of(box));
        assertThat(boxed.solids()).containsExactly(box);
    }

    /** The coupler carries its share of an empty trailer; a truck stands on its axles alone. */
    @Test
    void emptyMass_byHand() {
        assertThat(TRAILER.emptyKg()).isEqualTo(282.5 + 282.5 + 75);
        assertThat(PICKUP.emptyKg()).isEqualTo(1540 + 1110);
        assertThat(FLATBED.emptyKg()).isEqualTo(1250 + 1050);
    }

    @ParameterizedTest
    @EnumSource(Vehicle.Kind.class)
    void everyKind_keepsWhatIsNotChanged(Vehicle.Kind kind) {
        Vehicle vehicle = StartingVehicles.of(kind);
        assertThat(vehicle.kind()).isEqualTo(kind);
        assertThat(vehicle.withDeck(vehicle.deck())).isEqualTo(vehicle);
        assertThat(vehicle.withGear(vehicle.gear())).isEqualTo(vehicle);
        assertThat(vehicle.withSteel(vehicle.steel())).isEqualTo(vehicle);
        assertThat(vehicle.withMeasuredSolids(vehicle.measuredSolids())).isEqualTo(vehicle);
        Deck longer = new Deck(5000, vehicle.deck().widthMm(), vehicle.deck().heightMm());
        Vehicle changed = vehicle.withDeck(longer);
        assertThat(changed.deck()).isEqualTo(longer);
        assertThat(changed.gear()).isEqualTo(vehicle.gear());
        assertThat(changed.steel()).isEqualTo(vehicle.steel());
        assertThat(changed.cab()).isEqualTo(vehicle.cab());
    }

    private static void refused(Supplier<Object> wrong, String... words) {
        assertThatIllegalArgumentException()
                .isThrownBy(wrong::get)
                .satisfies(e -> assertThat(e.getMessage()).contains(words));
    }

    /** Every refusal names the field, the value, the limit and the cure. */
    @Test
    void illegalArguments() {
        refused(() -> PICKUP.withPayload(-3), "payload", "-3", "kg", "10 to");
        refused(() -> PICKUP.bed().withRailHeight(5000), "rail height", "5000", "mm", "1200");
        refused(() -> PICKUP.bed().wells().withBetween(Double.NaN), "between the wheel wells");
        refused(() -> TRAILER.gear().withAxles(List.of()), "axles", "[0]", "1 to 4", "give one");
        refused(
                () ->
                        TRAILER.gear()
                                .withAxles(
                                        List.of(
                                                new Axle(3000, 200, 900),
                                                new Axle(2000, 200, 900))),
                "axles");
        refused(
                () -> FLATBED.withGear(TRAILER.gear().withAxles(List.of(new Axle(900, 90, 900)))),
                "[1]",
                "2 or more",
                "front and rear");
        refused(
                () ->
                        TRAILER.withGear(
                                TRAILER.gear()
                                        .withAxles(
                                                List.of(
                                                        new Axle(100, 90, 900),
                                                        new Axle(900, 90, 900),
                                                        new Axle(1800, 90, 900),
                                                        new Axle(2700, 90, 900)))),
                "[4]",
                "1 to 3");
        refused(() -> TRAILER.drawbar().withAhead(1), "coupler ahead", "1 mm", "200");
        refused(() -> new Stretch(5, 4), "5", "4");
    }
}
