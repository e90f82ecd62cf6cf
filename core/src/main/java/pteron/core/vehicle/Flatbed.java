package pteron.core.vehicle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A flatbed or a cab-chassis: rails behind a cab. The deck is the top of the rails over their straight
 * length. Immutable.
 *
 * @param deck straight length of the rails, width over the cross-members, height of the rails' top
 * @param driver the cab
 * @param gear axles and wheels, the front axle first
 * @param steel rails and cross-members
 * @param measuredSolids gearbox hump, fuel tank, mud flaps and so on
 */
public record Flatbed(
        Deck deck, Cab driver, RunningGear gear, Steel steel, List<Solid> measuredSolids)
        implements Vehicle {

    /**
     * Copies the list.
     *
     * @throws IllegalArgumentException if there is only one axle
     */
    public Flatbed {
        measuredSolids = List.copyOf(measuredSolids);
        Pickup.requireTwoAxles(gear);
    }

    @Override
    public Kind kind() {
        return Kind.FLATBED;
    }

    @Override
    public Optional<Cab> cab() {
        return Optional.of(driver);
    }

    @Override
    public double emptyKg() {
        return gear.emptyKg();
    }

    @Override
    public List<Solid> solids() {
        List<Solid> solids = new ArrayList<>();
        solids.add(driver.solid(-deck.heightMm()));
        solids.addAll(WheelSolids.atTheStop(gear, deck.heightMm(), 1));
        solids.addAll(measuredSolids);
        return List.copyOf(solids);
    }

    @Override
    public Flatbed withDeck(Deck other) {
        return new Flatbed(other, driver, gear, steel, measuredSolids);
    }

    @Override
    public Flatbed withGear(RunningGear other) {
        return new Flatbed(deck, driver, other, steel, measuredSolids);
    }

    @Override
    public Flatbed withSteel(Steel other) {
        return new Flatbed(deck, driver, gear, other, measuredSolids);
    }

    @Override
    public Flatbed withMeasuredSolids(List<Solid> other) {
        return new Flatbed(deck, driver, gear, steel, other);
    }

    /** {@return this flatbed with another cab} */
    public Flatbed withCab(Cab other) {
        return new Flatbed(deck, other, gear, steel, measuredSolids);
    }
}
