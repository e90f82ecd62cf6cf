package pteron.core.warmth;

import java.util.List;
import java.util.function.Supplier;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.makeup.MakeUpStation;
import pteron.core.outline.OutlineStation;
import pteron.core.plan.Climate;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;

/** Figures of the air after a night with people. */
final class NightFigures {

    private NightFigures() {}

    static List<Figure> of(NightAir night, Climate climate, double roomM3) {
        Supplier<Working> working = () -> working(climate, roomM3);
        return List.of(
                Figure.of(
                        MakeUpStation.MAKE_UP.figure("night-humidity"),
                        "Humidity after the night",
                        new Quantity(night.humidityPercent(), Unit.PERCENT),
                        working),
                Figure.of(
                        MakeUpStation.MAKE_UP.figure("night-dew-point"),
                        "Dew point after the night",
                        new Quantity(night.dewPoint(), Unit.CELSIUS),
                        working));
    }

    private static Working working(Climate climate, double roomM3) {
        return Working.of("v = ve + G / (n V) · (1 − exp(−n t))")
                .plan("n", "air changes in an hour", Quantity.ratio(climate.airChangesPerHour()))
                .worked(
                        "V",
                        "room inside",
                        new Quantity(roomM3, Unit.CUBIC_METRE),
                        OutlineStation.OUTLINE.figure("inside-volume"))
                .plan("t", "hours", new Quantity(climate.hours(), Unit.HOUR))
                .plan("people", "each gives off 40 g/h", Quantity.ratio(climate.people()))
                .source(
                        "balance of vapour, ISO 13788 chapter 4; 40 g/h is common practice; walls that take up vapour left out");
    }
}
