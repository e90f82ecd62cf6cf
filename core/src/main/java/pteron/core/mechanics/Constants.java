package pteron.core.mechanics;

/** Constants of one meaning that several sums share. */
public final class Constants {

    /** Acceleration of gravity (m/s²): ISO 80000-3. */
    public static final double GRAVITY = 9.80665;

    /** Span over the sag that is not felt as soft; common practice. */
    public static final double SPAN_OVER_SAG = 200;

    private Constants() {}
}
