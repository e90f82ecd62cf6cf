package pteron.app.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import pteron.app.cutting.CutPane;
import pteron.app.document.PlanDocument;
import pteron.app.side.FiguresPane;
import pteron.app.side.FindingsPane;
import pteron.app.side.InputsPane;
import pteron.app.side.MarginBar;
import pteron.app.side.WorkingPane;
import pteron.app.station.Workbench;
import pteron.app.style.Theme;
import pteron.core.cutting.CuttingStation;
import pteron.core.plan.StartingPlans;
import pteron.core.quantity.UnitSystem;
import pteron.core.sealing.SealingStation;

/** Parts of the window by themselves. */
class PartsTest {

    private final FxRobot robot = new FxRobot();
    private Workbench bench;

    @BeforeAll
    static void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @BeforeEach
    void open() {
        robot.interact(
                () ->
                        bench =
                                new Workbench(
                                        new PlanDocument(StartingPlans.square(), null),
                                        Theme.LIGHT));
    }

    @AfterEach
    void close() throws Exception {
        robot.interact(bench::close);
        FxToolkit.setupStage(Stage::hide);
    }

    private void show(Region part) throws Exception {
        FxToolkit.setupStage(
                stage -> {
                    stage.setScene(new Scene(part, 900, 600));
                    Theme.LIGHT.dress(stage.getScene());
                    stage.show();
                });
        WaitForAsyncUtils.waitForFxEvents();
    }

    private <T extends Region> T made(Supplier<T> maker) {
        SimpleObjectProperty<T> made = new SimpleObjectProperty<>();
        robot.interact(() -> made.set(maker.get()));
        return made.get();
    }

    @Test
    void marginBar_hasAWordForEveryState() {
        assertThat(MarginBar.word(0.5)).isEqualTo("OK");
        assertThat(MarginBar.word(0.9)).isEqualTo("near limit");
        assertThat(MarginBar.word(1.2)).isEqualTo("over limit");
        MarginBar bar = made(() -> new MarginBar(100, 10));
        robot.interact(() -> bar.set(1.2));
        assertThat(bar.getAccessibleText()).isEqualTo("120 %, over limit");
    }

    @Test
    void findings_showNothingWrong_thenWhatIsWrong() throws Exception {
        show(made(() -> new FindingsPane(bench)));
        assertThat(count()).startsWith("0 stop the job");
        robot.interact(
                () -> bench.document().edit(plan -> plan.withBox(plan.box().withOffset(900))));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(count()).doesNotStartWith("0 stop the job");
        WaitForAsyncUtils.waitFor(
                60,
                TimeUnit.SECONDS,
                () -> robot.lookup("#cure-COUPLER_SHARE_LOW").tryQuery().isPresent());
        Button cure = robot.lookup("#cure-COUPLER_SHARE_LOW").queryButton();
        assertThat(cure.getText()).startsWith("Move the box forward");
        robot.interact(cure::fire);
        assertThat(bench.document().model().balance().load().frontPercent()).isBetween(10.5, 11.5);
    }

    private String count() {
        return robot.lookup(".count").queryAs(Label.class).getText();
    }

    @Test
    void beam_paintsForEveryUnit_andAnEmptyCarrier() throws Exception {
        BeamPane beam = made(() -> new BeamPane(bench));
        show(beam);
        robot.interact(() -> bench.document().edit(plan -> plan.withUnits(UnitSystem.INCHES)));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(BeamPane.whole(1000, UnitSystem.METRIC)).isEqualTo("1\u2009000");
        assertThat(BeamPane.whole(1000, UnitSystem.INCHES)).isEqualTo("2\u2009205");
    }

    @Test
    void bars_standInTheCutPane() throws Exception {
        robot.interact(() -> bench.stationProperty().set(CuttingStation.CUTTING));
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> !bench.cutting().workingProperty().get());
        show(made(() -> new CutPane(bench)));
        // bars that are cut alike stand once, with their number
        int pieces =
                robot.lookup(".bar-row").queryAll().stream()
                        .mapToInt(
                                row -> (int) row.getUserData() * row.lookupAll(".cut-piece").size())
                        .sum();
        assertThat(pieces).isEqualTo(bench.document().model().members().size());
        assertThat(robot.lookup(".headline").queryAs(Label.class).getText())
                .contains("Softwood C24", "bars", "% waste");
    }

    @Test
    void working_followsTheEdits_andClosesItself() throws Exception {
        show(made(() -> new WorkingPane(bench)));
        robot.interact(() -> bench.workingProperty().set("carrier.payload"));
        assertThat(robot.lookup(".headline").queryAs(Label.class).getText())
                .endsWith("2\u2009060 kg");
        robot.interact(
                () ->
                        bench.document()
                                .edit(
                                        plan ->
                                                plan.withVehicle(
                                                        plan.vehicle()
                                                                .withGear(
                                                                        plan.vehicle()
                                                                                .gear()
                                                                                .withAxle(
                                                                                        0,
                                                                                        a ->
                                                                                                a
                                                                                                        .withEmpty(
                                                                                                                342.5))))));
        assertThat(robot.lookup(".headline").queryAs(Label.class).getText())
                .endsWith("2\u2009000 kg");
        robot.interact(() -> bench.workingProperty().set("no.such"));
        assertThat(robot.lookup("#working").queryAs(Region.class).isVisible()).isFalse();
    }

    @Test
    void figuresAndInputs_areThoseOfTheStation() throws Exception {
        show(made(() -> new FiguresPane(bench, new SimpleBooleanProperty(true))));
        robot.interact(() -> bench.stationProperty().set(SealingStation.SEALING));
        List<String> ids =
                robot.lookup(".figure-row").queryAll().stream().map(Node::getId).toList();
        assertThat(ids).hasSize(6).allMatch(id -> id.startsWith("figure-sealing."));
        Node row = robot.lookup(".figure-row").queryAll().iterator().next();
        robot.interact(() -> bench.edit(plan -> plan.withName("Renamed")));
        assertThat(row.getScene()).as("the same figures keep their rows").isNotNull();
        show(made(() -> new InputsPane(bench, new SimpleBooleanProperty(true))));
        assertThat(robot.lookup(".caution").queryAs(Label.class).getText()).contains("fumes");
        assertThat(robot.lookup(".field-row").queryAll()).hasSize(4);
    }
}
