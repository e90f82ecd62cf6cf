package pteron.app.route;

import java.util.Optional;
import pteron.core.cutting.BarCutting;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.model.BoxModel;
import pteron.core.station.Station;

/**
 * What the route tells of a station. Immutable.
 *
 * @param telling the one telling figure in words
 * @param margin worst demand over capacity, 0 where nothing is held against anything
 * @param worst the most serious finding there, empty when there is none
 */
public record StationSummary(String telling, double margin, Optional<Severity> worst) {

    /** {@return the summary of a station} */
    public static StationSummary of(Station station, BoxModel model, BarCutting cutting) {
        return new StationSummary(
                ScreenRoute.of(station).telling().of(model, cutting),
                model.margin(station),
                model.findings(station).stream().map(Finding::severity).findFirst());
    }
}
