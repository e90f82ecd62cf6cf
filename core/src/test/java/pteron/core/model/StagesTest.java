package pteron.core.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.figure.Figure;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.stage.Result;
import pteron.core.stage.Stage;
import pteron.core.station.Station;

/** Every station is registered once, in its order, with stages that tell its own figures. */
class StagesTest {

    @Test
    void everyStation_isRegisteredOnce_inTheOrderOfTheWork() {
        assertThat(Stages.BY_STATION)
                .extracting(Stages.OfStation::station)
                .containsExactly(Station.values());
        assertThat(Stages.BY_STATION)
                .filteredOn(one -> one.station() != Station.CUTTING)
                .allSatisfy(one -> assertThat(one.stages()).isNotEmpty());
        assertThat(Stages.ALL).extracting(Stage::kind).doesNotHaveDuplicates();
    }

    @Test
    void aStage_tellsFiguresOfItsOwnStation() {
        int told = 0;
        for (OutlineStart start : OutlineStart.values()) {
            BoxModel model = BoxModel.of(StartingPlans.of(start), MaterialLibrary.starting());
            for (Stages.OfStation one : Stages.BY_STATION) {
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
