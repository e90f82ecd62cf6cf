package pteron.core.vehicle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.quantity.Require;
import pteron.core.vehicle.Solid.Stretch;

/**
 * A pickup with its bed. Immutable.
 *
 * @param bed the bed
 * @param driver the cab
 * @param gear axles and wheels, the front axle first
 * @param payloadKg what may be loaded, as the sticker says (kg)
 * @param steel cross sills under the bed, and the frame's rails
 * @param measuredSolids whatever else is in the way
 */
public record Pickup(
        Bed bed,
        Cab driver,
        RunningGear gear,
        double payloadKg,
        Steel steel,
        List<Solid> measuredSolids)
        implements Vehicle {

    /** Thickness that is taken for walls and tailgate (mm); common practice. */
    private static final double WALL_MM = 60;

    /**
     * Copies the list.
     *
     * @throws IllegalArgumentException if there is only one axle
     */
    public Pickup {
        measuredSolids = List.copyOf(measuredSolids);
        Require.within("payload", payloadKg, VehicleLimits.RATING);
        requireTwoAxles(gear);
    }

    static void requireTwoAxles(RunningGear gear) {
        if (gear.axles().size() < 2) {
            throw new IllegalArgumentException(
                    "axles: there is [%d] and must be 2 or more; give front and rear axle"
                            .formatted(gear.axles().size()));
        }
    }

    /**
     * The bed.
     *
     * @param floor length at the floor, width at the floor between the walls, height of the floor
     * @param railLengthMm length at the rail, the top of the walls (mm)
     * @param railWidthMm width between the rails (mm)
     * @param railHeightMm top of the rails above the floor (mm)
     * @param wells wheel wells
     * @param tailgate the tailgate
     */
    public record Bed(
            Deck floor,
            double railLengthMm,
            double railWidthMm,
            double railHeightMm,
            Wells wells,
            Tailgate tailgate) {
        /** Checks the ranges. */
        public Bed {
            Require.within("bed length at the rail", railLengthMm, VehicleLimits.DECK_LENGTH);
            Require.within("bed width at the rail", railWidthMm, VehicleLimits.DECK_WIDTH);
            Require.within("rail height", railHeightMm, VehicleLimits.WALL_HEIGHT);
        }

        /** {@return this bed with another floor} */
        public Bed withFloor(Deck other) {
            return new Bed(other, railLengthMm, railWidthMm, railHeightMm, wells, tailgate);
        }

        /** {@return this bed longer at the rail} */
        public Bed withRailLength(double otherMm) {
            return new Bed(floor, otherMm, railWidthMm, railHeightMm, wells, tailgate);
        }

        /** {@return this bed wider at the rail} */
        public Bed withRailWidth(double otherMm) {
            return new Bed(floor, railLengthMm, otherMm, railHeightMm, wells, tailgate);
        }

        /** {@return this bed with higher rails} */
        public Bed withRailHeight(double otherMm) {
            return new Bed(floor, railLengthMm, railWidthMm, otherMm, wells, tailgate);
        }

        /** {@return this bed with other wheel wells} */
        public Bed withWells(Wells other) {
            return new Bed(floor, railLengthMm, railWidthMm, railHeightMm, other, tailgate);
        }

        /** {@return this bed with another tailgate} */
        public Bed withTailgate(Tailgate other) {
            return new Bed(floor, railLengthMm, railWidthMm, railHeightMm, wells, other);
        }
    }

    /**
     * The wheel wells, one on each side.
     *
     * @param betweenMm width between them (mm)
     * @param fromMm where they begin behind the bed's front (mm)
     * @param lengthMm length (mm)
     * @param heightMm height above the floor (mm)
     */
    public record Wells(double betweenMm, double fromMm, double lengthMm, double heightMm) {
        /** Checks the ranges. */
        public Wells {
            Require.within("between the wheel wells", betweenMm, VehicleLimits.DECK_WIDTH);
            Require.within("wheel wells from", fromMm, VehicleLimits.PLACE_ON_DECK);
            Require.within("wheel well length", lengthMm, VehicleLimits.WELL_LENGTH);
            Require.within("wheel well height", heightMm, VehicleLimits.WALL_HEIGHT);
        }

        /** {@return wells farther apart or nearer} */
        public Wells withBetween(double otherMm) {
            return new Wells(otherMm, fromMm, lengthMm, heightMm);
        }

        /** {@return wells elsewhere} */
        public Wells withFrom(double otherMm) {
            return new Wells(betweenMm, otherMm, lengthMm, heightMm);
        }

        /** {@return wells longer or shorter} */
        public Wells withLength(double otherMm) {
            return new Wells(betweenMm, fromMm, otherMm, heightMm);
        }

        /** {@return wells higher or lower} */
        public Wells withHeight(double otherMm) {
            return new Wells(betweenMm, fromMm, lengthMm, otherMm);
        }
    }

    /**
     * The tailgate.
     *
     * @param position how it is planned to be
     * @param heightMm its height when up, its length when down (mm)
     */
    public record Tailgate(Position position, double heightMm) {
        /** How a tailgate is planned to be. */
        public enum Position {
            /** Shut. */
            UP,
            /** Open, level with the floor. */
            DOWN,
            /** Taken off. */
            OFF
        }

        /** Checks the range. */
        public Tailgate {
            Require.within("tailgate height", heightMm, VehicleLimits.WALL_HEIGHT);
        }
    }

    @Override
    public Vehicle.Kind kind() {
        return Vehicle.Kind.PICKUP;
    }

    @Override
    public Deck deck() {
        return bed.floor();
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
        solids.add(driver.solid(-deck().heightMm()));
        Wells wells = bed.wells();
        double half = deck().widthMm() / 2;
        solids.add(
                new Solid(
                        "wheel well",
                        Solid.Kind.WHEEL_WELL,
                        new Stretch(wells.fromMm(), wells.fromMm() + wells.lengthMm()),
                        new Stretch(wells.betweenMm() / 2, Math.max(half, wells.betweenMm() / 2)),
                        new Stretch(0, wells.heightMm()),
                        true));
        double inner = Math.min(half, bed.railWidthMm() / 2);
        solids.add(
                new Solid(
                        "bed wall",
                        Solid.Kind.BED_WALL,
                        new Stretch(0, bed.railLengthMm()),
                        new Stretch(inner, half + WALL_MM),
                        new Stretch(0, bed.railHeightMm()),
                        true));
        tailgate().ifPresent(solids::add);
        solids.addAll(measuredSolids);
        return List.copyOf(solids);
    }

    private Optional<Solid> tailgate() {
        Tailgate gate = bed.tailgate();
        double end = deck().lengthMm();
        double half = deck().widthMm() / 2;
        Stretch across = new Stretch(-half, half);
        return switch (gate.position()) {
            case UP ->
                    Optional.of(
                            new Solid(
                                    "tailgate, up",
                                    Solid.Kind.TAILGATE,
                                    new Stretch(end, end + WALL_MM),
                                    across,
                                    new Stretch(0, gate.heightMm()),
                                    false));
            case DOWN ->
                    Optional.of(
                            new Solid(
                                    "tailgate, down",
                                    Solid.Kind.TAILGATE,
                                    new Stretch(end, end + gate.heightMm()),
                                    across,
                                    new Stretch(-WALL_MM, 0),
                                    false));
            case OFF -> Optional.empty();
        };
    }

    @Override
    public Pickup withDeck(Deck other) {
        return withBed(bed.withFloor(other));
    }

    @Override
    public Pickup withGear(RunningGear other) {
        return new Pickup(bed, driver, other, payloadKg, steel, measuredSolids);
    }

    @Override
    public Pickup withSteel(Steel other) {
        return new Pickup(bed, driver, gear, payloadKg, other, measuredSolids);
    }

    @Override
    public Pickup withMeasuredSolids(List<Solid> other) {
        return new Pickup(bed, driver, gear, payloadKg, steel, other);
    }

    /** {@return this pickup with another bed} */
    public Pickup withBed(Bed other) {
        return new Pickup(other, driver, gear, payloadKg, steel, measuredSolids);
    }

    /** {@return this pickup with its tailgate taken off} */
    public Pickup withoutTailgate() {
        double height = bed.tailgate().heightMm();
        return withBed(bed.withTailgate(new Tailgate(Tailgate.Position.OFF, height)));
    }

    /** {@return this pickup with another cab} */
    public Pickup withCab(Cab other) {
        return new Pickup(bed, other, gear, payloadKg, steel, measuredSolids);
    }

    /** {@return this pickup with another payload} */
    public Pickup withPayload(double otherKg) {
        return new Pickup(bed, driver, gear, otherKg, steel, measuredSolids);
    }
}
