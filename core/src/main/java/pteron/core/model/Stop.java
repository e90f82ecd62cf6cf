package pteron.core.model;

import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import pteron.core.drawing.Layer;
import pteron.core.stage.Given;
import pteron.core.stage.Stage;
import pteron.core.station.Station;

/**
 * What a station works out and draws. Immutable.
 *
 * @param station the station
 * @param stages what it works out, in the order in which it tells its figures
 * @param layers what it lays over the views
 * @param margin worst demand over capacity, empty where its findings tell it
 */
public record Stop(
        Station station,
        List<Stage<?, ?>> stages,
        List<Layer> layers,
        Optional<ToDoubleFunction<Given>> margin) {

    /** Copies the lists. */
    public Stop {
        stages = List.copyOf(stages);
        layers = List.copyOf(layers);
    }

    /** {@return a stop with stages alone} */
    static Stop of(Station station, Stage<?, ?>... stages) {
        return new Stop(station, List.of(stages), List.of(), Optional.empty());
    }

    /** {@return this stop with what it lays over the views, the lowest first} */
    Stop draws(Layer... over) {
        return new Stop(station, stages, List.of(over), margin);
    }

    /** {@return this stop with how near it is to its limits} */
    Stop margin(ToDoubleFunction<Given> worst) {
        return new Stop(station, stages, layers, Optional.of(worst));
    }
}
