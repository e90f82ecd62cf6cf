package pteron.core.field;

import pteron.core.station.Station;

/** Something of the plan that can be read and set: a number, a choice, or several lengths. */
public sealed interface Field permits NumberField, ChoiceField, LengthsField {

    /** {@return its stable key, {@code box.length}} */
    String key();

    /** {@return the station that it is shown at} */
    Station station();

    /** {@return what a builder calls it} */
    String name();
}
