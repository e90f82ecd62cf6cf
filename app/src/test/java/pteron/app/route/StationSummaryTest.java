package pteron.app.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import pteron.core.carrier.CarrierStation;
import pteron.core.cutting.BarCutting;
import pteron.core.figure.Severity;
import pteron.core.frame.FrameStation;
import pteron.core.makeup.MakeUpStation;
import pteron.core.material.MaterialLibrary;
import pteron.core.mechanics.Check;
import pteron.core.model.BoxModel;
import pteron.core.model.Route;
import pteron.core.opening.OpeningStation;
import pteron.core.outline.OutlineStation;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.UnitSystem;
import pteron.core.sealing.SealingStation;
import pteron.core.skin.SkinStation;
import pteron.core.station.Station;
import pteron.core.strength.Strength;

class StationSummaryTest {

    private static BoxModel model(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting());
    }

    private static StationSummary summary(Station station, BoxPlan plan) {
        return StationSummary.of(station, model(plan), BarCutting.NONE);
    }

    static List<Station> stations() {
        return Route.stations();
    }

    @ParameterizedTest
    @MethodSource("stations")
    void everyStation_tellsSomething_evenWhenNothingCanBeBuilt(Station station) {
        BoxPlan plan = StartingPlans.square();
        assertThat(summary(station, plan).telling()).isNotBlank();
        List<OutlinePoint> open =
                List.of(
                        new OutlinePoint(0, 0),
                        new OutlinePoint(0, 2000),
                        new OutlinePoint(4000, 900));
        BoxPlan broken = plan.withBox(plan.box().withOutline(open));
        assertThat(summary(station, broken).telling()).isNotBlank();
    }

    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void whatIsNotSetOut_saysSo(OutlineStart start) {
        BoxPlan plan = StartingPlans.of(start);
        boolean byAreas = model(plan).isWeighedByAreas();
        for (Station station :
                List.of(FrameStation.FRAME, SkinStation.SKINS, SealingStation.SEALING)) {
            assertThat(summary(station, plan).telling().equals("not detailed")).isEqualTo(byAreas);
        }
        assertThat(summary(OpeningStation.OPENINGS, plan).telling())
                .startsWith(String.valueOf(plan.openings().size()));
        assertThat(summary(CarrierStation.CARRIER, plan).telling()).endsWith("kg payload left");
        BoxPlan inches = plan.withUnits(UnitSystem.INCHES);
        assertThat(summary(CarrierStation.CARRIER, inches).telling()).endsWith("lb payload left");
        assertThat(summary(MakeUpStation.MAKE_UP, inches).telling()).startsWith("walls R");
    }

    @Test
    void margins_areDemandOverCapacity() {
        BoxPlan plan = StartingPlans.square();
        BoxModel model = model(plan);
        assertThat(summary(CarrierStation.CARRIER, plan).margin())
                .isCloseTo(
                        Math.max(
                                model.balance().massKg() / 2700,
                                Math.max(
                                        model.balance().load().frontKg() / 280,
                                        model.balance().load().rearKg() / 2600)),
                        within(1e-9));
        assertThat(summary(OutlineStation.OUTLINE, plan).margin())
                .isCloseTo(2740 / 4000.0, within(1e-9));
        double hardest =
                model.get(Strength.class).checks().stream()
                        .mapToDouble(Check::utilisation)
                        .max()
                        .orElseThrow();
        assertThat(summary(FrameStation.FRAME, plan).margin()).isEqualTo(hardest);
    }

    @Test
    void worst_isTheMostSeriousThere() {
        BoxPlan bad =
                StartingPlans.square()
                        .withOpening("door", o -> o.withPlace(new Opening.Place(4000, 0)));
        assertThat(summary(OpeningStation.OPENINGS, bad).worst()).contains(Severity.STOPS);
        assertThat(summary(SkinStation.SKINS, bad).worst()).isEmpty();
    }

    @Test
    void units_areTheBuilders() {
        BoxPlan inches = StartingPlans.square().withUnits(UnitSystem.INCHES);
        assertThat(summary(OutlineStation.OUTLINE, inches).telling()).isEqualTo("7′ 1 1⁄16″ high");
        assertThat(summary(CarrierStation.CARRIER, inches).telling()).endsWith("lb payload left");
    }

    @Test
    void stations_byKey_andTheirFigures() {
        for (Station station : Route.stations()) {
            assertThat(Route.station(station.key())).contains(station);
        }
        assertThat(Route.station("moon")).isEmpty();
        assertThat(FrameStation.FRAME.has("strength.stud.bending")).isTrue();
        assertThat(FrameStation.FRAME.has("skins.sheets")).isFalse();
        BoxModel model = model(StartingPlans.square());
        assertThat(model.figures())
                .allMatch(f -> Route.stations().stream().filter(s -> s.has(f.key())).count() == 1);
    }
}
