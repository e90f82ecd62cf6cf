package pteron.app.route;

import java.util.Optional;
import pteron.core.cutting.BarCutting;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.figure.Verdict;
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

    /** {@return how it stands: by its margin or its most serious finding, whichever is worse} */
    public Verdict verdict() {
        return Verdict.of(margin, worst);
    }

    /** {@return whether anything is held against anything there} */
    public boolean isJudged() {
        return margin > 0 || worst.filter(found -> found != Severity.NOTE).isPresent();
    }

    /** {@return the summary of a station} */
    public static StationSummary of(Station station, BoxModel model, BarCutting cutting) {
        return new StationSummary(
                ScreenRoute.of(station).telling().of(model, cutting),
                model.margin(station),
                model.findings(station).stream().map(Finding::severity).findFirst());
    }
}
