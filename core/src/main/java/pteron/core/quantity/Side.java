package pteron.core.quantity;

import java.math.RoundingMode;

/** To which side a number is rounded when it is written. */
public enum Side {
    /** To the nearest. */
    NEAREST(RoundingMode.HALF_UP),
    /** Down: a greatest value that may be gone up to. */
    DOWN(RoundingMode.FLOOR),
    /** Up: a least value that is needed. */
    UP(RoundingMode.CEILING);

    private final RoundingMode mode;

    Side(RoundingMode mode) {
        this.mode = mode;
    }

    RoundingMode mode() {
        return mode;
    }
}
