package pteron.core.weighing;

/** A scale under a wheel or the coupler. Readings scatter; now and then one is far off. */
public interface WheelScale {

    /** {@return the next reading of the scale at a place (kg)} */
    double read(ScalePlace place);

    /** {@return what the device calls itself; says so where it is simulated} */
    String name();
}
