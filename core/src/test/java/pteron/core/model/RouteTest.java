package pteron.core.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.cutting.CuttingStation;
import pteron.core.figure.Figure;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.stage.Result;
import pteron.core.stage.Stage;
import pteron.core.station.Station;

/** Every station is registered once, in its order, with stages that tell its own figures. */
class RouteTest {

    @Test
    void everyStation_isRegisteredOnce_inTheOrderOfTheWork() {
        assertThat(Route.stations()).doesNotHaveDuplicates();
        assertThat(Route.stations()).extracting(Station::key).doesNotHaveDuplicates();
        assertThat(Route.STOPS)
                .filteredOn(one -> one.station() != CuttingStation.CUTTING)
                .allSatisfy(one -> assertThat(one.stages()).isNotEmpty());
        assertThat(Route.STAGES).extracting(Stage::kind).doesNotHaveDuplicates();
    }

    @Test
    void aStage_tellsFiguresOfItsOwnStation() {
        int told = 0;
        for (OutlineStart start : OutlineStart.values()) {
            BoxModel model = BoxModel.of(StartingPlans.of(start), MaterialLibrary.starting());
            for (Stop one : Route.STOPS) {
                for (Stage<?, ?> stage : one.stages()) {
                    List<Figure> figures =
                            model.find(stage.kind()).map(Result::figures).orElse(List.of());
                    told += figures.size();
                    assertThat(figures)
                            .as("%s of %s", stage.kind().getSimpleName(), one.station())
                            .allMatch(figure -> one.station().has(figure.key()));
                }
            }
        }
        assertThat(told).isGreaterThan(500);
    }
}
