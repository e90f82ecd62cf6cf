package pteron.exchange.plan;

/** A plan file that cannot be read, with a sentence for the builder. */
public final class PlanFormatException extends Exception {

    private static final long serialVersionUID = 1;

    private final String place;

    /**
     * A fault at a place.
     *
     * @param place path of the field, {@code box.widthMm}, or line and column
     * @param message what was found, what is expected, what to do
     */
    public PlanFormatException(String place, String message) {
        super(place.isEmpty() ? message : place + ": " + message);
        this.place = place;
    }

    /** {@return path of the field, or line and column} */
    public String place() {
        return place;
    }
}
