package pteron.core.inside;

import pteron.core.geometry.Bounds2;

/** Places along the room at which the standing height is told. */
final class StandingPlaces {

    /** How many there are. */
    static final int COUNT = 9;

    private StandingPlaces() {}

    /** {@return the middle of one of the equal parts of the room (mm from the front)} */
    static double at(Bounds2 room, int index) {
        return room.fromU() + room.width() * (index + 0.5) / COUNT;
    }
}
