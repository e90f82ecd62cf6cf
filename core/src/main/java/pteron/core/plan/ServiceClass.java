package pteron.core.plan;

/** How damp wood becomes where it is built in. Source: EN 1995-1-1 2.3.1.3, from memory. */
public enum ServiceClass {
    /** Heated and dry all year, seldom above 65 % of relative humidity: class 1. */
    DRY(1),
    /** Behind a skin, not rained on, seldom above 85 %: class 2, the usual one of a box on the road. */
    COVERED(2),
    /** Rained on, or wet for longer: class 3. */
    EXPOSED(3);

    private final int number;

    ServiceClass(int number) {
        this.number = number;
    }

    /** {@return the number in the standard, 1 to 3} */
    public int number() {
        return number;
    }
}
